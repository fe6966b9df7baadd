<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { kit } from '../../state/kit.svelte';

  /** Foam, an envelope or an offcut, from above. */
  interface Props {
    shelf: 'foams' | 'envelopes' | 'offcuts';
    item: Schemas['Offcut'] | Schemas['FoamSheet'] | Schemas['Envelope'];
    scale: number;
  }
  let { shelf, item, scale }: Props = $props();
  const w = $derived(item.widthMm * scale);
  const h = $derived(item.heightMm * scale);
  const outline = $derived(('outline' in item && item.outline) || `M0 0H${item.widthMm}V${item.heightMm}H0Z`);
  const fill = $derived(
    'stockId' in item
      ? (kit.all.stocks.find((k) => k.item.id === item.stockId)?.item.colour ?? 'var(--paper)')
      : shelf === 'foams'
        ? 'var(--fill-card)'
        : 'var(--paper)',
  );
</script>

<svg width={w + 2} height={h + 2} viewBox="-1 -1 {w + 2} {h + 2}" aria-hidden="true" class="shrink-0">
  <path
    d={outline}
    transform="matrix({scale} 0 0 {-scale} 0 {h})"
    {fill}
    stroke="var(--rule-strong)"
    stroke-width="0.8"
    vector-effect="non-scaling-stroke"
  />
  {#if shelf === 'envelopes'}
    <path d="M0 0L{w / 2} {h * 0.55}L{w} 0" fill="none" stroke="var(--rule-strong)" />
  {/if}
</svg>
