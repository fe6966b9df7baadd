<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** One thing to do next. */
  let { bench, onstart }: { bench: Schemas['BenchView']; onstart: () => void } = $props();
  const run = $derived(bench.runs.find((r) => r.status === 'OPEN') ?? bench.runs[0]);
  const others = $derived(bench.runs.filter((r) => r.id !== run?.id));
  const step = $derived(run?.steps[run.step]);
  const next = $derived(bench.setUps.find((s) => s.proven) ?? bench.setUps[0]);
</script>

<section class="flex flex-wrap items-end justify-between gap-4" aria-label="Next">
  <div>
    <p class="label">Next</p>
    {#if run && step}
      <p class="figure text-display leading-tight">{preferences.said(step.say)}</p>
      <p class="text-soft">
        {run.title}
        {run.status === 'PAUSED' ? 'is paused' : 'is on'}{run.batch.wanted > 1
          ? `, ${run.batch.good} of ${run.batch.wanted} made`
          : ''}; step {run.step + 1} of {run.steps.length}.
      </p>
      {#each others as other (other.id)}
        <p class="text-soft">
          Beside it <a class="text-verdigris font-semibold" href="#/run/{other.id}">{other.title}</a
          >{other.status === 'PAUSED'
            ? ', paused'
            : `: ${preferences.said(other.steps[other.step]?.say ?? '')}`}.
        </p>
      {/each}
    {:else if next}
      <p class="figure text-display leading-tight">Pull “{next.name}”</p>
      <p class="text-soft">
        {next.proven ? 'Your proven recipe. Heat the platform, cut foil and stock.' : 'Your latest set-up.'}
      </p>
    {:else}
      <p class="figure text-display leading-tight">Start your first set-up</p>
      <p class="text-soft">A plate, a foil and a stock are enough to begin.</p>
    {/if}
  </div>
  <div class="flex gap-2">
    {#if run}
      <a class="press press-strong" href="#/run/{run.id}">Continue</a>
    {:else if next}
      <a class="press press-strong" href="#/stack/{next.id}">Open stack</a>
    {/if}
    <Button onclick={onstart}>New set-up</Button>
  </div>
</section>
