<script lang="ts">
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
  <label class="flex items-center gap-2 self-end py-1.5">
    <input
      type="checkbox"
      class="size-5"
      {name}
      checked={value === true}
      onchange={(e) => onvalue(e.currentTarget.checked)}
    />
    {field.label}
  </label>
{:else}
  <div>
    <label for={id} class="label block">{field.label}</label>
    {#if field.input === 'CHOICE' || field.input === 'FILM'}
      <select
        {id}
        {name}
        class="w-full py-1.5 pr-8 pl-2"
        value={value as string}
        onchange={(e) => onvalue(e.currentTarget.value)}
      >
        {#each options as option (option.key)}<option value={option.key}>{option.label}</option>{/each}
      </select>
    {:else}
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
