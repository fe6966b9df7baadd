<script lang="ts">
  import { fillOf, hatch, type Item, type LayerKind } from './materials';

  /** A thing from above, to the scale given (px per mm), or fitted to a box. */
  interface Props {
    kind: LayerKind;
    item: Item;
    scale?: number;
    box?: number;
  }
  let { kind, item, scale, box = 60 }: Props = $props();
  const size = $derived(item as Item & { widthMm: number; heightMm: number; motif?: unknown });
  const LONGEST_MM = 230;
  const w = $derived(Math.min(size.widthMm, LONGEST_MM));
  const h = $derived(Math.min(size.heightMm, LONGEST_MM));
  const k = $derived(scale ?? box / Math.max(w, h));
  const look = $derived(hatch(kind, item));
  const fill = $derived(fillOf(kind, item));
</script>

<svg
  width={scale ? w * k : box}
  height={scale ? h * k : Math.min(box, h * k + 2)}
  viewBox="-1 -1 {w * k + 2} {h * k + 2}"
  aria-hidden="true"
  class="shrink-0"
>
  <rect width={w * k} height={h * k} {fill} stroke="var(--rule-strong)" stroke-width="0.8" />
  {#if look === 'foil'}
    <rect width={w * k} height={h * k} fill="url(#sheen)" />
  {:else if look !== 'stock' && kind !== 'PLATE'}
    <rect width={w * k} height={h * k} fill="url(#hatch-{look})" />
  {/if}
  {#if kind === 'PLATE'}
    <image
      href="/api/plates/{item.id}/outline.svg?v={size.widthMm}x{size.heightMm}"
      width={w * k}
      height={h * k}
    />
  {/if}
</svg>
