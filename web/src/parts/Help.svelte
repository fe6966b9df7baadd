<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';
  import TermDrawing from '../drawing/TermDrawing.svelte';
  import Button from './Button.svelte';
  import Fold from './Fold.svelte';
  import TextField from './TextField.svelte';

  /** Keys and the craft's words; opens at a word if one is asked for. */
  let { open = $bindable(false), word = '' }: { open: boolean; word?: string } = $props();
  let wanted = $state('');

  const KEYS = [
    ['Ctrl + K', 'search set-ups, jobs, pulls, things, words and actions'],
    ['1 – 9', 'go to a place; in Drills, an answer'],
    ['N', 'new set-up'],
    ['Up, Down', 'choose a layer on the Stack'],
    ['Alt + Up, Down', 'move the chosen layer'],
    ['F', 'turn the chosen layer over'],
    ['Delete', 'remove the chosen layer or plate'],
    ['Arrows', 'nudge the chosen plate on the Layout; with Alt finer'],
    ['R', 'turn the chosen plate a quarter on the Layout'],
    ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo on Layout and Stack'],
    ['Space', 'next step in a run'],
    ['L', 'log the pull'],
    ['S', 'log a pull of a batch like the last'],
    ['Enter, Backspace, S', 'next, undo and “I am sure” in Drills'],
    ['?', 'this page'],
  ];

  const found = $derived.by(() => {
    const letters = wanted.trim().toLowerCase();
    return vocabulary.terms.filter(
      (t) => t.word.startsWith(letters) || (letters.length > 2 && t.says.toLowerCase().includes(letters)),
    );
  });

  $effect(() => {
    if (open) wanted = word;
  });
</script>

<Modal bind:open title="Help" size="md">
  <div class="text-ink">
    <TextField
      label="Find a word of the craft"
      name="word"
      value={wanted}
      oninput={(text) => (wanted = text)}
    />
    <!-- The list scrolls: it must be reached by keyboard. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <dl
      class="border-rule mt-3 max-h-[45vh] overflow-y-auto border-y py-2"
      tabindex="0"
      aria-label="Glossary"
    >
      {#each found as term (term.word)}
        <div class="py-1.5">
          <dt class="inline font-bold">{term.word}:</dt>
          <dd class="inline">{preferences.said(term.says)}<TermDrawing word={term.word} /></dd>
        </div>
      {:else}
        <p class="text-soft">No word with these letters.</p>
      {/each}
    </dl>
    {#if preferences.now.notesRead.length > 0}
      <Button kind="quiet" class="mt-3 -ml-2" onclick={() => preferences.change({ notesRead: [] })}
        >Show the notes for newcomers again</Button
      >
    {/if}
    <Fold class="mt-3" title="Keys">
      <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {#each KEYS as [key, does] (key)}
          <dt class="font-bold">{key}</dt>
          <dd>{does}</dd>
        {/each}
      </dl>
    </Fold>
  </div>
</Modal>
