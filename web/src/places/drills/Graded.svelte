<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';
  import { answering } from './answering.svelte';
  import LayerBar from './LayerBar.svelte';
  import Button from '../../parts/Button.svelte';

  /** What an answer was worth, why, and what would have come of it. */
  interface Props {
    drill: Schemas['DrillView'];
    grade: Schemas['DrillGrade'];
    answers: string[][];
  }
  let { drill, grade, answers }: Props = $props();
  const DAY = 86_400;
  const back = $derived(
    grade.comesBackSeconds < 3600
      ? 'in a few minutes'
      : grade.comesBackSeconds < 1.5 * DAY
        ? 'tomorrow'
        : `in ${Math.round(grade.comesBackSeconds / DAY)} days`,
  );

  function said(question: number, keys: string[]) {
    const options = drill.questions[question]?.options ?? [];
    const words = keys.map((key) => options.find((o) => o.key === key)?.label ?? key);
    return preferences.said(words.join(drill.questions[question]?.kind === 'STACK' ? ' · ' : '; '));
  }
</script>

<div role="status" class="mt-4">
  {#each grade.parts as part, i (i)}
    <div
      class="border-l-4 px-3 py-1 {i > 0 ? 'mt-3' : ''} {part.right ? 'border-clean' : 'border-ochre-line'}"
    >
      <h2 class="text-lead">{part.right ? '✓ Right' : '✗ Not quite'}: {drill.questions[i]?.asks}</h2>
      <p>You said: {said(i, answers[i] ?? [])}</p>
      {#if !part.right}<p>Answer: <strong>{said(i, part.best)}</strong></p>{/if}
      {#if part.says}<p>{preferences.said(part.says)}</p>{/if}
      {#if part.after.length > 0}
        <div class="mt-2 flex flex-wrap gap-4">
          {#each part.after as after, at (at)}
            <figure>
              <figcaption class="label">{after.label}</figcaption>
              {#if after.picture}
                <img
                  class="border-rule h-44 border object-contain"
                  alt="The next pull"
                  src="/api/drills/{drill.seed}/after/{after.picture}?width=380&height=260"
                />
              {:else}
                <ol class="border-rule w-72 border-y">
                  {#each [...after.layers].reverse() as layer, n (n)}
                    <li class="border-rule flex items-center gap-2 border-t py-0.5 first:border-t-0">
                      <LayerBar thicknessMm={layer.thicknessMm} />
                      <span class="grow">{layer.name}</span>
                      <span class="figure text-soft">{preferences.length(layer.thicknessMm)}</span>
                    </li>
                  {/each}
                </ol>
              {/if}
            </figure>
          {/each}
        </div>
      {/if}
    </div>
  {/each}
  <p class="text-soft mt-3">You’ll see this again {back}.</p>
</div>
<!-- Enter goes on from here. -->
<Button
  {@attach (next: HTMLElement) => next.focus()}
  kind="strong"
  class="mt-2"
  disabled={answering.busy}
  onclick={() => answering.on()}>{answering.busy ? 'Loading…' : 'Next (Enter)'}</Button
>
