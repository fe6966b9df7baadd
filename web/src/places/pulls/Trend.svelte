<script lang="ts">
  import { api, asked, type Schemas } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { percent } from '../../parts/format';

  /** How pulls of one recipe have come out, oldest first; what was only said in a word is drawn hollow. */
  let { id }: { id: string } = $props();
  const asking = new Question<Schemas['RecipeTrend']>();
  $effect(() => {
    const params = { path: { id } };
    return asking.follow((signal) => asked(api.GET('/api/pulls/{id}/trend', { params, signal })));
  });
  const [width, height, left, foot] = [340, 150, 44, 18];

  function scale(points: Schemas['TrendPoint'][]) {
    const least = Math.max(0, Math.min(...points.map((p) => p.coverage), 0.9) - 0.02);
    return {
      least,
      x: (i: number) => left + ((i + 0.5) / points.length) * (width - left - 6),
      y: (coverage: number) => 8 + ((1 - coverage) / (1 - least)) * (height - foot - 12),
    };
  }
</script>

<Asked question={asking} waiting="Looking back…">
  {#snippet children({ points, enough, says })}
    {@const { least, x, y } = scale(points)}
    <svg
      viewBox="0 0 {width} {height}"
      class="mt-2 w-full"
      role="img"
      aria-label="Coverage of {points.length} pulls with this tool, film, stock and machine"
    >
      {#each [1, enough, least] as mark (mark)}
        <line x1={left} x2={width} y1={y(mark)} y2={y(mark)} stroke="var(--rule)" />
        <text x={left - 4} y={y(mark) + 4} text-anchor="end" font-size="11" fill="var(--soft)"
          >{percent(mark)}</text
        >
      {/each}
      <polyline
        points={points.map((p, i) => `${x(i)},${y(p.coverage)}`).join(' ')}
        fill="none"
        stroke="var(--rule-strong)"
      />
      {#each points as p, i (p.id)}
        <a href="#/pulls/{p.id}" aria-label="No. {p.number}, {percent(p.coverage)}">
          <circle
            cx={x(i)}
            cy={y(p.coverage)}
            r={p.id === id ? 5.5 : 3.5}
            fill={p.readOff ? 'var(--verdigris)' : 'var(--paper)'}
            stroke="var(--verdigris)"
            stroke-width="1.5"
          />
        </a>
        {#if i === 0 || i === points.length - 1}
          <text
            x={x(i)}
            y={height - 4}
            text-anchor={i === 0 ? 'start' : 'end'}
            font-size="11"
            fill="var(--soft)">no. {p.number}</text
          >
        {/if}
      {/each}
    </svg>
    <p class="text-soft text-fine">
      {says || 'Nothing beyond luck can be told from these.'}
      {points.some((p) => !p.readOff) ? ' Hollow: only said in a word.' : ''}
    </p>
  {/snippet}
</Asked>
