<script lang="ts">
  import Tick from '../../parts/Tick.svelte';
  import { push } from 'svelte-spa-router';
  import { kit, SHELVES, type Shelf } from '../../state/kit.svelte';
  import BoardCare from './BoardCare.svelte';
  import ItemForm from '../../shelving/ItemForm.svelte';
  import ShelfItem from './ShelfItem.svelte';
  import LeftoverShelf from './LeftoverShelf.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';

  let { params = {} }: { params?: { shelf?: string } } = $props();
  const shelf = $derived<Shelf>(SHELVES.find((s) => s === params.shelf) ?? 'presses');
  let edited = $state<{ id?: string }>();
  let retiredToo = $state(false);
  // Leftovers have a shelf of their own making.
  const plain = $derived(shelf === 'leftovers' ? 'boards' : shelf);
  const things = $derived(kit.all[plain].filter((k) => retiredToo || !k.retired));
  const retired = $derived(kit.all[shelf].length - kit.all[shelf].filter((k) => !k.retired).length);

  function tabKey(event: KeyboardEvent) {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    const next = SHELVES[(SHELVES.indexOf(shelf) + by + SHELVES.length) % SHELVES.length];
    push(`/kit/${next}`);
    requestAnimationFrame(() => document.getElementById(`tab-${next}`)?.focus());
  }
</script>

<svelte:head><title>{vocabulary.form(shelf).many} · Kit · Glanzen</title></svelte:head>
<div class="px-4 py-5 md:px-8">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-title">Kit</h1>
    <div class="flex gap-2">
      <a class="press" href="#/kit/begin">Choose by what it looks like</a>
      <button class="press press-strong" onclick={() => (edited = {})}
        >Add a {vocabulary.form(shelf).one}</button
      >
    </div>
  </div>
  <div
    class="border-rule-strong mt-3 flex flex-wrap gap-x-1 border-b"
    role="tablist"
    aria-label="Shelves"
    tabindex="-1"
    onkeydown={tabKey}
  >
    {#each SHELVES as s (s)}
      <a
        id="tab-{s}"
        role="tab"
        href="#/kit/{s}"
        tabindex={s === shelf ? 0 : -1}
        aria-selected={s === shelf}
        aria-controls="shelf"
        class="px-4 py-2 {s === shelf ? 'bg-paper text-ink font-bold' : 'text-soft hover:text-ink'}"
        >{vocabulary.form(s).many}</a
      >
    {/each}
  </div>
  <div id="shelf" role="tabpanel" aria-labelledby="tab-{shelf}" class="bg-paper px-4 pt-2 pb-6 md:px-6">
    {#if shelf === 'boards'}<BoardCare />{/if}
    {#if shelf === 'leftovers'}
      <LeftoverShelf {retiredToo} onedit={(id) => (edited = { id })} />
    {:else}
      <ul>
        {#each things as kept (kept.item.id)}
          <ShelfItem shelf={plain} {kept} onedit={() => (edited = { id: kept.item.id })} />
        {:else}
          <li class="text-soft py-6">
            Nothing here yet. Add what you own; measured thickness makes the forecast.
          </li>
        {/each}
      </ul>
    {/if}
    {#if retired > 0}
      <div class="text-soft mt-4"><Tick bind:checked={retiredToo}>show {retired} retired</Tick></div>
    {/if}
  </div>
</div>
{#if edited}
  {#key `${shelf}${edited.id}`}
    <ItemForm {shelf} id={edited.id} onclose={() => (edited = undefined)} />
  {/key}
{/if}
