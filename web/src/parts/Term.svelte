<script lang="ts">
  import Popover from 'flowbite-svelte/Popover.svelte';
  import TermDrawing from '../drawing/TermDrawing.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';

  /** A word of the craft that explains itself where it stands; written otherwise where the sentence asks for it. */
  let { word, label = word }: { word: string; label?: string } = $props();
  const id = $props.id();
  const term = $derived(vocabulary.term(word));
  let open = $state(false);
</script>

{#if term}
  <!-- A row of its own, or the library's part would put a space before the comma that follows. -->
  <span class="inline-flex items-baseline">
    <button id="term-{id}" type="button" class="term" aria-expanded={open} aria-label="{label}: what it means"
      >{label}</button
    >
    <Popover
      bind:isOpen={open}
      triggeredBy="#term-{id}"
      trigger="click"
      placement="bottom"
      arrow={false}
      class="border-rule-strong bg-paper text-ink text-small z-40 w-72 border p-3 text-left font-sans leading-snug font-normal shadow-lg"
      classes={{ content: 'p-0' }}
    >
      <TermDrawing word={term.word} />
      <strong>{term.word}</strong>: {preferences.said(term.says)}
    </Popover>
  </span>
{:else}
  {label}
{/if}
