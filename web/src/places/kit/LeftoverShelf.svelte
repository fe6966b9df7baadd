<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, type Schemas } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import LeftoverDrawing from '../../drawing/LeftoverDrawing.svelte';
  import { retire } from '../../shelving/shelves';
  import Button from '../../parts/Button.svelte';

  /** Leftovers as they look, with what is spent of them. */
  let { retiredToo, onedit }: { retiredToo: boolean; onedit: (id: string) => void } = $props();
  const all = $derived(kit.all.leftovers.filter((k) => retiredToo || !k.retired));
  const film = (id: string) =>
    kit.all.films.find((k) => k.item.id === id)?.item.name ?? 'a film that is gone';

  const asking = new Question<Schemas['LeftoverView'][]>();
  const views = $derived(Object.fromEntries((asking.answer ?? []).map((view) => [view.id, view])));
  $effect(() => asking.follow((signal) => asked(api.GET('/api/layouts/leftovers', { signal }))));

  async function change(work: Promise<unknown>) {
    try {
      await work;
      await kit.changed();
    } catch (trouble) {
      tell(trouble);
    }
  }

  /** Black toner takes all the foil that is left: the negative of what was foiled before. */
  async function onToner(id: string) {
    try {
      const saved = await asked(
        api.POST('/api/layouts/leftovers/{id}/negative', { params: { path: { id } } }),
      );
      await kit.changed();
      await push(`/stack/${saved.id}`);
    } catch (trouble) {
      tell(trouble);
    }
  }

  const undo = (id: string, version: number) =>
    asked(api.POST('/api/kit/leftovers/{id}/undo', { params: { path: { id }, query: { version } } }));
</script>

<Asked question={asking} />
<ul class="grid gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
  {#each all as kept (kept.item.id)}
    {@const view = views[kept.item.id]}
    <li class="border-rule flex flex-col gap-2 border-b py-4 {kept.retired ? 'opacity-60' : ''}">
      <div class="flex h-[136px] items-end">
        {#if view}<LeftoverDrawing leftover={view} width={250} />{/if}
      </div>
      <p>
        <strong class="text-lead">{kept.item.name}</strong><br />
        <span class="text-soft"
          >{film(kept.item.filmId)}, {preferences.lengthFigure(kept.item.widthMm)} × {preferences.length(
            kept.item.heightMm,
          )}{view ? `, ${preferences.area(view.freeCm2)} unspent` : ''}</span
        >
        {#if view?.secondLife === 'MOUNTED'}
          <br /><span class="text-soft">Mount it on card: the negative makes a second card.</span>
        {/if}
      </p>
      <div class="flex flex-wrap gap-1">
        <Button aria-label="Edit {kept.item.name}" onclick={() => onedit(kept.item.id)}>Edit</Button>
        {#if view?.secondLife === 'ON_TONER' && !kept.retired}
          <Button
            kind="quiet"
            aria-label="Onto black toner: {kept.item.name}"
            onclick={() => onToner(kept.item.id)}>Onto black toner</Button
          >
        {/if}
        <Button
          kind="quiet"
          why={kept.item.spent.length === 0 ? 'Nothing was taken from it yet.' : ''}
          aria-label="Undo last use of {kept.item.name}"
          onclick={() => change(undo(kept.item.id, kept.version))}>Undo last use</Button
        >
        <Button
          kind="quiet"
          aria-label="{kept.retired ? 'Use again' : 'Put away'} {kept.item.name}"
          onclick={() => change(retire('leftovers', kept.item.id, kept.version, !kept.retired))}
          >{kept.retired ? 'Use again' : 'Put away'}</Button
        >
      </div>
    </li>
  {:else}
    <li class="text-soft py-6">
      No leftovers yet. Foil that is cut for a pull is kept here when it is logged.
    </li>
  {/each}
</ul>
