<script lang="ts">
  import { fillOf, hatch, type Item, type LayerKind } from '../../drawing/materials';
  import { preferences } from '../../state/preferences.svelte';

  /** The edge of a thing, ten times its size, with the bow it has. */
  let { kind, item }: { kind: LayerKind; item: Item & { bowMm?: number } } = $props();
  const TIMES = 3.8;
  const height = $derived(Math.max(1, item.thicknessMm * TIMES));
  const bow = $derived(Math.min(18, Math.abs(item.bowMm ?? 0) * 2.2));
  const look = $derived(hatch(kind, item));
  const fill = $derived(fillOf(kind, item));
  const path = $derived(`M0 ${bow}Q60 ${-bow} 120 ${bow}v${height}Q60 ${height - bow} 0 ${bow + height}z`);
</script>

<figure class="m-0">
  <svg
    width="122"
    height={Math.max(14, height + bow + 4)}
    viewBox="-1 -1 122 {Math.max(14, height + bow + 4)}"
    aria-hidden="true"
  >
    <path d={path} {fill} stroke="var(--rule-strong)" stroke-width="0.8" />
    {#if look !== 'stock' && look !== 'foil'}<path d={path} fill="url(#hatch-{look})" />{/if}
  </svg>
  <figcaption class="text-small">{preferences.length(item.thicknessMm)}</figcaption>
</figure>
