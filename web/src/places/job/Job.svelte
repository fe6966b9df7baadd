<script lang="ts">
  import TitleField from '../../parts/TitleField.svelte';
  import Pick from '../../parts/Pick.svelte';
  import { untrack } from 'svelte';
  import { push, replace, router } from 'svelte-spa-router';
  import { api, asked, type SavedSetUp } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import Conflict from '../../editing/Conflict.svelte';
  import { NOTHING_TO_UNDO, undoKeys } from '../../editing/undo';
  import ExplodedCard from '../../drawing/ExplodedCard.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import NumberField from '../../parts/NumberField.svelte';
  import Nowhere from '../../parts/Nowhere.svelte';
  import { planning } from '../../state/planning.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import TakeIn from '../../starting/TakeIn.svelte';
  import AddHere from '../../shelving/AddHere.svelte';
  import PieceSteps from './PieceSteps.svelte';
  import SuppliesList from './SuppliesList.svelte';
  import WhenDone from './WhenDone.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();
  /** Which piece is open stands in the address, too, so that it stays open when the page is read again. */
  const named = () =>
    Math.max(0, Number(new URLSearchParams(router.querystring ?? '').get('piece') ?? 1) - 1);
  let chosen = $state(named());
  let missing = $state(false);
  let loaded = $state(false);
  const found = new Question<SavedSetUp[]>();
  const setUps = $derived(found.answer ?? []);
  const there = $derived(planning.all.filter((saved) => !throwing.gone.includes(saved.id)));
  const job = $derived(planning.job);
  const look = $derived(planning.look);
  const piece = $derived(job?.pieces[Math.min(chosen, job.pieces.length - 1)]);
  const warned = $derived((look?.findings ?? []).map((f) => f.length > 0));

  $effect(() => {
    const id = params.id;
    chosen = untrack(named);
    // What loading reads must not make it load again.
    untrack(() => planning.load(id))
      .then((found) => ([missing, loaded] = [!found, true]))
      .catch(tell);
    return found.follow((signal) => asked(api.GET('/api/set-ups', { signal })));
  });

  function choose(piece: number) {
    chosen = piece;
    const id = planning.saved?.id;
    if (id) void replace(`/job/${id}?piece=${piece + 1}`);
  }

  async function begin() {
    try {
      await push(`/job/${await planning.begin({ name: 'New job', cards: 1, pieces: [] })}`);
    } catch (trouble) {
      tell(trouble);
    }
  }

  /** Out of sight at once; another job takes its place. */
  async function remove() {
    const gone = planning.saved;
    if (!gone) return;
    await planning.settle();
    const { id, version } = planning.saved ?? gone;
    const query = { path: { id }, query: { version } };
    throwing.away(
      id,
      `“${gone.job.name}” is deleted. Its set-ups and pulls stay.`,
      () => asked(api.DELETE('/api/jobs/{id}', { params: query, keepalive: true })),
      () => void planning.load(params.id).catch(tell),
    );
    const next = there[0]?.id;
    if (next) await push(`/job/${next}`);
  }

  function addPiece() {
    const stock = kit.inUse('stocks')[0];
    if (!job || !stock) return;
    const fresh = {
      name: `Piece ${job.pieces.length + 1}`,
      stockId: stock.id,
      perCard: 1,
      widthMm: 105,
      heightMm: 148,
      operations: [],
    };
    const top = job.pieces.length;
    planning.change({ ...job, pieces: [...job.pieces, fresh] });
    choose(top);
  }
</script>

<svelte:head><title>{job ? `${job.name} · ` : ''}Job · Glanzen</title></svelte:head>
<svelte:window onkeydown={(event) => undoKeys(event, planning)} />

{#if missing}
  <Nowhere title="This job is not in your workshop">
    <p class="text-lead mt-3">It was deleted, or this address belongs to another workshop.</p>
  </Nowhere>
{:else if job && !throwing.gone.includes(planning.saved?.id ?? '')}
  <div class="grid min-h-full grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_21.25rem]">
    <section class="min-w-0 px-4 py-4 md:px-6" aria-label="Job">
      <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 class="sr-only">Job</h1>
        <div class="min-w-0 flex-1 basis-[220px]">
          <TitleField
            label="Name of this job"
            value={job.name}
            onchange={(name) => planning.change({ ...job, name })}
          />
        </div>
        <NumberField
          label="Cards"
          name="cards"
          class="w-24"
          whole
          min={1}
          max={1000}
          value={job.cards}
          onvalue={(cards) => planning.change({ ...job, cards })}
        />
        <Pick
          label="Job"
          class="max-w-[220px]"
          value={planning.saved?.id}
          items={there.map((saved) => ({ id: saved.id, name: saved.job.name }))}
          onchoose={(id) => {
            void push(`/job/${id}`);
          }}
        />
        <Button kind="quiet" why={planning.canUndo ? '' : NOTHING_TO_UNDO} onclick={() => planning.undo()}
          >Undo</Button
        >
        <TakeIn />
        <Button onclick={begin}>New job</Button>
      </div>
      <div class="mt-2 grid grid-cols-[repeat(auto-fit,minmax(min(100%,22rem),1fr))] gap-x-6">
        <div>
          <Note name="job.pieces" />
          <ExplodedCard works={look?.works ?? []} {job} {chosen} {warned} onchoose={choose} />
          {#if kit.inUse('stocks').length === 0}
            <AddHere
              says="Your kit has no stock yet."
              fits={(k) => k.things.stocks.length > 0}
              shelf="stocks"
            />
          {:else}
            <Button kind="quiet" class="-ml-2" onclick={addPiece}>Add a piece on top</Button>
          {/if}
          <a class="press press-quiet" href="#/card/{planning.saved?.id ?? ''}">Arrange the card</a>
          <a class="press press-quiet" href="/api/jobs/{planning.saved?.id ?? ''}/parcel" download>Export…</a>
          <Button kind="quiet" class="text-soft" onclick={remove}>Delete job</Button>
        </div>
        {#if piece}
          <PieceSteps
            {piece}
            index={chosen}
            findings={look?.findings[chosen] ?? []}
            {setUps}
            onremove={() => {
              planning.change({ ...job, pieces: job.pieces.filter((_, i) => i !== chosen) });
              choose(Math.max(0, chosen - 1));
            }}
          />
        {:else}
          <p class="text-soft">Add the bottom piece first.</p>
        {/if}
      </div>
    </section>
    <aside class="border-rule bg-paper px-5 py-5 lg:border-l" aria-label="Supplies needed">
      {#if planning.saved}<WhenDone id={planning.saved.id} />{/if}
      {#if look}<Note name="job.bill" /><SuppliesList {look} {job} id={planning.saved?.id ?? ''} />{/if}
    </aside>
  </div>
{:else if loaded}
  <div class="mx-auto max-w-[60ch] px-6 py-14">
    <h1 class="text-display">No job yet</h1>
    <p class="text-lead mt-3">
      A job is one card design, or a batch of it: its pieces and what is done to them.
    </p>
    <div class="mt-6 flex gap-2">
      <Button kind="strong" onclick={begin}>New job</Button>
      <TakeIn />
    </div>
  </div>
{/if}
<Conflict what="job" drafts={planning} />
