<script lang="ts">
  import { kit } from '../state/kit.svelte';
  import { outlines } from '../state/outlines.svelte';

  /** A panel of gel: white when wet, clear when dry, the stock showing through. Dashed once it looks clear. */
  interface Props {
    dryness: number;
    clear: boolean;
    stock: string;
    stencilId?: string;
  }
  let { dryness, clear, stock, stencilId }: Props = $props();
  const WIDTH = 72;
  const HEIGHT = 92;
  const MARGIN = 6;

  const stencil = $derived(kit.inUse('plates').find((p) => p.id === stencilId));
  const path = $derived(stencil ? outlines.of(stencil.id) : '');
  const scale = $derived(
    stencil ? Math.min((WIDTH - 2 * MARGIN) / stencil.widthMm, (HEIGHT - 2 * MARGIN) / stencil.heightMm) : 1,
  );
  // Outlines are in mm, y upwards.
  const placed = $derived(
    stencil
      ? `translate(${(WIDTH - stencil.widthMm * scale) / 2} ${(HEIGHT + stencil.heightMm * scale) / 2}) scale(${scale} ${-scale})`
      : '',
  );
  $effect(() => {
    if (stencil) outlines.want([stencil.id]);
  });
</script>

<svg width={WIDTH} height={HEIGHT} viewBox="0 0 {WIDTH} {HEIGHT}" aria-hidden="true" class="shrink-0">
  <rect x="1" y="1" width={WIDTH - 2} height={HEIGHT - 2} fill={stock} stroke="var(--rule-strong)" />
  <path
    d={path || `M${MARGIN} ${MARGIN}H${WIDTH - MARGIN}V${HEIGHT - MARGIN}H${MARGIN}Z`}
    transform={path ? placed : undefined}
    fill="#ffffff"
    fill-opacity={Math.max(0.12, 1 - dryness)}
    fill-rule="evenodd"
    stroke="var(--soft)"
    stroke-width={clear ? 1.4 : 0.8}
    stroke-dasharray={clear ? '3 2' : undefined}
    vector-effect="non-scaling-stroke"
  />
</svg>
