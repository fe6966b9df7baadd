<script lang="ts">
  import type { CardView, Schemas } from '../api/client';
  import { preferences } from '../state/preferences.svelte';

  /** The closed card from above, darker where it is thicker, and the line along which it is cut through. */
  interface Props {
    view: CardView;
    base: Schemas['Base'];
    line: Schemas['CutLine'];
    online: (line: Schemas['CutLine']) => void;
  }
  let { view, base, line, online }: Props = $props();

  const EDGE = 10;
  const MOST_TALL = 190;
  const STEP = 1;
  const LEAST = 5;
  let width = $state(320);
  let canvas = $state<HTMLCanvasElement>();
  let held = $state<'from' | 'to'>();
  const map = $derived(view.map);
  const wide = $derived(map.columns * map.cellMm);
  const tall = $derived(map.rows * map.cellMm);
  const scale = $derived(Math.min((width - 2 * EDGE) / wide, MOST_TALL / tall));
  const left = $derived((width - wide * scale) / 2);
  const x = (mm: number) => left + (mm - map.leftMm) * scale;
  const y = (mm: number) => EDGE + tall * scale - (mm - map.bottomMm) * scale;
  const ends = $derived([
    { end: 'from' as const, x: line.fromXMm, y: line.fromYMm, name: 'Where the cut begins' },
    { end: 'to' as const, x: line.toXMm, y: line.toYMm, name: 'Where the cut ends' },
  ]);

  $effect(() => {
    const pen = canvas?.getContext('2d');
    if (!pen) return;
    const picture = pen.createImageData(map.columns, map.rows);
    const [least, most] = [Math.min(...map.mm), Math.max(...map.mm)];
    map.mm.forEach((mm, i) => {
      const row = map.rows - 1 - Math.floor(i / map.columns);
      const at = 4 * (row * map.columns + (i % map.columns));
      const share = most > least ? (mm - least) / (most - least) : 0;
      picture.data.set([28, 52, 60, mm > 0 ? 20 + 165 * share : 0], at);
    });
    pen.putImageData(picture, 0, 0);
  });

  const within = (mm: number, low: number, room: number) => Math.max(low, Math.min(low + room, mm));

  function put(end: 'from' | 'to', xMm: number, yMm: number) {
    const to = [
      Math.round(2 * within(xMm, map.leftMm, wide)) / 2,
      Math.round(2 * within(yMm, map.bottomMm, tall)) / 2,
    ] as const;
    const next =
      end === 'from' ? { ...line, fromXMm: to[0], fromYMm: to[1] } : { ...line, toXMm: to[0], toYMm: to[1] };
    if (Math.hypot(next.toXMm - next.fromXMm, next.toYMm - next.fromYMm) >= LEAST) online(next);
  }

  function drag(event: PointerEvent) {
    if (!held) return;
    const box = (event.currentTarget as Element).closest('svg')!.getBoundingClientRect();
    const at = [event.clientX - box.left, event.clientY - box.top] as const;
    put(held, map.leftMm + (at[0] - left) / scale, map.bottomMm + (EDGE + tall * scale - at[1]) / scale);
  }

  function grab(event: PointerEvent, end: 'from' | 'to') {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = end;
  }

  function keys(event: KeyboardEvent, end: (typeof ends)[number]) {
    const step = event.altKey ? STEP / 2 : event.shiftKey ? 5 * STEP : STEP;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
      event.key
    ];
    if (!by) return;
    event.preventDefault();
    put(end.end, end.x + (by[0] ?? 0), end.y + (by[1] ?? 0));
  }
</script>

<div bind:clientWidth={width} class="relative" style="height: {tall * scale + 2 * EDGE}px">
  <canvas
    bind:this={canvas}
    width={map.columns}
    height={map.rows}
    class="absolute"
    style="left: {left}px; top: {EDGE}px; width: {wide * scale}px; height: {tall * scale}px"
    aria-hidden="true"
  ></canvas>
  <svg
    {width}
    height={tall * scale + 2 * EDGE}
    class="absolute inset-0"
    role="group"
    aria-label="The closed card from above, darker where it is thicker: {preferences.length(
      view.thickestMm,
    )} at most"
  >
    <rect
      x={x(0)}
      y={y(base.heightMm)}
      width={base.widthMm * scale}
      height={base.heightMm * scale}
      fill="none"
      stroke="var(--rule-strong)"
    />
    <path
      d="M{x(line.fromXMm)} {y(line.fromYMm)}L{x(line.toXMm)} {y(line.toYMm)}"
      stroke="var(--verdigris)"
      stroke-width="2"
      stroke-dasharray="7 4"
    />
    {#each ends as end (end.end)}
      <circle
        class="end cursor-grab"
        cx={x(end.x)}
        cy={y(end.y)}
        r="9"
        role="slider"
        tabindex="0"
        aria-label="{end.name}, arrow keys move it"
        aria-valuenow={end.x}
        aria-valuetext="{preferences.length(end.x)} to the right, {preferences.length(end.y)} up"
        fill="var(--paper)"
        stroke="var(--verdigris)"
        stroke-width="2.5"
        onpointerdown={(e) => grab(e, end.end)}
        onpointermove={drag}
        onpointerup={() => (held = undefined)}
        onpointercancel={() => (held = undefined)}
        onkeydown={(e) => keys(e, end)}
      />
    {/each}
  </svg>
</div>

<style>
  .end {
    touch-action: none;
    outline: none;
  }
  .end:focus-visible {
    stroke-width: 5px;
  }
</style>
