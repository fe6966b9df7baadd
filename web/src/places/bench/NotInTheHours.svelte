<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { time } from '../../drawing/lanes';
  import { duration } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What stands in the way: what is missing, what does not fit into the hours, and what would make it possible. */
  let { plan, ontake }: { plan: Schemas['EveningView']; ontake: (task: string) => void } = $props();

  const late = $derived(plan.blocks.filter((b) => b.late));

  function says(way: Schemas['Way']): string {
    switch (way.kind) {
      case 'HELPER':
        return 'a second person';
      case 'LONGER':
        return `${duration(way.seconds)} more at the end`;
      case 'EARLIER':
        return `${way.title} of ${way.job} before ${way.by ? new Date(way.by).toLocaleDateString([], { weekday: 'long' }) + ' ' + time(new Date(way.by)) : 'these hours'}`;
      case 'FEWER':
        return `${way.cards} card${way.cards === 1 ? '' : 's'} fewer of ${way.job}`;
    }
  }
</script>

{#if plan.missing.length > 0}
  <div class="border-ochre-line bg-ochre-wash mt-3 border-l-4 px-3 py-2" data-testid="missing">
    <strong>Before you begin:</strong>
    <ul class="list-disc pl-5">
      {#each plan.missing as lack, i (i)}
        <li>
          {preferences.said(lack.text)}.
          {#if lack.setUpId}<a class="text-verdigris underline" href="#/stack/{lack.setUpId}"
              >Open the set-up</a
            >
          {:else if lack.jobId}<a class="text-verdigris underline" href="#/job/{lack.jobId}">Open the job</a
            >{/if}
        </li>
      {/each}
    </ul>
  </div>
{/if}
{#if plan.left.length > 0}
  <div class="border-ochre-line bg-ochre-wash mt-3 border-l-4 px-3 py-2">
    <p>
      <strong>Not in these hours:</strong>
      {plan.left.map((l) => `${l.job}: ${l.title}, ${l.count} (${l.because})`).join('; ')}.
    </p>
    {#each plan.left.filter((l) => l.why === 'BY_HAND') as l (l.task)}
      <p>
        <Button kind="link" onclick={() => ontake(l.task)}>Add again: {l.title}</Button>
      </p>
    {/each}
    {#if plan.ways.length > 0}
      <p class="mt-1">It would be possible with {plan.ways.map(says).join(', or ')}.</p>
    {/if}
  </div>
{/if}
{#if late.length > 0}
  <p class="text-ochre mt-2">
    Late: {[...new Set(late.map((b) => b.job))].join(', ')}.
  </p>
{/if}
