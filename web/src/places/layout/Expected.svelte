<script lang="ts">
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { editing } from '../../state/editing.svelte';

  /** The forecast in one line: it follows wherever things are laid. */
  const expected = $derived(editing.answer?.expected);
  const counts = $derived(expected?.twenty ?? []);
  const marks = $derived([
    ...Array.from({ length: counts[0] ?? 0 }, () => 'UNDER' as const),
    ...Array.from({ length: counts[1] ?? 0 }, () => 'CLEAN' as const),
    ...Array.from({ length: counts[2] ?? 0 }, () => 'OVER' as const),
  ]);
</script>

{#if expected}
  <p class="flex flex-wrap items-center gap-x-3 {editing.asking ? 'opacity-60' : ''}" data-testid="expected">
    <span>Of twenty pulls like this, {counts[1]} clean, {counts[2]} over, {counts[0]} under</span>
    <span class="flex gap-[3px]" aria-hidden="true">
      {#each marks as mark, i (i)}<OutcomeMark outcome={mark} size={13} />{/each}
    </span>
  </p>
{:else}
  <p class="text-soft">Drag a design on either drawing, or nudge it with the arrows; the other follows.</p>
{/if}
