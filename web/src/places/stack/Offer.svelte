<script lang="ts">
  import type { Proposal } from '../../api/client';
  import { duration } from '../../parts/format';
  import { editing } from '../../state/editing.svelte';
  import OfTwenty from './OfTwenty.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** One proposal: its chance, what it changes and why, and a way to take it. */
  let { offer, tag = '' }: { offer: Proposal; tag?: string } = $props();
  const now = $derived(editing.answer?.expected?.twenty.clean);
  const title = $derived(offer.changes.map((c) => preferences.said(c.change)).join('; ') || 'As it is');
</script>

<li class="border-rule grid grid-cols-[64px_1fr_auto] items-center gap-3 border-t py-2">
  <OfTwenty clean={offer.expected.twenty.clean} />
  <div class="min-w-0">
    {#if tag}<span class="text-soft text-tiny block">{tag}</span>{/if}
    <strong class="leading-snug">{title}</strong>
    <span class="text-soft text-fine block"
      >{now === undefined ? '' : `Now ${now} of 20. `}{preferences.said(offer.why)} · {duration(
        offer.seconds,
      )} in all</span
    >
  </div>
  <Button aria-label="Use: {title}" onclick={() => editing.change(offer.draft)}>Use</Button>
</li>
