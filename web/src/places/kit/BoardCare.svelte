<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Schemas } from '../../api/client';
  import Pick from '../../parts/Pick.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What boards are in need of, and whether another maker's would do. */
  const asking = new Question<Schemas['CareView']>();
  const view = $derived(asking.answer);
  const inNeed = $derived((view?.care ?? []).filter((c) => c.says.length > 0));
  const money = (v: number) => preferences.money(v, 3);

  let chosenOwn = $state('');
  let chosenOther = $state('');
  const pairs = $derived(view?.comparisons ?? []);
  const owns = $derived([...new Set(pairs.map((p) => p.ownName))]);
  const own = $derived(owns.includes(chosenOwn) ? chosenOwn : (owns[0] ?? ''));
  const others = $derived(pairs.filter((p) => p.ownName === own).map((p) => p.otherName));
  const other = $derived(others.includes(chosenOther) ? chosenOther : (others[0] ?? ''));
  const sum = $derived(pairs.find((p) => p.ownName === own && p.otherName === other));

  $effect(() => asking.follow((signal) => asked(api.GET('/api/kit/boards/care', { signal }))));

  async function turn(id: string) {
    const kept = kit.all.boards.find((k) => k.item.id === id);
    if (!kept) return;
    try {
      const params = { path: { id }, query: { version: kept.version } };
      await asked(api.POST('/api/kit/boards/{id}/turn', { params }));
      await kit.changed();
      tell(`${kept.item.name} is turned over. Measure its bow again after some use.`);
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<Asked question={asking} />
{#if view && (inNeed.length > 0 || owns.length > 0)}
  <section class="border-rule grid gap-x-10 gap-y-4 border-b py-4 lg:grid-cols-2" aria-label="Care of boards">
    <div>
      <h2 class="text-lead">Turn, swap, replace</h2>
      <ul>
        {#each inNeed as care (care.boardId)}
          <li class="border-rule flex items-center gap-3 border-t py-2">
            <p class="min-w-0 flex-1">
              <strong>{care.name}</strong>
              <span class="text-soft text-small block"
                >{care.says.map(preferences.said).join('. ')}. {care.passesLeft} passes left.</span
              >
            </p>
            {#if care.turn}
              <Button aria-label="Turned over: {care.name}" onclick={() => turn(care.boardId)}
                >Turned over</Button
              >
            {/if}
          </li>
        {:else}
          <li class="border-rule text-soft border-t py-2">Every board is in order.</li>
        {/each}
      </ul>
    </div>
    {#if owns.length > 0}
      <div>
        <h2 class="text-lead">One board for another</h2>
        <div class="grid grid-cols-2 gap-2">
          <Pick
            label="Instead of"
            name="own"
            items={owns.map((name) => ({ id: name, name }))}
            value={own}
            onchoose={(name) => (chosenOwn = name)}
          />
          <Pick
            label="take"
            name="other"
            items={others.map((name) => ({ id: name, name }))}
            value={other}
            onchoose={(name) => (chosenOther = name)}
          />
        </div>
        {#if sum}
          <p class="mt-2">
            {money(sum.otherCost)} a pass instead of {money(sum.ownCost)}; {preferences.said(sum.says)}
          </p>
          <p class="text-soft text-small mt-1">{preferences.said(sum.caution)}.</p>
        {/if}
      </div>
    {/if}
  </section>
{/if}
