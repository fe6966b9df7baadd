<svelte:options namespace="svg" />

<script lang="ts">
  import type { PlateView } from '../api/client';
  import { preferences } from '../state/preferences.svelte';
  import { outlines } from '../state/outlines.svelte';
  import { boxThrough, matrix, px, py, through, upright, type Box, type Frame } from './frame';

  /** A plate or die where it lies, on the piece or, by way of a matrix, on the platform. It can be chosen and moved. */
  interface Props {
    plate: PlateView;
    frame: Frame;
    look: 'foil' | 'metal' | 'cut';
    by?: number[];
    colour?: string;
    /** How far it is drawn from where it lies, while a hand moves it; mm on the piece. */
    ahead?: { x: number; y: number };
    chosen: boolean;
    found: boolean;
    ongrab: (event: PointerEvent) => void;
    onkey: (event: KeyboardEvent) => void;
    onfocus: () => void;
  }
  const STILL = [1, 0, 0, 1, 0, 0];
  let {
    plate,
    frame,
    look,
    by = STILL,
    colour = 'var(--brass)',
    ahead = { x: 0, y: 0 },
    chosen,
    found,
    ongrab,
    onkey,
    onfocus,
  }: Props = $props();

  const metal = $derived(boxThrough(by, plate.metal));
  const foil = $derived(boxThrough(by, plate.foil));
  const path = $derived(outlines.of(plate.plateId));
  const placed = $derived(`${upright(frame)} ${matrix(by)} ${matrix(plate.placing)}`);
  const shift = $derived.by(() => {
    const [x0, y0] = through(by, 0, 0);
    const [x, y] = through(by, ahead.x, ahead.y);
    return `translate(${(x - x0) * frame.scale} ${(y0 - y) * frame.scale})`;
  });
  const rect = (b: Box) => ({
    x: px(frame, b.left),
    y: py(frame, b.top),
    width: (b.right - b.left) * frame.scale,
    height: (b.top - b.bottom) * frame.scale,
  });
</script>

<g
  role="button"
  tabindex="0"
  aria-pressed={chosen}
  aria-label="{plate.name}: {plate.words.map(preferences.said).join(', ')}{found
    ? '; something is wrong here'
    : ''}"
  class="laid cursor-move touch-none outline-none"
  data-plate={plate.key}
  transform={shift}
  onpointerdown={ongrab}
  onkeydown={onkey}
  {onfocus}
>
  {#if look === 'metal'}
    <rect {...rect(foil)} fill={colour} opacity="0.28" />
    <rect {...rect(foil)} fill="none" stroke="var(--rule-strong)" stroke-dasharray="5 3" />
    <rect {...rect(metal)} fill="var(--brass)" stroke="var(--ink)" stroke-width="0.8" />
  {:else}
    <rect {...rect(metal)} fill="transparent" />
  {/if}
  {#if look === 'cut'}
    <path
      d={path}
      transform={placed}
      fill="none"
      stroke="var(--ink)"
      stroke-width="1.2"
      stroke-dasharray="4 3"
      vector-effect="non-scaling-stroke"
    />
  {:else}
    <path d={path} transform={placed} fill={look === 'foil' ? colour : '#4a3510'} fill-rule="evenodd" />
    {#if look === 'foil'}<path d={path} transform={placed} fill="url(#sheen)" fill-rule="evenodd" />{/if}
  {/if}
  <rect
    {...rect(metal)}
    class="ring"
    fill="none"
    stroke={found ? 'var(--ochre)' : 'var(--verdigris)'}
    stroke-width={chosen ? 2.5 : found ? 1.5 : 0}
    stroke-dasharray={chosen ? undefined : '3 3'}
  />
</g>

<style>
  .laid:focus-visible .ring {
    stroke: var(--verdigris);
    stroke-width: 4px;
  }
</style>
