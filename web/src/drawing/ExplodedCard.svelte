<script lang="ts">
  import type { Job, Schemas } from '../api/client';
  import { kit } from '../state/kit.svelte';

  /** The card pulled apart: its pieces one above the other, each to scale, the lowest at the bottom. */
  interface Props {
    job: Job;
    /** What the set-ups of its operations make. */
    works: Schemas['WorkView'][];
    chosen: number;
    warned: boolean[];
    onchoose: (index: number) => void;
  }
  let { job, works, chosen, warned, onchoose }: Props = $props();

  const STEP = 112;
  const SKEW = 0.42;
  const LEAN = 0.55;
  let width = $state(420);
  const largest = $derived(Math.max(1, ...job.pieces.map((p) => Math.max(p.widthMm, p.heightMm))));
  const scale = $derived(Math.min(230, width - 200) / largest);
  const height = $derived(Math.max(1, job.pieces.length) * STEP + 74);
  const colour = (id: string) => kit.all.stocks.find((k) => k.item.id === id)?.item.colour ?? '#ddd';

  const sheets = $derived(
    job.pieces.map((piece, i) => {
      const w = piece.widthMm * scale;
      const d = piece.heightMm * scale * SKEW;
      const y = height - 52 - i * STEP;
      const x = 20 + (largest * scale - w) / 2;
      const art = piece.operations
        .map((o) => works.find((work) => work.setUpId === o.setUpId)?.art)
        .filter((a) => a !== undefined);
      return { piece, i, w, d, y, x, art };
    }),
  );

  function key(event: KeyboardEvent, index: number) {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onchoose(index);
    }
  }
</script>

<div bind:clientWidth={width}>
  <svg {width} {height} role="group" aria-label="The card, pulled apart">
    {#if sheets.length > 1}
      <line
        x1={20 + (largest * scale) / 2 + 20}
        x2={20 + (largest * scale) / 2 + 20}
        y1="30"
        y2={height - 40}
        stroke="var(--rule-strong)"
        stroke-dasharray="3 5"
      />
    {/if}
    {#each sheets as s (s.i)}
      {@const lean = s.d * LEAN}
      <g
        role="button"
        tabindex="0"
        aria-pressed={s.i === chosen}
        aria-label="{s.piece.name}, {s.piece.operations.length} operation{s.piece.operations.length === 1
          ? ''
          : 's'}{warned[s.i] ? ', something is out of order' : ''}"
        class="sheet cursor-pointer outline-none"
        onclick={() => onchoose(s.i)}
        onkeydown={(e) => key(e, s.i)}
      >
        <path
          d="M{s.x} {s.y}h{s.w}l{lean} {-s.d}h{-s.w}z"
          fill={colour(s.piece.stockId)}
          stroke={s.i === chosen ? 'var(--verdigris)' : 'var(--rule-strong)'}
          stroke-width={s.i === chosen ? 3 : 1}
          class="edge"
        />
        <clipPath id="piece-{s.i}"><path d="M{s.x} {s.y}h{s.w}l{lean} {-s.d}h{-s.w}z" /></clipPath>
        <g clip-path="url(#piece-{s.i})">
          <g transform="matrix({scale} 0 {scale * SKEW * LEAN} {-scale * SKEW} {s.x} {s.y})">
            {#each s.art as art, n (n)}
              <path
                d={art.path}
                fill={art.colour || 'var(--ink)'}
                opacity={art.colour ? 1 : 0.35}
                fill-rule="evenodd"
                transform="translate({(s.piece.widthMm - art.widthMm) / 2} {(s.piece.heightMm -
                  art.heightMm) /
                  2})"
              />
            {/each}
          </g></g
        >
        <path
          d="M{s.x + s.w + lean / 2 + 4} {s.y - s.d / 2}H{largest * scale + 74}"
          stroke="var(--rule-strong)"
          fill="none"
        />
        <text
          x={largest * scale + 80}
          y={s.y - s.d / 2 + 1}
          font-weight="700"
          font-size="16"
          fill={s.i === chosen ? 'var(--verdigris)' : 'var(--ink)'}>{s.piece.name}</text
        >
        <text x={largest * scale + 80} y={s.y - s.d / 2 + 19} font-size="14" fill="var(--soft)"
          >{s.piece.perCard === 1 ? 'one' : s.piece.perCard} to a card{warned[s.i]
            ? ', out of order'
            : ''}</text
        >
      </g>
    {/each}
  </svg>
</div>

<style>
  .sheet:focus-visible .edge {
    stroke: var(--verdigris);
    stroke-width: 5px;
  }
</style>
