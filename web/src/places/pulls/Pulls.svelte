<script lang="ts">
  import { push, router } from 'svelte-spa-router';
  import { api, asked, type PullView, type Schemas } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { typing } from '../../editing/undo';
  import { world } from '../../state/world.svelte';
  import Compare from './Compare.svelte';
  import Filters, { filterOf, type Filter } from './Filters.svelte';
  import LogByHand from './LogByHand.svelte';
  import PullCard from './PullCard.svelte';
  import PullDetail from './PullDetail.svelte';
  import ChooseSetUp from './ChooseSetUp.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();

  const PER_PAGE = 24;
  const found = new Question<Schemas['PullPage']>();
  const comparing = new Question<PullView[]>();
  let logging = $state(false);
  let reading = $state(false);
  // What is looked for stands in the address, so that Back, a bookmark and a reload find it again.
  const query = $derived(new URLSearchParams(router.querystring ?? ''));
  const filter = $derived(filterOf(query));
  const page = $derived(Math.max(0, Number(query.get('page') ?? 1) - 1 || 0));
  const pages = $derived(found.answer ? Math.max(1, Math.ceil(found.answer.total / PER_PAGE)) : 1);
  const search = $derived(router.querystring ? `?${router.querystring}` : '');

  const picked = $derived((query.get('compare') ?? '').split(',').filter(Boolean).slice(0, 2));
  const compared = $derived(comparing.answer?.filter((pull) => picked.includes(pull.id)) ?? []);

  $effect(() => {
    const ids = picked;
    const one = (id: string, signal: AbortSignal) =>
      asked(api.GET('/api/pulls/{id}', { params: { path: { id } }, signal }));
    return comparing.follow((signal) => Promise.all(ids.map((id) => one(id, signal))));
  });

  async function load() {
    const query = { ...filter, page, size: PER_PAGE };
    await found.ask((signal) => asked(api.GET('/api/pulls', { params: { query }, signal })));
  }

  $effect(() => {
    void world.revision;
    void load();
  });

  function go(changed: Filter, page: number, compare = picked) {
    const all = {
      ...changed,
      page: page > 0 ? String(page + 1) : undefined,
      compare: compare.join(',') || undefined,
    };
    const text = Object.entries(all)
      .flatMap(([key, value]) => (value ? `${key}=${encodeURIComponent(value)}` : []))
      .join('&');
    void push(`/pulls${params.id ? `/${params.id}` : ''}${text ? `?${text}` : ''}`);
  }

  function compare(pull: PullView) {
    const others = picked.filter((id) => id !== pull.id);
    go(filter, page, picked.includes(pull.id) ? others : [...others.slice(-1), pull.id]);
  }

  function key(event: KeyboardEvent) {
    if (!typing(event) && event.key.toLowerCase() === 'l' && !event.ctrlKey) logging = true;
  }
</script>

<svelte:window onkeydown={key} />

<svelte:head><title>Pulls · Glanzen</title></svelte:head>
<div class="px-4 py-5 md:px-8">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-title">Pulls</h1>
    <div class="flex flex-wrap items-center gap-2">
      <a class="press press-quiet" href="/api/pulls.csv" download="logbook.csv">Export CSV</a>
      <Button onclick={() => (reading = true)}>Read a picture</Button>
      <Button onclick={() => (logging = true)}>Log a pull by hand (L)</Button>
    </div>
  </div>
  <Note name="pulls.read" />
  <Note name="pulls.filters" />
  <Filters {filter} total={found.answer?.total ?? 0} onchange={(changed) => go(changed, 0)} />
  {#if compared.length === 2}
    <Compare left={compared[0]!} right={compared[1]!} onclose={() => go(filter, page, [])} />
  {:else if compared.length === 1}
    <p class="border-verdigris bg-paper my-3 border-l-4 px-4 py-2">
      Choose a second pull to compare with no. {compared[0]?.number}.
    </p>
  {/if}
  <Note name="pulls.wall" />
  <div class="mt-4 grid gap-6 {params.id ? 'lg:grid-cols-[minmax(0,1fr)_23.75rem]' : ''}">
    <div>
      <Asked question={found} waiting="Opening the logbook…">
        {#snippet children(answer)}
          <ul
            class="grid {filter.plateId
              ? 'grid-cols-[repeat(auto-fill,minmax(260px,1fr))]'
              : 'grid-cols-[repeat(auto-fill,minmax(168px,1fr))]'} content-start gap-x-4 gap-y-5"
          >
            {#each answer.pulls as pull (pull.id)}
              <PullCard
                {pull}
                {search}
                large={Boolean(filter.plateId)}
                current={pull.id === params.id}
                picked={picked.includes(pull.id)}
                oncompare={() => compare(pull)}
              />
            {:else}
              <li class="text-soft col-span-full py-6">
                {#if Object.values(filter).some(Boolean)}
                  No pull matches.
                {:else}
                  Your pulls will be here, each with its picture and how it came out.
                  <a class="press press-strong ml-2" href="#/stack">Open stack</a>
                {/if}
              </li>
            {/each}
          </ul>
        {/snippet}
      </Asked>
    </div>
    {#if params.id}
      <PullDetail id={params.id} onchanged={load} onclose={() => push(`/pulls${search}`)} />
    {/if}
  </div>
  {#if pages > 1}
    <nav class="mt-6 flex items-center gap-3" aria-label="Pages">
      <Button why={page === 0 ? 'These are the newest.' : ''} onclick={() => go(filter, page - 1)}
        >Newer</Button
      >
      <span>page {page + 1} of {pages}</span>
      <Button why={page + 1 >= pages ? 'These are the oldest.' : ''} onclick={() => go(filter, page + 1)}
        >Older</Button
      >
    </nav>
  {/if}
</div>
<ChooseSetUp bind:open={reading} onchosen={(saved) => push(`/pulls/read?setUp=${saved.id}`)} />
<LogByHand bind:open={logging} onlogged={load} />
