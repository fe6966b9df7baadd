<script lang="ts">
  import { preferences } from '../../state/preferences.svelte';
  import type { Why } from './reading.svelte';
  import Button from '../../parts/Button.svelte';

  /** Causes counted in twenties, one question where it splits best, and the one next change. */
  interface Props {
    why: Why;
    onanswer: (asking: string, yes: boolean) => void;
    onnext: (next: Why['best']) => void;
  }
  let { why, onanswer, onnext }: Props = $props();
  const other = $derived(why.telling);
</script>

<h2 class="text-heading mt-6">Likely causes</h2>
<ul class="border-rule mt-2 border-t">
  {#each why.causes as cause (cause.cause)}
    <li class="border-rule grid grid-cols-[72px_1fr] gap-x-3 border-b py-2.5">
      <p>
        <span class="figure text-title block leading-none">{cause.ofTwenty}</span>
        <span class="text-soft text-tiny block leading-tight">in 20</span>
      </p>
      <p>
        <strong class="inline-block first-letter:uppercase">{cause.label}</strong>
        <span class="text-soft block">{cause.shows}</span>
      </p>
    </li>
  {/each}
</ul>
{#if why.question}
  {@const asking = why.question.asking}
  <div class="bg-verdigris-wash mt-4 px-4 py-3">
    <p><strong>{why.question.text}</strong></p>
    <div class="mt-2 flex gap-2">
      <Button onclick={() => onanswer(asking, true)}>Yes</Button>
      <Button onclick={() => onanswer(asking, false)}>No</Button>
    </div>
  </div>
{/if}
{#snippet change(next: Why['best'], lead: string)}
  <p class="mt-4">
    <strong>{lead}</strong>
    {next.change ? preferences.said(next.change) : next.label}.
    <span class="text-soft block"
      >{next.goodOfTwenty} of 20 should come out good after it{next.minutes === 0
        ? ''
        : `; it takes ${next.minutes < 1 ? 'half a minute' : `${next.minutes} min`}`}. {next.ifGood ===
      next.ifBad
        ? `Most likely ${next.ifGood}, whatever comes of it.`
        : `If the next one is good, it was likely this: ${next.ifGood}. If not: ${next.ifBad}.`}</span
    >
  </p>
  <Button class="mt-2" onclick={() => onnext(next)}
    >{next.draft ? 'Log this one and change the set-up' : 'Log this one and do that next time'}</Button
  >
{/snippet}
{@render change(why.best, why.best.remedy === 'SAME_AGAIN' ? 'Next time:' : 'Next time, one change:')}
{#if other}{@render change(other, 'Or, to learn most:')}{/if}
