<script lang="ts">
  import { untrack } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, type CardPlan, type CardView } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import CardInSpace from '../../drawing/CardInSpace.svelte';
  import Conflict from '../../editing/Conflict.svelte';
  import { NOTHING_TO_UNDO, undoKeys } from '../../editing/undo';
  import Findings from '../../parts/Findings.svelte';
  import Nowhere from '../../parts/Nowhere.svelte';
  import Pick from '../../parts/Pick.svelte';
  import { tell } from '../../state/messages.svelte';
  import { planning } from '../../state/planning.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import BaseForm from './BaseForm.svelte';
  import BottomUp from './BottomUp.svelte';
  import CutThrough from './CutThrough.svelte';
  import FallsOut from './FallsOut.svelte';
  import FoamToCut from './FoamToCut.svelte';
  import Leading from './Leading.svelte';
  import MountedForm from './MountedForm.svelte';
  import PrintCard from './PrintCard.svelte';
  import ToTry from './ToTry.svelte';
  import Button from '../../parts/Button.svelte';
  import Slide from '../../parts/Slide.svelte';
  import Note from '../../parts/Note.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();
  let missing = $state(false);
  let loaded = $state(false);
  let chosen = $state('');
  let inside = $state(false);
  let apart = $state(0.75);
  let led = $state(false);
  /** Another arrangement of the same card, to be held against this one. */
  let aside = $state<CardPlan>();
  let over = $state(false);
  const looked = new Question<CardView>();
  const job = $derived(planning.job);
  const card = $derived(job?.card);
  const view = $derived(looked.answer);
  const there = $derived(planning.all.filter((saved) => !throwing.gone.includes(saved.id)));
  const mounted = $derived(card?.mounted.find((m) => m.key === chosen));
  const warned = $derived((view?.findings ?? []).flatMap((f) => f.keys));
  const opens = $derived(vocabulary.now.cards.folds.find((f) => f.fold === card?.base.fold)?.opens ?? false);
  const fold = $derived(vocabulary.now.cards.folds.find((f) => f.fold === card?.base.fold)?.label ?? '');
  const notMounted = $derived(
    (job?.pieces ?? []).filter(
      (p) => p.name !== card?.base.piece && !card?.mounted.some((m) => m.piece === p.name),
    ),
  );
  const ground = $derived<[string, string]>([
    `Base, ${fold}`,
    view && opens
      ? `open ${preferences.lengthFigure(view.base.widthMm)} × ${preferences.length(view.base.heightMm)}`
      : '',
  ]);

  $effect(() => {
    const id = params.id;
    // What loading reads must not make it load again.
    untrack(() => planning.load(id))
      .then((found) => ([missing, loaded] = [!found, true]))
      .catch(tell);
  });

  $effect(() => {
    const body = planning.job;
    if (!body?.card) return;
    return looked.follow((signal) => asked(api.POST('/api/cards/look', { body, signal })));
  });

  function change(changed: CardPlan) {
    if (job) planning.change({ ...job, card: changed });
  }

  function swap() {
    if (!card || !aside) return;
    const other = aside;
    aside = card;
    change(other);
  }

  function begin() {
    if (job) void turned(asked(api.POST('/api/cards/first', { body: job })));
  }

  async function addInside() {
    if (!job) return;
    try {
      planning.change(await asked(api.POST('/api/cards/inside', { body: job })));
      inside = true;
    } catch (trouble) {
      tell(trouble);
    }
  }

  /** The server knows how a card changes; the page shows what comes of it. */
  async function turned(into: Promise<CardPlan>) {
    try {
      change(await into);
    } catch (trouble) {
      tell(trouble);
    }
  }

  function move(key: string, rightMm: number, upMm: number) {
    if (!card) return;
    chosen = key;
    const query = { key, rightMm, upMm };
    void turned(asked(api.POST('/api/cards/moved', { params: { query }, body: card })));
  }

  function mount(piece: string) {
    if (!card) return;
    chosen = piece;
    const query = { piece, on: inside ? vocabulary.now.cards.inside : vocabulary.now.cards.front };
    void turned(asked(api.POST('/api/cards/mounted', { params: { query }, body: card })));
  }

  function takeOff(key: string) {
    if (!card) return;
    chosen = '';
    void turned(asked(api.POST('/api/cards/without', { params: { query: { key } }, body: card })));
  }
</script>

<svelte:head><title>{job ? `${job.name} · ` : ''}Card · Glanzen</title></svelte:head>
<svelte:window onkeydown={(event) => undoKeys(event, planning)} />

