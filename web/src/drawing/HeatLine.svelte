<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Expected } from '../api/client';
  import { duration, temperatureFigure } from '../parts/format';
  import { preferences } from '../state/preferences.svelte';

  /** Bond temperature over soak, hold, nip and cool. Each phase has its share of the width, since a nip is brief. */
  let { heat, height = 190 }: { heat: Expected['heat']; height?: number } = $props();

  const SHARES = { SOAK: 0.38, HOLD: 0.2, NIP: 0.08, BETWEEN: 0.08, COOL: 0.28 };
  const NAMES = { SOAK: 'soak', HOLD: 'hold', NIP: 'pass', BETWEEN: '', COOL: 'cool' };
  const TOP = 22;
  const FOOT = 26;
  const LEFT = 34;
  let width = $state(230);
  let hover = $state<{ x: number; y: number; text: string }>();

  const total = $derived(heat.reduce((sum, p) => sum + SHARES[p.phase], 0));
  const phases = $derived.by(() => {
    let from = LEFT;
    return heat.map((p) => {
      const to = from + ((width - LEFT - 4) * SHARES[p.phase]) / total;
      const start = p.seconds[0] ?? 0;
      const end = p.seconds.at(-1) ?? start + 1;
      const x = scaleLinear().domain([start, end]).range([from, to]);
      from = to;
      return { ...p, x, left: x.range()[0] ?? 0, right: to, start };
    });
  });
  const hottest = $derived(Math.max(...heat.flatMap((p) => p.celsius)));
  const y = $derived(
    scaleLinear()
      .domain([15, Math.max(100, hottest + 8)])
      .range([height - FOOT, TOP]),
  );
  const nip = $derived(phases.find((p) => p.phase === 'NIP'));
  const path = $derived(
    phases
      .map(
        (p) =>
          line<number>()
            .x((_, i) => p.x(p.seconds[i] ?? 0))
            .y((c) => y(c))(p.celsius) ?? '',
      )
      .join(''),
  );
  const spoken = $derived(
    'Heat at the foil: ' +
      heat
        .filter((p) => NAMES[p.phase])
        .map((p) => `${NAMES[p.phase]} ends at ${preferences.temperature(p.celsius.at(-1) ?? 0)}`)
        .join(', '),
  );

  function look(event: PointerEvent) {
    const at = event.clientX - (event.currentTarget as Element).getBoundingClientRect().left;
    const phase = phases.find((p) => at >= p.left && at <= p.right);
    if (!phase) return (hover = undefined);
    const t = phase.x.invert(at);
    const i = phase.seconds.findIndex((s) => s >= t);
    const c = phase.celsius[Math.max(0, i)] ?? 0;
    hover = {
      x: at,
      y: y(c),
      text: `${preferences.temperature(c)} after ${duration(t - phase.start)} of ${NAMES[phase.phase] || 'turning'}`,
    };
  }
</script>

<figure class="m-0" bind:clientWidth={width}>
  <svg
    {width}
    {height}
    role="img"
    aria-label={spoken}
    onpointermove={look}
    onpointerleave={() => (hover = undefined)}
  >
    {#each y.ticks(3) as tick (tick)}
      <text x={LEFT - 6} y={y(tick) + 4} text-anchor="end" font-size="13" fill="var(--soft)"
        >{temperatureFigure(tick, preferences.now)}</text
      >
      <line x1={LEFT} x2={width} y1={y(tick)} y2={y(tick)} stroke="var(--rule)" />
    {/each}
    {#each phases as p, i (i)}
      {#if p.phase === 'NIP'}
        <rect
          x={p.left}
          y={TOP - 4}
          width={p.right - p.left}
          height={height - FOOT - TOP + 4}
          fill="var(--ember)"
          opacity="0.14"
        />
      {/if}
      <line x1={p.left} x2={p.left} y1={height - FOOT} y2={height - FOOT + 5} stroke="var(--rule-strong)" />
      {#if p.phase !== 'NIP'}
        <text x={(p.left + p.right) / 2} y={height - 6} text-anchor="middle" font-size="13" fill="var(--soft)"
          >{NAMES[p.phase]}</text
        >
      {/if}
    {/each}
    <path d={path} fill="none" stroke="var(--ember)" stroke-width="2.4" stroke-linejoin="round" />
    {#if nip}
      <text
        x={Math.max(LEFT, Math.min(width - 80, (nip.left + nip.right) / 2 - 40))}
        y="13"
        font-size="14"
        font-weight="700"
        fill="var(--ember)">pass {preferences.temperature(Math.max(...nip.celsius))}</text
      >
    {/if}
    {#if hover}
      <circle cx={hover.x} cy={hover.y} r="4" fill="var(--ember)" />
    {/if}
  </svg>
  <figcaption class="text-soft text-tiny min-h-5">{hover?.text ?? ''}</figcaption>
</figure>
