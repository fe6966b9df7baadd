<script lang="ts">
  import Popover from 'flowbite-svelte/Popover.svelte';
  import type { Snippet } from 'svelte';
  import { preferences } from '../state/preferences.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';

  /** A word of the craft that explains itself where it stands. */
  let { word, children }: { word: string; children?: Snippet } = $props();
  const id = $props.id();
  const term = $derived(vocabulary.term(word));
</script>

{#if term}
  <button id="term-{id}" type="button" class="term" aria-expanded="false" aria-label="{word}: what it means">
    {#if children}{@render children()}{:else}{word}{/if}
  </button>
  <Popover
    triggeredBy="#term-{id}"
    trigger="click"
    placement="bottom"
    arrow={false}
    class="border-rule-strong bg-paper text-ink text-small z-40 w-72 border p-3 text-left font-sans leading-snug font-normal shadow-lg"
    classes={{ content: 'p-0' }}
  >
    <strong>{term.word}</strong>: {preferences.said(term.says)}
  </Popover>
{:else if children}
  {@render children()}
{:else}
  {word}
{/if}
