<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, type PullView, type Schemas } from '../../api/client';
  import { tell } from '../../state/messages.svelte';
  import Compare from './Compare.svelte';
  import Filters, { type Filter } from './Filters.svelte';
  import LogByHand from './LogByHand.svelte';
  import PullCard from './PullCard.svelte';
  import PullDetail from './PullDetail.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();

  const PER_PAGE = 24;
  let filter = $state<Filter>({});
  let page = $state(0);
  let found = $state<Schemas['PullPage']>();
  let compared = $state<PullView[]>([]);
  let logging = $state(false);
  const pages = $derived(found ? Math.max(1, Math.ceil(found.total / PER_PAGE)) : 1);

  async function load() {
    const query = { ...filter, page, size: PER_PAGE };
    found = await asked(api.GET('/api/pulls', { params: { query } }));
  }

  $effect(() => {
    load().catch(tell);
  });

  function compare(pull: PullView) {
    compared = compared.some((p) => p.id === pull.id)
      ? compared.filter((p) => p.id !== pull.id)
      : [...compared.slice(-1), pull];
  }

  function key(event: KeyboardEvent) {
    if ((event.target as HTMLElement).closest('input, select, textarea, dialog')) return;
    if (event.key.toLowerCase() === 'l' && !event.ctrlKey) logging = true;
  }
</script>

<svelte:window onkeydown={key} />

<div class="px-4 py-5 md:px-8">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-[28px]">Pulls</h1>
    <button class="press" onclick={() => (logging = true)}>Log a pull by hand (L)</button>
  </div>
  <Filters
    {filter}
    total={found?.total ?? 0}
    onchange={(changed) => {
      filter = changed;
      page = 0;
    }}
  />
  {#if compared.length === 2}
    <Compare left={compared[0]!} right={compared[1]!} onclose={() => (compared = [])} />
  {:else if compared.length === 1}
    <p class="border-verdigris bg-paper my-3 border-l-4 px-4 py-2">
      Choose a second pull to compare with no. {compared[0]?.number}.
    </p>
  {/if}
  <div class="mt-4 grid gap-6 {params.id ? 'lg:grid-cols-[minmax(0,1fr)_380px]' : ''}">
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(168px,1fr))] content-start gap-x-4 gap-y-5">
      {#each found?.pulls ?? [] as pull (pull.id)}
        <PullCard
          {pull}
          current={pull.id === params.id}
          picked={compared.some((p) => p.id === pull.id)}
          oncompare={() => compare(pull)}
        />
      {:else}
        <li class="text-soft col-span-full py-6">{found ? 'No pull fits.' : 'Opening the logbook…'}</li>
      {/each}
    </ul>
    {#if params.id}
      <PullDetail id={params.id} onchanged={load} onclose={() => push('/pulls')} />
    {/if}
  </div>
  {#if pages > 1}
    <nav class="mt-6 flex items-center gap-3" aria-label="Pages">
      <button class="press" disabled={page === 0} onclick={() => page--}>Newer</button>
      <span>page {page + 1} of {pages}</span>
      <button class="press" disabled={page + 1 >= pages} onclick={() => page++}>Older</button>
    </nav>
  {/if}
</div>
<LogByHand bind:open={logging} onlogged={load} />
