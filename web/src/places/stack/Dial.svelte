<script lang="ts">
  import type { Snippet } from 'svelte';
  import Term from '../../parts/Term.svelte';
  import Button from '../../parts/Button.svelte';

  /** One thing to set: its name, where it stands, and a way on; with two buttons where it has two ways. */
  interface Props {
    label: string;
    /** The word of the craft it stands for, where that is another. */
    term?: string;
    value?: string;
    unit?: string;
    less?: string;
    more?: string;
    onless?: () => void;
    onmore: () => void;
    children?: Snippet;
  }
  let {
    label,
    term,
    value = '',
    unit = '',
    less = '',
    more = 'change',
    onless,
    onmore,
    children,
  }: Props = $props();
</script>

<div class="px-3 py-2" role="group" aria-label={label}>
  <div class="flex items-start justify-between gap-1">
    <span class="label"><Term word={term ?? label.toLowerCase()} {label} /></span>
    <span class="-mt-1 -mr-2 flex">
      {#if onless}
        <Button kind="quiet" class="text-large min-h-8 min-w-8" aria-label="{label} {less}" onclick={onless}
          >−</Button
        >
        <Button kind="quiet" class="text-large min-h-8 min-w-8" aria-label="{label} {more}" onclick={onmore}
          >+</Button
        >
      {:else}
        <Button
          kind="quiet"
          class="text-fine min-h-8"
          aria-label="Change {label.toLowerCase()}"
          onclick={onmore}>change</Button
        >
      {/if}
    </span>
  </div>
  {#if children}
    {@render children()}
  {:else}
    <p class="figure text-large leading-tight" aria-live="polite">
      {value}{#if unit}<span class="text-soft text-fine ml-1 font-sans font-normal">{unit}</span>{/if}
    </p>
  {/if}
</div>
