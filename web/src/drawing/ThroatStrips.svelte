<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale';
  import type { Expected } from '../api/client';

  /** What each strip across the throat gets against its need: below the line it is too little. The middle is weakest. */
  interface Props {
    strips: Expected['strips'];
    height?: number;
  }
  let { strips, height = 170 }: Props = $props();

  const TOP = 18;
  const FOOT = 24;
  const LEFT = 34;
  let width = $state(230);
  const x = $derived(
    scaleLinear()
      .domain([strips[0]?.fromMm ?? -1, strips.at(-1)?.toMm ?? 1])
      .range([LEFT, width - 4]),
  );
  const most = $derived(Math.max(2, ...strips.map((s) => s.dose * 1.15)));
  const y = $derived(
    scaleLog()
      .domain([Math.min(0.4, ...strips.map((s) => Math.max(0.05, s.dose * 0.85))), most])
      .range([height - FOOT, TOP])
      .clamp(true),
  );
  const weakest = $derived(Math.min(...strips.map((s) => s.dose)));
</script>

<div bind:clientWidth={width}>
  <svg
    {width}
    {height}
    role="img"
    aria-label="Across the throat, the weakest place gets {Math.round(weakest * 100)} % of what it needs"
  >
    {#each strips as strip, at (at)}
      {@const short = strip.dose < 1}
      <rect
        x={x(strip.fromMm) + 1}
        y={y(Math.max(0.05, strip.dose))}
        width={Math.max(1, x(strip.toMm) - x(strip.fromMm) - 2)}
        height={Math.max(0, height - FOOT - y(Math.max(0.05, strip.dose)))}
        fill={short ? 'none' : 'var(--steel)'}
        stroke={short ? 'var(--under)' : 'var(--steel)'}
        stroke-width="1.6"
        stroke-dasharray={short ? '4 3' : undefined}
      />
    {/each}
    <line x1={LEFT} x2={width - 4} y1={y(1)} y2={y(1)} stroke="var(--ink)" stroke-width="1.6" />
    <text x={LEFT - 5} y={y(1) + 5} text-anchor="end" font-size="13" fill="var(--ink)">need</text>
    <text x={LEFT} y={height - 6} font-size="13" fill="var(--soft)">left</text>
    <text x={(LEFT + width) / 2} y={height - 6} text-anchor="middle" font-size="13" fill="var(--soft)"
      >middle</text
    >
    <text x={width - 4} y={height - 6} text-anchor="end" font-size="13" fill="var(--soft)">right</text>
  </svg>
</div>
