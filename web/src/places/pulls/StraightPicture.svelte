<script lang="ts">
  import type { Reading } from './reading.svelte';

  /** The person's picture straightened: what is cut away dimmed, bare places ringed solid, foil outside ringed dotted. */
  let { reading }: { reading: Reading } = $props();
  const straight = $derived(reading.straight);
  const top = $derived(straight.bottomMm + straight.heightMm);
  const letter = $derived(straight.widthMm * 0.026);
  const box = $derived(`0 0 ${straight.widthMm} ${straight.heightMm}`);
  const shown = $derived(labelled());

  /** The few that matter, each with its words beside it, below those that are already there. */
  function labelled() {
    const stay = reading.spots.filter((s) => s.stays);
    const largest = Math.max(0, ...stay.map((s) => s.areaMm2));
    const taken: { left: number; right: number; y: number }[] = [];
    return stay
      .filter((s) => s.areaMm2 > 0.35 * largest)
      .slice(0, 5)
      .map((spot, i) => {
        const x = spot.xMm - straight.leftMm;
        const y = top - spot.yMm;
        const r = Math.max(spot.longMm / 2 + letter * 0.5, letter);
        const text = `${i + 1} ${spot.kind === 'BARE' ? 'bare' : 'over'}, ${spot.areaMm2.toFixed(1)} mm²`;
        const wide = text.length * letter * 0.52;
        const beside = x + r + letter * 0.4;
        const at = beside + wide > straight.widthMm ? x - r - wide - letter * 0.4 : beside;
        let line = y;
        while (taken.some((t) => Math.abs(t.y - line) < 1.5 * letter && t.left < at + wide && at < t.right))
          line += letter * 0.5;
        taken.push({ left: at, right: at + wide, y: line });
        return { spot, x, y, r, text, wide, at, line };
      });
  }

  const rect = $derived(`M0 0H${straight.widthMm}V${straight.heightMm}H0Z`);
</script>

<figure
  class="border-rule relative border"
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
