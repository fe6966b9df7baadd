<script lang="ts">
  import { editing } from '../../state/editing.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { kit } from '../../state/kit.svelte';
  import OfTwenty from './OfTwenty.svelte';
  import Offer from './Offer.svelte';
  import Note from '../../parts/Note.svelte';

  const advice = $derived(editing.advice);
  const shelfOf = (thingId: string) => (kit.press(thingId) ? 'presses' : 'platforms');
</script>

<section class="mt-5" aria-busy={editing.advising} data-testid="advice">
  <h3 class="label mb-1 font-sans font-normal">
    From your shelf{#if advice && advice.considered > 0 && !editing.advising}, out of {advice.considered.toLocaleString(
        'en',
      )}
      set-ups{/if}
  </h3>
  {#if editing.advising && !advice}
    <p class="text-soft">Searching your shelf…</p>
  {:else if advice}
    <Note name="stack.advice" />
    <ol class={editing.advising ? 'opacity-60' : ''}>
      {#if advice.cheapest}<Offer offer={advice.cheapest} tag="Cheapest single change" />{/if}
      {#each advice.best as offer, i (i)}<Offer {offer} />{/each}
    </ol>
    {#if advice.lesson && advice.lesson.changes.length > 0}
      <ol class={editing.advising ? 'opacity-60' : ''}>
        <Offer offer={advice.lesson} tag="This pull would teach Glanzen most about your press" />
      </ol>
    {/if}
    {#each advice.refusals as refusal, at (at)}
      <p class="border-ochre-line bg-ochre-wash border-l-4 px-4 py-2">{preferences.said(refusal)}</p>
    {/each}
    {#if advice.wishes.length > 0}
      <h4 class="label mt-3 mb-1 font-sans font-normal">Beyond your shelf</h4>
      <ul class={editing.advising ? 'opacity-60' : ''}>
        {#each advice.wishes as wish (wish.what)}
          <li class="border-rule grid grid-cols-[64px_1fr_auto] items-center gap-3 border-t py-2">
            <OfTwenty clean={wish.clean} />
            <strong class="leading-snug">{preferences.said(wish.what)}</strong>
            {#if wish.thingId}<a class="press" href="#/kit/{shelfOf(wish.thingId)}">Measure</a>{/if}
          </li>
        {/each}
      </ul>
    {/if}
    {#if !advice.cheapest && advice.best.length === 0 && advice.refusals.length === 0}
      <p class="border-rule border-t py-2">Nothing on your shelf does clearly better than this.</p>
    {/if}
  {/if}
</section>
