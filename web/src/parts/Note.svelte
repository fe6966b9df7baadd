<script lang="ts">
  import { preferences } from '../state/preferences.svelte';
  import Button from './Button.svelte';
  import { isNext, NOTES, type NoteName } from './notes';

  /** A short note beside what it speaks of, for somebody who is here for the first time; gone for good once it is read. */
  let { name, class: extra = 'my-2' }: { name: NoteName; class?: string } = $props();
  const read = $derived(preferences.now.notesRead);

  function put(...more: string[]) {
    void preferences.change({ notesRead: [...read, ...more] });
  }
</script>

{#if isNext(name, read)}
  <div
    class="bg-verdigris-wash border-verdigris text-small text-ink flex flex-wrap items-center gap-x-3 border-l-4 px-3 py-1.5 text-left font-sans font-normal print:hidden {extra}"
    role="note"
    aria-label="Note for newcomers"
  >
    <p class="min-w-0 flex-1 basis-[180px]">{NOTES[name]}</p>
    <span class="flex">
      <Button kind="quiet" class="min-h-8" onclick={() => put(name)}>Got it</Button>
      <Button kind="quiet" class="min-h-8 font-normal" onclick={() => put('every')}>No more notes</Button>
    </span>
  </div>
{/if}
