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
    /** 0 together, 1 pulled apart. */
    apart: number;
    chosen: string;
    warned: string[];
    onchoose: (key: string) => void;
    onmove: (key: string, rightMm: number, upMm: number) => void;
  }
  let { view, base, ground, inside, apart, chosen, warned, onchoose, onmove }: Props = $props();

  const GAP = 92;
  /** Heights are drawn larger, or nothing would be seen of them. */
  const TALLER = 4;
  let width = $state(640);
  const room = $derived(width < 520 ? 140 : 210);
  let drag = $state<{ key: string; x: number; y: number; right: number; up: number }>();

  const pieces = $derived(view.pieces.filter((p) => p.inside === inside));
  const s = $derived(slanted(base.widthMm, base.heightMm, width - room - 24));
  const lifts = $derived(
    pieces.map((p, i) => p.bottomMm * s.scale * TALLER * (1 - apart) + (i + 1) * GAP * apart),
  );
  const height = $derived(s.height + 64 + Math.max(0, ...lifts));
  const origin = $derived({ x: 16 + s.left, y: height - 24 });
  const at = (lift: number, right = 0, up = 0) => {
    const x = origin.x + s.across[0] * right + s.along[0] * up;
    const y = origin.y + s.across[1] * right + s.along[1] * up - lift;
    return `matrix(${s.across[0]} ${s.across[1]} ${s.along[0]} ${s.along[1]} ${x} ${y})`;
  };
  const moved = (key: string): [number, number] => (drag?.key === key ? [drag.right, drag.up] : [0, 0]);
  const whole = $derived(inside ? `M0 0H${base.widthMm}V${base.heightMm}H0Z` : view.base.path);
  const fold = $derived(
    base.fold === 'TOP' ? `M0 ${base.heightMm}H${base.widthMm}` : `M0 0V${base.heightMm}`,
  );
  /** Where each label stands, from the lowest up, clear of the one below. */
  const labels = $derived(
    spread(
      [base.heightMm / 2, ...pieces.map((p) => p.yMm + p.heightMm / 2)].map((y, i) => {
        const p = pieces[i - 1];
        const x = p ? p.xMm + p.widthMm : base.widthMm;
        return {
          x: origin.x + s.across[0] * x + s.along[0] * y,
          y: origin.y + s.across[1] * x + s.along[1] * y - (p ? (lifts[i - 1] ?? 0) : 0),
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
    drag = { ...drag, right, up };
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
      onmove(key, by[0] ?? 0, by[1] ?? 0);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onchoose(key);
    }
  }
</script>

<div bind:clientWidth={width}>
  <svg {width} {height} role="group" aria-label="The card {inside ? 'opened' : 'from outside'}, pulled apart">
    <g transform={at(0)}>
      <path
        d={whole}
        fill={view.base.colour}
        fill-rule="evenodd"
        stroke="var(--rule-strong)"
        vector-effect="non-scaling-stroke"
      />
      {#if !inside}
        {#each view.base.decor as decor, n (n)}
          <path
            d={decor.path}
            fill={decor.colour || 'var(--ink)'}
            fill-rule="evenodd"
            opacity={decor.colour ? 1 : 0.18}
          />
        {/each}
      {/if}
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
        {#if piece.foam}
          {@const deep = Math.max(7, (piece.topMm - piece.bottomMm) * s.scale * TALLER) + 6 * apart}
          {#each [deep, deep / 2, 1] as sunk (sunk)}
            <path
              d={piece.foam}
              transform={at(lift - sunk, right, up)}
              fill="var(--fill-card)"
              stroke="var(--rule-strong)"
              stroke-width="0.6"
              vector-effect="non-scaling-stroke"
            />
          {/each}
        {/if}
        <g transform={at(lift, right, up)}>
          <path
            class="edge"
            d={piece.path}
            fill={piece.colour}
            fill-rule="evenodd"
            fill-opacity={piece.clear ? 0.45 : 1}
            stroke={piece.key === chosen ? 'var(--verdigris)' : 'var(--rule-strong)'}
            stroke-width={piece.key === chosen ? 2.5 : 1}
            vector-effect="non-scaling-stroke"
          />
          {#each piece.decor as decor, n (n)}
            <path
              d={decor.path}
              fill={decor.colour || 'var(--ink)'}
              fill-rule="evenodd"
              opacity={decor.colour ? 1 : 0.18}
            />
          {/each}
        </g>
      </g>
    {/each}
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
