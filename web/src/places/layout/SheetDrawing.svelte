<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';

  /** A sheet and how it is cut, drawn once for all that are cut alike. */
  let { plan, unit }: { plan: Schemas['PlanView']; unit: string } = $props();
  const SHOWN = 3;
  const scale = $derived(Math.min(110 / plan.widthMm, 120 / plan.heightMm, 240 / plan.widthMm));
  const many = (n: number) => `${n} ${unit}${n === 1 ? '' : 's'}`;
  const short = $derived(plan.owned !== undefined && plan.owned < plan.sheets);
</script>

<figure class="m-0 mt-4">
  <figcaption>
    <strong>{many(plan.sheets)}</strong> of {plan.name},
    {preferences.lengthFigure(plan.widthMm)} × {preferences.length(plan.heightMm)};
    {Math.round((1 - plan.fill) * 100)} % is left over{plan.sheets > plan.bound
      ? `; by area alone ${many(plan.bound)}`
      : ''}.
    {#if short}<span class="text-ochre">You have {Math.round((plan.owned ?? 0) * 10) / 10}.</span>{/if}
  </figcaption>
  <div class="mt-1 flex flex-wrap gap-3">
    {#each plan.patterns.slice(0, SHOWN) as pattern, i (i)}
      <div class="text-center">
        <svg
          width={plan.widthMm * scale + 2}
          height={plan.heightMm * scale + 2}
          viewBox="-1 -1 {plan.widthMm * scale + 2} {plan.heightMm * scale + 2}"
          role="img"
          aria-label="{pattern.cuts.length} pieces from one {unit}"
        >
          <rect
            width={plan.widthMm * scale}
            height={plan.heightMm * scale}
            fill="var(--blotter)"
            stroke="var(--rule-strong)"
          />
          {#each pattern.cuts as c, j (j)}
            <rect
              x={c.xMm * scale}
              y={(plan.heightMm - c.yMm - c.heightMm) * scale}
              width={c.widthMm * scale}
              height={c.heightMm * scale}
              fill="var(--paper)"
              stroke="var(--ink)"
              stroke-width="0.8"
            />
          {/each}
        </svg>
        <span class="text-soft text-fine block">{pattern.times} so</span>
      </div>
    {/each}
  </div>
</figure>
