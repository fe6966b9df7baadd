<script lang="ts">
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
</script>

{#if field.kind === 'LENGTH' || field.kind === 'WEIGHT'}
  <QuantityField kind={field.kind} label={field.label} {name} value={value as number} {error} {onvalue} />
{:else if field.kind === 'flag'}
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
    <label for={id} class="label block"
      >{field.label}{'unit' in field && field.unit ? `, ${field.unit}` : ''}</label
    >
    {#if field.kind === 'choice'}
      <select
        {id}
        {name}
        class="w-full py-1.5 pr-8 pl-2"
        value={value as string}
        onchange={(e) => onvalue(e.currentTarget.value)}
      >
        {#each field.options as [option, word] (option)}<option value={option}>{word}</option>{/each}
      </select>
    {:else if field.kind === 'film'}
      <select
        {id}
        {name}
        class="w-full py-1.5 pr-8 pl-2"
        value={value as string}
        onchange={(e) => onvalue(e.currentTarget.value)}
      >
        <option value="">choose…</option>
        {#each kit.inUse('films') as film (film.id)}<option value={film.id}>{film.name}</option>{/each}
      </select>
    {:else if field.kind === 'colour'}
      <input
        {id}
        {name}
        type="color"
        class="h-10 w-full p-1"
        value={value as string}
        onchange={(e) => onvalue(e.currentTarget.value)}
      />
    {:else}
      <input
        {id}
        {name}
        class="w-full px-2 py-1.5"
        type={field.kind === 'number' ? 'number' : 'text'}
        step="any"
        value={value as string}
        aria-invalid={error ? 'true' : undefined}
        aria-describedby={error ? `${id}-wrong` : undefined}
        oninput={(e) =>
          onvalue(field.kind === 'number' ? e.currentTarget.valueAsNumber || 0 : e.currentTarget.value)}
      />
    {/if}
    {#if error}<p id="{id}-wrong" class="text-ochre mt-1 text-[14px]">{error}.</p>{/if}
  </div>
{/if}
