<script lang="ts">
  import type { CardView } from '../../api/client';
  import { duration } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** The order of the hands. */
  let {
    steps,
    chosen,
    onchoose,
  }: {
    steps: CardView['steps'];
    chosen: string;
    onchoose: (key: string) => void;
  } = $props();

  const hands = $derived(steps.reduce((sum, s) => sum + s.seconds, 0));
  const wait = $derived(Math.max(0, ...steps.map((s) => s.waitMinutes)));
</script>

<h2 class="text-heading">From the bottom up</h2>
<p class="text-soft text-fine">
  {duration(hands)} of hands a card{wait > 0 ? `, longest weight ${duration(60 * wait)}` : ''}
</p>
<ol class="mt-2">
  {#each steps as step, i (i)}
    <li class="border-rule border-t py-2">
      <Button
        kind="row"
        class="flex w-full gap-3 text-left {step.key && step.key === chosen ? 'text-verdigris' : ''}"
        why={step.key ? '' : 'This step is for no single piece.'}
        onclick={() => onchoose(step.key)}
      >
        <span class="figure w-5 font-bold">{i + 1}</span>
        <span class="min-w-0 flex-1">
          <strong class="block">{step.title}</strong>
          <span class="text-soft text-fine block">{preferences.said(step.detail)}</span>
        </span>
      </Button>
    </li>
  {/each}
</ol>
