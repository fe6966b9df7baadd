<script lang="ts">
  import type { CardView, Schemas } from '../api/client';
  import { preferences } from '../state/preferences.svelte';
  import { spread, slanted } from './slant';

  /** The card in space: its pieces over each other as they will be glued, together or pulled apart, each to scale. */
  interface Props {
    view: CardView;
    base: Schemas['Base'];
    /** The name and what is to be said of the base. */
    ground: [string, string];
    inside: boolean;
    /** Turned over: the backs are seen. */
    over: boolean;
    /** 0 together, 1 pulled apart. */
    apart: number;
    chosen: string;
    warned: string[];
    onchoose: (key: string) => void;
    onmove: (key: string, rightMm: number, upMm: number) => void;
  }
  let { view, base, ground, inside, over, apart, chosen, warned, onchoose, onmove }: Props = $props();

  const GAP = 92;
  /** Heights are drawn larger, or nothing would be seen of them. */
  const TALLER = 4;
  /** How far the light of a relief lies beside it, px. */
  const RELIEF = 0.9;
  let width = $state(640);
  const room = $derived(width < 520 ? 140 : 210);
  let drag = $state<{ key: string; x: number; y: number; right: number; up: number }>();

  const face = $derived(view.pieces.filter((p) => p.inside === inside));
  /** From the lowest up, as they lie before the eye. */
  const pieces = $derived(over ? [...face].reverse() : face);
  const s = $derived(slanted(base.widthMm, base.heightMm, width - room - 24));
  const highest = $derived(Math.max(0, ...face.map((p) => p.topMm)));
  /** What lies on top lies lowest once it is turned over, and the base highest. */
  const lifts = $derived(
    pieces.map((p, i) => {
      const mm = over ? highest - p.topMm : p.bottomMm;
      return mm * s.scale * TALLER * (1 - apart) + (over ? i : i + 1) * GAP * apart;
    }),
  );
  const baseLift = $derived(over ? highest * s.scale * TALLER * (1 - apart) + face.length * GAP * apart : 0);
  const height = $derived(s.height + 64 + Math.max(baseLift, ...lifts));
  const origin = $derived({ x: 16 + s.left, y: height - 24 });
  const at = (lift: number, right = 0, up = 0) => {
    // Turned over about its upright middle, what was on the right is on the left.
    const from = over ? base.widthMm - right : right;
    const x = origin.x + s.across[0] * from + s.along[0] * up;
    const y = origin.y + s.across[1] * from + s.along[1] * up - lift;
    const way = over ? -1 : 1;
    return `matrix(${way * s.across[0]} ${way * s.across[1]} ${s.along[0]} ${s.along[1]} ${x} ${y})`;
  };
  const moved = (key: string): [number, number] => (drag?.key === key ? [drag.right, drag.up] : [0, 0]);
  const shape = $derived(inside ? `M0 0H${base.widthMm}V${base.heightMm}H0Z` : view.base.path);
  const fold = $derived(
    base.fold === 'TOP' ? `M0 ${base.heightMm}H${base.widthMm}` : `M0 0V${base.heightMm}`,
  );
  /** Where each label stands, from the lowest up, clear of the one below. */
  const labels = $derived(
    spread(
      [base.heightMm / 2, ...pieces.map((p) => p.yMm + p.heightMm / 2)].map((y, i) => {
        const p = pieces[i - 1];
        const x = !p ? base.widthMm : over ? base.widthMm - p.xMm : p.xMm + p.widthMm;
        return {
          x: origin.x + s.across[0] * x + s.along[0] * y,
          y: origin.y + s.across[1] * x + s.along[1] * y - (p ? (lifts[i - 1] ?? 0) : baseLift),
        };
      }),
      48,
    ),
  );
  const labelX = $derived(width - room);

  function grab(event: PointerEvent, key: string) {
    onchoose(key);
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag = { key, x: event.clientX, y: event.clientY, right: 0, up: 0 };
  }

  function pull(event: PointerEvent) {
    if (!drag) return;
    const [right, up] = s.back(event.clientX - drag.x, event.clientY - drag.y);
    drag = { ...drag, right: over ? -right : right, up };
  }

  function drop() {
    if (drag && Math.hypot(drag.right, drag.up) > 0.5)
      onmove(drag.key, Math.round(2 * drag.right) / 2, Math.round(2 * drag.up) / 2);
    drag = undefined;
  }

  function keys(event: KeyboardEvent, key: string) {
    const step = event.shiftKey ? 5 : 1;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
      event.key
    ];
    if (by) {
      event.preventDefault();
      onmove(key, (over ? -1 : 1) * (by[0] ?? 0), by[1] ?? 0);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onchoose(key);
    }
  }
</script>

