<script lang="ts">
  import { preferences } from '../../state/preferences.svelte';
  import type { Reading } from './reading.svelte';

  /** The person's picture straightened: what is cut away dimmed, bare places ringed solid, foil outside ringed dotted. */
  let { reading }: { reading: Reading } = $props();
  const straight = $derived(reading.straight);
  const top = $derived(straight.bottomMm + straight.heightMm);
  /** Width on the screen, px; letters are as large on every picture. */
  let shownPx = $state(0);
  const LETTER_PX = 14;
  const letter = $derived(shownPx > 0 ? (LETTER_PX * straight.widthMm) / shownPx : straight.widthMm * 0.026);
  const box = $derived(`0 0 ${straight.widthMm} ${straight.heightMm}`);
  const shown = $derived(labelled());

  /** The few that matter, each with its words at the edge, on a thin line, or beside it where there is room; by its number alone where there is none. */
  function labelled() {
    const stay = reading.spots.filter((s) => s.stays);
    const largest = Math.max(0, ...stay.map((s) => s.areaMm2));
    const edge = letter * 0.6;
    const taken: { left: number; right: number; y: number }[] = [];
    const free = (left: number, right: number, y: number) =>
      left >= 0 &&
      right <= straight.widthMm &&
      y >= letter &&
      y <= straight.heightMm - letter &&
      !taken.some((t) => Math.abs(t.y - y) < 1.6 * letter && t.left < right && left < t.right);
    return stay
      .filter((s) => s.areaMm2 > 0.35 * largest)
      .slice(0, 5)
      .map((spot, i) => {
        const x = spot.xMm - straight.leftMm;
        const y = top - spot.yMm;
        const r = Math.max(spot.longMm / 2 + letter * 0.5, letter);
        const words = `${i + 1} ${spot.kind === 'BARE' ? 'bare' : 'over'}, ${preferences.area(spot.areaMm2 / 100)}`;
        const long = words.length * letter * 0.52;
        const centred = Math.min(Math.max(x - long / 2, edge), straight.widthMm - long - edge);
        const lines = [edge * 2, straight.heightMm - edge * 2];
        if (y > straight.heightMm / 2) lines.reverse();
        const sides = [
          ...lines.map((line) => ({ at: centred, line })),
          { at: x + r + letter * 0.6, line: y },
          { at: x - r - long - letter * 0.6, line: y },
        ];
        const side = sides.find(({ at, line }) => free(at - letter * 0.25, at + long + letter * 0.25, line));
        const text = side ? words : `${i + 1}`;
        const wide = side ? long : letter * 0.6;
        const { at, line } = side ?? { at: x - letter * 0.3, line: y };
        taken.push({ left: at - letter * 0.25, right: at + wide + letter * 0.25, y: line });
        return { spot, x, y, r, text, wide, at, line };
      });
  }

  const rect = $derived(`M0 0H${straight.widthMm}V${straight.heightMm}H0Z`);
</script>

<figure
  class="border-rule relative border"
  bind:clientWidth={shownPx}
  style:max-width="calc(max(360px, 100vh - 400px) * {straight.widthMm / straight.heightMm})"
>
  <img src={straight.image} alt="The pull, straightened" class="block h-auto w-full" />
  <svg viewBox={box} class="absolute inset-0 h-full w-full" aria-hidden="true">
    {#if straight.stays}
      <!-- The cut is a path on the piece, whose y runs up. -->
      <g>
        <mask id="cut-away">
          <path d={rect} fill="white" />
          <path d={straight.stays} fill="black" transform="translate({-straight.leftMm} {top}) scale(1 -1)" />
        </mask>
        <path d={rect} fill="var(--ink)" opacity="0.5" mask="url(#cut-away)" />
        <path
          d={straight.stays}
          fill="none"
          stroke="var(--verdigris)"
          stroke-width={letter * 0.12}
          stroke-dasharray="{letter * 0.5} {letter * 0.3}"
          transform="translate({-straight.leftMm} {top}) scale(1 -1)"
        />
      </g>
    {/if}
    {#each shown as s, at (at)}
      <circle
        cx={s.x}
        cy={s.y}
        r={s.r}
        fill="none"
        stroke={s.spot.kind === 'BARE' ? 'var(--under)' : 'var(--over)'}
        stroke-width={letter * 0.14}
        stroke-dasharray={s.spot.kind === 'BARE' ? undefined : `${letter * 0.12} ${letter * 0.2}`}
      />
    {/each}
    {#each shown as s, at (at)}
      {#if Math.abs(s.line - s.y) > s.r}
        <line
          x1={s.x}
          y1={s.y + Math.sign(s.line - s.y) * s.r}
          x2={Math.min(Math.max(s.x, s.at), s.at + s.wide)}
          y2={s.line}
          stroke={s.spot.kind === 'BARE' ? 'var(--under)' : 'var(--over)'}
          stroke-width={letter * 0.1}
        />
      {/if}
      <rect
        x={s.at - letter * 0.25}
        y={s.line - letter * 0.8}
        width={s.wide + letter * 0.5}
        height={letter * 1.4}
        fill="var(--paper)"
      />
      <text
        x={s.at}
        y={s.line + letter * 0.28}
        font-size={letter}
        font-weight="700"
        fill={s.spot.kind === 'BARE' ? 'var(--under)' : 'var(--over)'}>{s.text}</text
      >
    {/each}
  </svg>
</figure>
