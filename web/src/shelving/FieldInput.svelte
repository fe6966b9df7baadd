<script lang="ts">
  import TextField from '../parts/TextField.svelte';
  import Tick from '../parts/Tick.svelte';
  import Pick from '../parts/Pick.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { kit } from '../state/kit.svelte';
  import type { Field } from './fields';

  interface Props {
    field: Field;
    name: string;
    value: unknown;
    error: string;
    onvalue: (value: unknown) => void;
  }
  let { field, name, value, error, onvalue }: Props = $props();
  const own = (shelf: 'films' | 'stocks') => [
    { key: '', label: 'choose…' },
    ...kit.inUse(shelf).map((thing) => ({ key: thing.id, label: thing.name })),
  ];
  const options = $derived(
    field.input === 'FILM' ? own('films') : field.input === 'STOCK' ? own('stocks') : field.options,
  );
</script>

{#if field.input === 'LENGTH' || field.input === 'WEIGHT'}
  <QuantityField kind={field.input} label={field.label} {name} value={value as number} {error} {onvalue} />
{:else if field.input === 'NUMBER'}
  <NumberField label={field.label} unit={field.unit} {name} value={value as number} {error} {onvalue} />
{:else if field.input === 'FLAG'}
  <div class="self-end py-1.5">
    <Tick {name} checked={value === true} ontick={onvalue}>{field.label}</Tick>
  </div>
{:else if field.input === 'CHOICE' || field.input === 'FILM' || field.input === 'STOCK'}
  <div>
    <Pick
      {name}
      label={field.label}
      value={value as string}
      items={options.map((option) => ({ id: option.key, name: option.label }))}
      onchoose={onvalue}
    />
    {#if error}<p class="text-ochre text-fine mt-1">{error}.</p>{/if}
  </div>
{:else}
  <TextField
    label={field.label}
    {name}
    type={field.input === 'COLOUR' ? 'color' : 'text'}
    value={value as string}
    wrong={error && `${error}.`}
    oninput={onvalue}
  />
{/if}