{#if missing}
  <Nowhere title="This card is not in your workshop">
    <p class="text-lead mt-3">Its job was deleted, or this address belongs to another workshop.</p>
  </Nowhere>
{:else if job}
  <div class="grid min-h-full grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_25rem]">
    <section class="min-w-0 px-4 py-4 md:px-6" aria-label="Card">
      <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div class="min-w-0 flex-1 basis-[240px]">
          <h1 class="text-title">{job.name}</h1>
          {#if card && view}
            <p class="text-soft">
              {job.cards} card{job.cards === 1 ? '' : 's'}, {preferences.said(view.title)}
            </p>
          {/if}
        </div>
        <Pick
          label="Card of"
          class="max-w-[220px]"
          value={planning.saved?.id}
          items={there.map((saved) => ({ id: saved.id, name: saved.job.name }))}
          onchoose={(id) => {
            chosen = '';
            aside = undefined;
            led = false;
            void push(`/card/${id}`);
          }}
        />
        <Button kind="quiet" why={planning.canUndo ? '' : NOTHING_TO_UNDO} onclick={() => planning.undo()}
          >Undo</Button
        >
      </div>
      {#if !card}
        <p class="text-lead mt-6 max-w-[56ch]">
          The pieces are not arranged yet. Arrange them here before anything is glued.
        </p>
        <Button kind="strong" class="mt-4" onclick={begin}>Arrange the pieces</Button>
      {:else if view}
        <Note name="card.space" />
        <div class={looked.stale ? 'opacity-80' : ''}>
          <CardInSpace
            {view}
            base={card.base}
            {ground}
            {inside}
            {over}
            {apart}
            {chosen}
            {warned}
            onchoose={(key) => (chosen = key)}
            onmove={move}
          />
        </div>
        <div class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
          <div class="flex items-center gap-3">
            <span class="text-soft">together</span>
            <Slide label="From together to pulled apart" class="w-[200px]" bind:value={apart} />
            <span class="text-soft">pulled apart</span>
          </div>
          {#if opens}
            <Button kind="quiet" aria-pressed={inside} onclick={() => (inside = !inside)}
              >{inside ? 'Close it' : 'Open it'}</Button
            >
          {/if}
          <Button kind="quiet" aria-pressed={over} onclick={() => (over = !over)}
            >{over ? 'Face up again' : 'Turn it over'}</Button
          >
          {#if aside}
            <Button kind="quiet" onclick={swap}>Swap with the saved version</Button>
          {:else}
            <Button kind="quiet" onclick={() => (aside = card)}>Save this version</Button>
          {/if}
          {#if notMounted.length > 0}
            <Pick
              label="Mount"
              hideLabel
              adds
              class="max-w-[220px]"
              none="Mount another piece…"
              items={notMounted.map((p) => ({ id: p.name, name: p.name }))}
              onchoose={mount}
            />
          {/if}
        </div>
        <div class="mt-3">
          {#if mounted}
            <MountedForm {card} {mounted} {view} onchange={change} onremove={() => takeOff(mounted.key)} />
          {/if}
          <details class="border-rule mt-3 border-t pt-3" open={!mounted}>
            <summary class="text-heading font-title font-bold">Base and envelope</summary>
            <div class="mt-2"><BaseForm {card} {job} {view} onchange={change} oninside={addInside} /></div>
          </details>
        </div>
      {/if}
      {#if card && looked.trouble}
        <p role="alert" class="text-ochre mt-4">{looked.trouble.message}</p>
      {/if}
    </section>
    <aside
      class="border-rule bg-paper flex flex-col gap-4 px-5 py-5 lg:border-l"
      aria-label="How it is glued"
    >
      {#if card && view}
        {#if led}
          <Leading
            steps={view.steps}
            cards={job.cards}
            jobId={planning.saved?.id ?? ''}
            onstep={(key) => {
              chosen = key;
              inside = view.pieces.find((p) => p.key === key)?.inside ?? inside;
            }}
            onend={() => (led = false)}
          />
        {:else}
          <Findings findings={view.findings} most={3} onmend={(mend) => change(mend.card)} />
        {/if}
        <Note name="card.section" />
        {#key planning.saved?.id}<CutThrough {job} {view} />{/key}
        <div>
          <Note name="card.steps" />
          <BottomUp steps={view.steps} {chosen} onchoose={(key) => (chosen = key)} />
          {#if !led}
            <Button kind="strong" class="mt-2" onclick={() => (led = true)}>Guide me step by step</Button>
          {/if}
        </div>
        <FoamToCut cuts={view.foam} />
        {#if view.fallsOut.length > 0}<FallsOut pieces={view.fallsOut} />{/if}
        {#if !led && view.ideas.length > 0}<ToTry ideas={view.ideas} onchange={change} />{/if}
        {#if planning.saved}
          <PrintCard
            jobId={planning.saved.id}
            foam={view.foam.length > 0}
            inside={view.pieces.some((p) => p.inside)}
          />
        {/if}
      {/if}
    </aside>
  </div>
{:else if loaded}
  <div class="mx-auto max-w-[60ch] px-6 py-14">
    <h1 class="text-display">No card yet</h1>
    <p class="text-lead mt-3">A card is put together from the pieces of a job.</p>
    <a class="press press-strong mt-6" href="#/job">New job</a>
  </div>
{/if}
<Conflict what="job" drafts={planning} />
