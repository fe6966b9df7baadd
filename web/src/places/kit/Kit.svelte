<script lang="ts">
  import Tick from '../../parts/Tick.svelte';
  import { push } from 'svelte-spa-router';
  import { kit, SHELVES, type Shelf } from '../../state/kit.svelte';
  import BoardCare from './BoardCare.svelte';
  import ItemForm from '../../shelving/ItemForm.svelte';
  import ShelfItem from './ShelfItem.svelte';
  import Standing from './Standing.svelte';
  import { one } from '../../parts/format';
  import { type Plain } from './plain';
  import LeftoverShelf from './LeftoverShelf.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  interface Rack {
    home: Shelf;
    label: string;
    shelves: Plain[];
  }
  const MACHINES: Plain[] = ['presses', 'platforms', 'rollers'];
  const GLUING: Plain[] = ['foams', 'envelopes', 'offcuts'];
  const many = (shelf: Shelf) => vocabulary.form(shelf).many;
  const racks: Rack[] = [
    { home: 'presses', label: 'Machines', shelves: MACHINES },
    ...(['boards', 'plates', 'stocks', 'films'] as Plain[]).map((s) => ({
      home: s,
      label: many(s),
      shelves: [s],
    })),
    { home: 'leftovers', label: many('leftovers'), shelves: [] },
    { home: 'foams', label: 'For gluing', shelves: GLUING },
  ];

  let { params = {} }: { params?: { shelf?: string } } = $props();
  const shelf = $derived<Shelf>(SHELVES.find((s) => s === params.shelf) ?? 'presses');
  const rack = $derived(
    racks.find((r) => r.home === shelf || r.shelves.some((s) => s === shelf)) ?? racks[0]!,
  );
  let edited = $state<{ shelf: Shelf; id?: string }>();
  let held = $state('');
  let retiredToo = $state(false);
  const onRack = $derived<Shelf[]>(rack.shelves.length > 0 ? rack.shelves : ['leftovers']);
  const retired = $derived(onRack.flatMap((s) => [...kit.all[s]]).filter((k) => k.retired).length);

  function standing(plain: Plain) {
    return kit.all[plain].filter((k) => retiredToo || !k.retired);
  }

  const adding = (shelf: Shelf) => `Add ${one(vocabulary.form(shelf).one)}`;
  const inHand = $derived(
    rack.shelves.flatMap((plain) =>
      standing(plain)
        .filter((k) => k.item.id === held)
        .map((kept) => ({ plain, kept })),
    ),
  );

  function tabKey(event: KeyboardEvent) {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    const next = racks[(racks.indexOf(rack) + by + racks.length) % racks.length]!.home;
    push(`/kit/${next}`);
    requestAnimationFrame(() => document.getElementById(`tab-${next}`)?.focus());
  }
</script>

<svelte:head><title>{rack.label} · Kit · Glanzen</title></svelte:head>
<div class="px-4 py-5 md:px-8">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-title">Kit</h1>
    <div class="flex flex-wrap gap-2">
      <a class="press press-quiet" href="/api/kit.csv" download="kit.csv">Export CSV</a>
      <a class="press" href="#/kit/begin">Choose from pictures</a>
      {#if rack.shelves.length === 0}
        <Button onclick={() => (edited = { shelf: 'leftovers' })}>{adding('leftovers')}</Button>
      {/if}
    </div>
  </div>
  <div
    class="border-rule-strong mt-3 flex flex-wrap gap-x-1 border-b"
    role="tablist"
    aria-label="Shelves"
    tabindex="-1"
    onkeydown={tabKey}
  >
    {#each racks as r (r.home)}
      <a
        id="tab-{r.home}"
        role="tab"
        href="#/kit/{r.home}"
        tabindex={r === rack ? 0 : -1}
        aria-selected={r === rack}
        aria-controls="shelf"
        class="px-4 py-2 {r === rack ? 'bg-paper text-ink font-bold' : 'text-soft hover:text-ink'}"
        >{r.label}</a
      >
    {/each}
  </div>
  <Note name="kit.begin" />
  <div id="shelf" role="tabpanel" aria-labelledby="tab-{rack.home}" class="bg-paper px-4 pt-2 pb-6 md:px-6">
    {#if rack.home === 'leftovers'}
      <LeftoverShelf {retiredToo} onedit={(id) => (edited = { shelf: 'leftovers', id })} />
    {/if}
    <Note name="kit.shelf" />
    {#each inHand as { plain, kept } (kept.item.id)}
      <ShelfItem
        shelf={plain}
        {kept}
        onedit={() => (edited = { shelf: plain, id: kept.item.id })}
        onother={(id) => (held = id)}
      />
    {/each}
    <div class="flex flex-wrap items-end gap-x-8">
      {#each rack.shelves as plain (plain)}
        {@const things = standing(plain)}
        <section class="min-w-0" style:flex-grow={things.length + 1} aria-label={many(plain)}>
          {#if rack.shelves.length > 1}<h2 class="label mt-4 font-sans font-normal">{many(plain)}</h2>{/if}
          <Standing
            shelf={plain}
            {things}
            {held}
            onhold={(id) => (held = id)}
            add={adding(plain)}
            onadd={() => (edited = { shelf: plain })}
          />
        </section>
      {/each}
    </div>
    {#if rack.home === 'boards'}<BoardCare />{/if}
    {#if retired > 0}
      <div class="text-soft mt-4"><Tick bind:checked={retiredToo}>show {retired} put away</Tick></div>
    {/if}
  </div>
</div>
{#if edited}
  {#key `${edited.shelf}${edited.id}`}
    <ItemForm
      shelf={edited.shelf}
      id={edited.id}
      onclose={() => (edited = undefined)}
      onkept={(id) => (held = id)}
    />
  {/key}
{/if}
