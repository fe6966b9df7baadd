<script lang="ts">
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { marks, sentence } from '../../drawing/twenty';
  import { editing } from '../../state/editing.svelte';
  import { routes } from '../../state/routes.svelte';

  /** The forecast in one line: it follows wherever things are laid. */
  const expected = $derived(editing.answer?.expected);
</script>

{#if expected}
  <p class="flex flex-wrap items-center gap-x-3 {editing.asking ? 'opacity-60' : ''}" data-testid="expected">
    <span>{sentence(expected.twenty, routes.of(editing.draft?.route))}</span>
    <span class="flex gap-[3px]" aria-hidden="true">
      {#each marks(expected.twenty) as mark, i (i)}<OutcomeMark outcome={mark} size={13} />{/each}
    </span>
  </p>
{:else}
  <p class="text-soft">Drag a design on either drawing, or nudge it with the arrows; the other follows.</p>
{/if}