{#snippet laid(decors: CardView['pieces'][number]['decor'], lift: number, right = 0, up = 0)}
  {#each decors as decor, n (n)}
    {#if decor.colour}
      <g transform={at(lift, right, up)}>
        <path d={decor.path} fill={decor.colour} fill-rule="evenodd" />
        {#if !decor.flock}<path d={decor.path} fill="url(#sheen)" fill-rule="evenodd" />{/if}
      </g>
    {:else}
      <!-- Relief is seen by the light on one flank and the shade on the other. -->
      {#each [['#ffffff', 0.9, -RELIEF], ['#1c343c', 0.4, RELIEF]] as const as [fill, opacity, shift] (fill)}
        <g transform="translate({shift} {shift})">
          <path d={decor.path} transform={at(lift, right, up)} {fill} {opacity} fill-rule="evenodd" />
        </g>
      {/each}
      <path
        d={decor.path}
        transform={at(lift, right, up)}
        fill={decor.ground}
        fill-opacity="0.92"
        fill-rule="evenodd"
      />
    {/if}
  {/each}
{/snippet}

{#snippet topLeft(x: number, y: number, lift: number)}
  <path d="M{x + 2} {y - 2}h8l-8 -8Z" transform={at(lift)} fill="var(--verdigris)" />
{/snippet}

{#snippet whole()}
  <g transform={at(baseLift)}>
    <path
      d={shape}
      fill={view.base.colour}
      fill-rule="evenodd"
      stroke="var(--rule-strong)"
      vector-effect="non-scaling-stroke"
    />
    {#if base.fold !== 'NONE'}
      <path
        d={fold}
        stroke="var(--verdigris)"
        stroke-width="2.5"
        stroke-dasharray="5 4"
        vector-effect="non-scaling-stroke"
        fill="none"
      />
    {/if}
  </g>
  {#if over}{@render topLeft(0, base.heightMm, baseLift)}
  {:else if !inside}{@render laid(view.base.decor, baseLift)}{/if}
{/snippet}

{#snippet pads(piece: CardView['pieces'][number], lift: number, right: number, up: number)}
  {@const deep = Math.max(7, (piece.topMm - piece.bottomMm) * s.scale * TALLER) + 6 * apart}
  {#each over ? [-1, -deep / 2, -deep] : [deep, deep / 2, 1] as sunk (sunk)}
    <path
      d={piece.foam}
      transform={at(lift - sunk, right, up)}
      fill="var(--fill-card)"
      stroke="var(--rule-strong)"
      stroke-width="0.6"
      vector-effect="non-scaling-stroke"
    />
  {/each}
{/snippet}

<div bind:clientWidth={width}>
  <svg
    {width}
    {height}
    role="group"
    aria-label="The card {inside ? 'opened' : 'from outside'}{over ? ', turned over' : ''}"
  >
    {#if !over}{@render whole()}{/if}
    {#each pieces as piece, i (piece.key)}
      {@const lift = lifts[i] ?? 0}
      {@const [right, up] = moved(piece.key)}
      <g
        role="button"
        tabindex="0"
        class="piece cursor-grab outline-none"
        aria-pressed={piece.key === chosen}
        aria-label="{piece.name}, {preferences.said(piece.says)}{warned.includes(piece.key)
          ? ', something is wrong'
          : ''}. Arrow keys move it."
        onpointerdown={(e) => grab(e, piece.key)}
        onpointermove={pull}
        onpointerup={drop}
        onpointercancel={() => (drag = undefined)}
        onkeydown={(e) => keys(e, piece.key)}
      >
        {#if piece.foam && !over}{@render pads(piece, lift, right, up)}{/if}
        <path
          class="edge"
          d={piece.path}
          transform={at(lift, right, up)}
          fill={piece.colour}
          fill-rule="evenodd"
          fill-opacity={piece.clear ? 0.45 : 1}
          stroke={piece.key === chosen ? 'var(--verdigris)' : 'var(--rule-strong)'}
          stroke-width={piece.key === chosen ? 2.5 : 1}
          vector-effect="non-scaling-stroke"
        />
        {#if over && !piece.clear}{@render topLeft(piece.xMm, piece.yMm + piece.heightMm, lift)}
        {:else}{@render laid(piece.decor, lift, right, up)}{/if}
        {#if piece.foam && over}{@render pads(piece, lift, right, up)}{/if}
      </g>
    {/each}
    {#if over}{@render whole()}{/if}
    {#each [{ name: ground[0], says: ground[1], key: '' }, ...pieces] as label, i (label.key)}
      {@const place = labels[i]}
      {#if place}
        <path
          d="M{place.x + 4} {place.y}L{labelX - 10} {place.label}"
          stroke="var(--rule-strong)"
          fill="none"
        />
        <text
          x={labelX}
          y={place.label}
          font-weight="700"
          font-size="16"
          fill={label.key === chosen && label.key ? 'var(--verdigris)' : 'var(--ink)'}>{label.name}</text
        >
        <foreignObject x={labelX} y={place.label + 3} width={room - 4} height="40">
          <p class="text-soft text-fine leading-tight">{preferences.said(label.says)}</p>
        </foreignObject>
      {/if}
    {/each}
  </svg>
</div>

<style>
  .piece:focus-visible .edge {
    stroke: var(--verdigris);
    stroke-width: 5px;
  }
  .piece {
    touch-action: none;
  }
</style>
