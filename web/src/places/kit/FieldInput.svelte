<script lang="ts">
  import Tick from '../../parts/Tick.svelte';
  import Pick from '../../parts/Pick.svelte';
  import NumberField from '../../parts/NumberField.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { kit } from '../../state/kit.svelte';
  import type { Field } from './fields';

  interface Props {
    field: Field;
    name: string;
    value: unknown;
    error: string;
    onvalue: (value: unknown) => void;
  }
  let { field, name, value, error, onvalue }: Props = $props();
  const id = $props.id();
  const options = $derived(
    field.input === 'FILM'
      ? [
          { key: '', label: 'choose…' },
          ...kit.inUse('films').map((film) => ({ key: film.id, label: film.name })),
        ]
      : field.options,
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
{:else}
  <div>
    {#if field.input === 'CHOICE' || field.input === 'FILM'}
      <Pick
        {id}
        {name}
        label={field.label}
        value={value as string}
        items={options.map((option) => ({ id: option.key, name: option.label }))}
        onchoose={onvalue}
      />
    {:else}
      <label for={id} class="label block">{field.label}</label>
      <input
        {id}
        {name}
        class={field.input === 'COLOUR' ? 'h-10 w-full p-1' : 'w-full px-2 py-1.5'}
        type={field.input === 'COLOUR' ? 'color' : 'text'}
        value={value as string}
        aria-invalid={error ? 'true' : undefined}
        aria-describedby={error ? `${id}-wrong` : undefined}
        oninput={(e) => onvalue(e.currentTarget.value)}
      />
    {/if}
    {#if error}<p id="{id}-wrong" class="text-ochre mt-1 text-[14px]">{error}.</p>{/if}
  </div>
{/if}
