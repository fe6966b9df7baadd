<script lang="ts">
  import { loud } from '../parts/found';
  import type { LayoutView, PlateView } from '../api/client';
  import LaidPlate from './LaidPlate.svelte';
  import MeasureLine from './MeasureLine.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { px, py, upright, type Frame } from './frame';

  /** The piece as it will be read: designs in foil, what holds them, where a die will cut. */
  interface Props {
    view: LayoutView;
    scale: number;
    stock: string;
    film: string;
    chosen: string[];
    /** How far a hand has moved what is chosen beyond where it lies, mm on the piece. */
    ahead?: { x: number; y: number };
    /** A cut that is only tried, as path text. */
    trial?: string;
    onfocus?: (key: string) => void;
    ongrab?: (key: string, event: PointerEvent) => void;
    onkey?: (event: KeyboardEvent) => void;
    onback?: () => void;
  }
  let {
    view,
    scale,
    stock,
    film,
    chosen,
    ahead,
    trial = '',
    onfocus = () => {},
    ongrab = () => {},
    onkey = () => {},
    onback = () => {},
  }: Props = $props();

  const EDGE = 34;
  const piece = $derived(view.layout.piece);
  const trim = $derived(piece.trimMm * scale);
  const w = $derived(piece.widthMm * scale);
  const h = $derived(piece.heightMm * scale);
  const width = $derived(w + 2 * (EDGE + trim));
  const height = $derived(h + 2 * (EDGE + trim));
  const frame = $derived<Frame>({ scale, x: EDGE + trim, y: EDGE + trim + h });
  const wrong = $derived(view.findings.filter((r) => loud(r.weight)).flatMap((r) => r.keys));
  const measures = $derived(
    view.measures.filter((m) => m.drawing === 'PIECE' && (chosen.length === 0 || chosen.includes(m.key))),
  );
  const size = $derived([
    {
      drawing: 'PIECE' as const,
      key: '',
      x1: 0,
      y1: 0,
      x2: piece.widthMm,
      y2: 0,
      mm: piece.widthMm,
      what: '',
    },
    {
      drawing: 'PIECE' as const,
      key: '',
      x1: 0,
      y1: 0,
      x2: 0,
      y2: piece.heightMm,
      mm: piece.heightMm,
      what: '',
    },
  ]);
  const all = $derived<[PlateView, 'foil' | 'cut'][]>([
    ...view.plates.map((p): [PlateView, 'foil' | 'cut'] => [p, 'foil']),
    ...view.cuts.map((p): [PlateView, 'foil' | 'cut'] => [p, 'cut']),
  ]);
</script>

<svg
  {width}
  {height}
  class="overflow-visible"
  role="group"
  aria-label="The piece as it will be read"
  onpointerdown={onback}
>
  {#if trim > 0}
    <rect
      x={EDGE}
      y={EDGE}
      width={w + 2 * trim}
      height={h + 2 * trim}
      fill={stock}
      opacity="0.5"
      stroke="var(--rule-strong)"
      stroke-dasharray="3 3"
    />
  {/if}
  <rect x={frame.x} y={frame.y - h} width={w} height={h} fill={stock} stroke="var(--rule-strong)" />
  <path
    d="M{px(frame, piece.widthMm / 2)} {frame.y + 14}V{frame.y - h - 14}M{frame.x - 14} {py(
      frame,
      piece.heightMm / 2,
    )}H{frame.x + w + 14}"
    stroke="var(--rule-strong)"
    stroke-dasharray="10 3 2 3"
    stroke-width="1"
  />
  {#each view.layout.patches as patch, i (i)}
    <path
      d={patch.outline}
      transform={upright(frame)}
      fill="url(#hatch-card)"
      stroke="var(--ink)"
      stroke-width="1"
      stroke-dasharray="2 3"
      vector-effect="non-scaling-stroke"
    />
  {/each}
  {#each all as [plate, look] (plate.key)}
    <LaidPlate
      {plate}
      {frame}
      {look}
      colour={film}
      ahead={chosen.includes(plate.key) ? ahead : undefined}
      chosen={chosen.includes(plate.key)}
      found={wrong.includes(plate.key)}
      ongrab={(e) => ongrab(plate.key, e)}
      {onkey}
      onfocus={() => onfocus(plate.key)}
    />
  {/each}
  {#if trial}
    <path
      d={trial}
      transform={upright(frame)}
      fill="none"
      stroke="var(--verdigris)"
      stroke-width="2"
      vector-effect="non-scaling-stroke"
      pointer-events="none"
    />
  {/if}
  {#each view.guides as guide, at (at)}
    <path
      d={guide.across
        ? `M${px(frame, guide.atMm)} ${frame.y - h - 20}V${frame.y + 20}`
        : `M${frame.x - 20} ${py(frame, guide.atMm)}H${frame.x + w + 20}`}
      stroke="var(--verdigris)"
      stroke-width="1.4"
      pointer-events="none"
    />
  {/each}
  {#each view.plates.filter((p) => chosen.includes(p.key)) as plate, i (plate.key)}
    <text
      x={frame.x + w / 2}
      y={frame.y - h - trim - 10 - 17 * i}
      text-anchor="middle"
      font-size="14"
      pointer-events="none"
      fill="var(--verdigris)">{plate.words.map(preferences.said).join(', ')}</text
    >
  {/each}
  {#each measures as measure, at (at)}<MeasureLine {measure} {frame} />{/each}
  <MeasureLine measure={size[0]!} frame={{ ...frame, y: frame.y + trim + 20 }} />
  <MeasureLine measure={size[1]!} frame={{ ...frame, x: frame.x - trim - 20 }} />
</svg>
