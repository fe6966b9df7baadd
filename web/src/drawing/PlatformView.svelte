<script lang="ts">
  import { loud } from '../parts/found';
  import type { LayoutView } from '../api/client';
  import LaidPlate from './LaidPlate.svelte';
  import MeasureLine from './MeasureLine.svelte';
  import { boxThrough, matrix, px, py, upright, type Frame } from './frame';

  /** The platform from above as it is loaded: everything mirrored, the sheet face down over the plates. */
  interface Props {
    view: LayoutView;
    scale: number;
    film: string;
    chosen: string[];
    /** How far a hand has moved what is chosen beyond where it lies, mm on the piece. */
    ahead?: { x: number; y: number };
    hot?: boolean;
    onfocus?: (key: string) => void;
    ongrab?: (key: string, event: PointerEvent) => void;
    onkey?: (event: KeyboardEvent) => void;
    onback?: () => void;
  }
  let {
    view,
    scale,
    film,
    chosen,
    ahead,
    hot = true,
    onfocus = () => {},
    ongrab = () => {},
    onkey = () => {},
    onback = () => {},
  }: Props = $props();

  const EDGE = 30;
  const GRID_MM = 10;
  const ground = $derived(view.ground);
  const piece = $derived(view.layout.piece);
  const trim = $derived(piece.trimMm);
  const sheet = $derived(
    boxThrough(view.toPlatform, {
      left: -trim,
      bottom: -trim,
      right: piece.widthMm + trim,
      top: piece.heightMm + trim,
    }),
  );
  // A sheet or ribbon that reaches past the platform is shown a little way.
  const half = $derived({
    x: Math.max(
      ground.widthMm / 2,
      Math.min(ground.widthMm / 2 + 22, Math.max(-sheet.left, sheet.right, ground.throatMm / 2)),
    ),
    y: Math.max(ground.heightMm / 2, Math.min(ground.heightMm / 2 + 14, Math.max(-sheet.bottom, sheet.top))),
  });
  const width = $derived(2 * (half.x * scale + EDGE));
  const height = $derived(2 * (half.y * scale + EDGE));
  const frame = $derived<Frame>({ scale, x: width / 2, y: height / 2 });
  const left = $derived(px(frame, -ground.widthMm / 2));
  const top = $derived(py(frame, ground.heightMm / 2));
  const w = $derived(ground.widthMm * scale);
  const h = $derived(ground.heightMm * scale);
  const grid = $derived.by(() => {
    let d = '';
    for (let x = GRID_MM; x < ground.widthMm; x += GRID_MM) d += `M${left + x * scale} ${top}v${h}`;
    for (let y = GRID_MM; y < ground.heightMm; y += GRID_MM) d += `M${left} ${top + y * scale}h${w}`;
    return d;
  });
  const wrong = $derived(view.findings.filter((r) => loud(r.weight)).flatMap((r) => r.keys));
  const measures = $derived(
    view.measures.filter(
      (m) =>
        m.drawing === 'PLATFORM' &&
        (chosen.length > 0 ? chosen.includes(m.key) : m.key === view.plates[0]?.key),
    ),
  );
</script>

<svg
  {width}
  {height}
  role="group"
  aria-label="{ground.name} as it is loaded, mirrored"
  onpointerdown={onback}
>
  <rect x={left} y={top} width={w} height={h} rx="5" fill="var(--steel)" opacity="0.5" stroke="none" />
  <path d={grid} stroke="var(--paper)" stroke-width="0.8" opacity="0.65" />
  {#if ground.weakMm > 0}
    <rect
      x={px(frame, -ground.weakMm)}
      y={top}
      width={2 * ground.weakMm * scale}
      height={h}
      fill="var(--under)"
      opacity="0.13"
    />
    <text x={frame.x} y={top + h - 8} text-anchor="middle" font-size="13" fill="var(--ink)"
      >rollers press less here</text
    >
  {/if}
  <rect
    x={left}
    y={top}
    width={w}
    height={h}
    rx="5"
    fill="none"
    stroke={hot ? 'var(--ember)' : 'var(--steel-dark)'}
    stroke-width="2.5"
  />
  <path
    d="M{frame.x} {top - 12}V{top + h + 12}M{left - 12} {frame.y}H{left + w + 12}"
    stroke="var(--ink)"
    stroke-width="0.8"
    stroke-dasharray="10 3 2 3"
    opacity="0.6"
  />
  {#if ground.throatMm / 2 <= half.x}
    <g stroke="var(--ink)" stroke-width="1.4" stroke-dasharray="2 4">
      <path d="M{px(frame, -ground.throatMm / 2)} {top}v{h}M{px(frame, ground.throatMm / 2)} {top}v{h}" />
    </g>
    <text
      transform="translate({px(frame, -ground.throatMm / 2) - 6} {top + h - 6}) rotate(-90)"
      font-size="12"
      fill="var(--soft)">throat of the press</text
    >
  {/if}
  {#each view.plates as plate (plate.key)}
    <LaidPlate
      {plate}
      {frame}
      look="metal"
      by={view.toPlatform}
      colour={film}
      ahead={chosen.includes(plate.key) ? ahead : undefined}
      chosen={chosen.includes(plate.key)}
      found={wrong.includes(plate.key)}
      ongrab={(e) => ongrab(plate.key, e)}
      {onkey}
      onfocus={() => onfocus(plate.key)}
    />
  {/each}
  {#each view.layout.patches as patch, i (i)}
    <path
      d={patch.outline}
      transform="{upright(frame)} {matrix(view.toPlatform)}"
      fill="url(#hatch-card)"
      stroke="var(--ink)"
      stroke-dasharray="2 3"
      vector-effect="non-scaling-stroke"
      pointer-events="none"
    />
  {/each}
  <rect
    x={px(frame, sheet.left)}
    y={py(frame, sheet.top)}
    width={(sheet.right - sheet.left) * scale}
    height={(sheet.top - sheet.bottom) * scale}
    fill="none"
    stroke="var(--ink)"
    stroke-width="1.4"
    stroke-dasharray="7 4"
    pointer-events="none"
  />
  <g pointer-events="none">
    {#if view.layout.method === 'HINGED'}
      <rect
        x={px(frame, (sheet.left + sheet.right) / 2) - 26}
        y={py(frame, sheet.top) - 7}
        width="52"
        height="14"
        fill="var(--ochre-wash)"
        stroke="var(--ochre-line)"
      />
      <text
        x={px(frame, (sheet.left + sheet.right) / 2)}
        y={py(frame, sheet.top) + 4}
        font-size="12"
        text-anchor="middle"
        fill="var(--ink)">hinge</text
      >
    {/if}
    <text
      x={px(frame, Math.max(sheet.left, -ground.widthMm / 2)) + 6}
      y={py(frame, Math.min(sheet.top, ground.heightMm / 2)) + 18}
      font-size="13"
      fill="var(--ink)">sheet, face down</text
    >
  </g>
  <g transform="translate({left + w + 14} {top + 46})" aria-hidden="true">
    <path d="M0 18V-18M-5 -11l5 -8l5 8" fill="none" stroke="var(--soft)" stroke-width="1.6" />
    <text x="-4" y="32" font-size="12" fill="var(--soft)">feed</text>
  </g>
  {#each measures as measure, at (at)}<MeasureLine {measure} {frame} />{/each}
</svg>
