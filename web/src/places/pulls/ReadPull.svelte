<script lang="ts">
  import { push, router } from 'svelte-spa-router';
  import {
    api,
    asked,
    type Draft,
    type PullView,
    type RunView,
    type SavedSetUp,
    type Schemas,
  } from '../../api/client';
  import LogForm, { type Entry } from '../../logging/LogForm.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import { world } from '../../state/world.svelte';
  import Marks from './Marks.svelte';
  import ReadFigures from './ReadFigures.svelte';
  import { PullReading, type Why } from './reading.svelte';
  import StraightPicture from './StraightPicture.svelte';
  import TakePicture from './TakePicture.svelte';
  import TickedSigns from './TickedSigns.svelte';
  import Waiting from './Waiting.svelte';
  import WhySo from './WhySo.svelte';
  import Button from '../../parts/Button.svelte';

  /** A pull read off its picture: what stays is covered so far, what to do with it, why, and what next. */
  const query = new URLSearchParams(router.querystring ?? '');
  const which = {
    setUpId: query.get('setUp') ?? undefined,
    runId: query.get('run') ?? undefined,
    pullId: query.get('pull') ?? undefined,
  };
  const read = new PullReading(which);
  let saved = $state<SavedSetUp>();
  let run = $state<RunView>();
  let pull = $state<PullView>();
  let chosen = $state<Why['best']>();
  let correcting = $state(false);
  let busy = $state(false);
  const title = $derived(saved?.name ?? run?.title ?? pull?.title ?? 'A pull');
  const route = $derived(routes.of(saved?.draft.route ?? run?.draft.route ?? pull?.route));
  const reading = $derived(read.question.answer);

  $effect(() => {
    void about().catch(tell);
  });

  async function about() {
    const { setUpId, runId, pullId } = which;
    if (setUpId) saved = await asked(api.GET('/api/set-ups/{id}', { params: { path: { id: setUpId } } }));
    if (runId) run = await asked(api.GET('/api/runs/{id}', { params: { path: { id: runId } } }));
    if (pullId) pull = await asked(api.GET('/api/pulls/{id}', { params: { path: { id: pullId } } }));
  }

  async function log() {
    if (busy) return;
    busy = true;
    try {
      const id = await read.log(title, saved, chosen);
      await kit.changed();
      await push(`/pulls/${id}`);
    } catch (trouble) {
      tell(trouble);
    } finally {
      busy = false;
    }
  }

  async function corrected(entry: Entry) {
    const of = which.runId ? { runId: which.runId } : { draft: saved?.draft };
    const body = { ...entry, read: read.kept, next: chosen?.remedy, title, ...of };
    const { id } = await asked(api.POST('/api/pulls', { body }));
    await read.keepPicture(id);
    return id;
  }

  /** The pull is logged with the change that is made for the next; what of the set-up changes is changed there. */
  async function next(change: Why['best']) {
    if (busy) return;
    busy = true;
    try {
      const id = await read.log(title, saved, change);
      await kit.changed();
      await push(change.draft ? `/stack/${(await changed(change.draft)).id}` : `/pulls/${id}`);
    } catch (trouble) {
      tell(trouble);
    } finally {
      busy = false;
    }
  }

  function changed(draft: Draft) {
    const body = { name: saved?.name ?? `${title}, next`, draft };
    if (!saved) return world.kept(asked(api.POST('/api/readings/next', { body })));
    const params = { path: { id: saved.id }, query: { version: saved.version } };
    return world.kept(asked(api.PUT('/api/set-ups/{id}', { params, body })));
  }

  /** What only the eye can tell is logged as it was ticked, with the change that is made for the next. */
  async function nextTicked(change: Why['best'], ticked: Schemas['Ticked'], why: Why) {
    const shares = why.shares;
    try {
      const of = which.runId ? { runId: which.runId } : { draft: saved?.draft };
      const id =
        which.pullId ??
        (await asked(api.POST('/api/pulls', { body: { ...ticked, title, note: '', ...of } }))).id;
      const params = { path: { id } };
      await asked(api.PUT('/api/pulls/{id}/next', { params, body: { remedy: change.remedy, shares } }));
      await kit.changed();
      await push(change.draft ? `/stack/${(await changed(change.draft)).id}` : `/pulls/${id}`);
    } catch (trouble) {
      tell(trouble);
    }
  }

  async function simulated() {
    try {
      const response = await fetch(`/api/readings/simulated?runId=${which.runId ?? ''}`);
      if (!response.ok) throw new Error('The simulated camera took no picture.');
      await read.restart([new File([await response.blob()], 'pull.jpg', { type: 'image/jpeg' })]);
    } catch (trouble) {
      tell(trouble);
    }
  }

  function paste(event: ClipboardEvent) {
    if (event.clipboardData?.files.length) void read.restart(event.clipboardData.files);
  }
</script>

<svelte:window onpaste={paste} />
<svelte:head><title>Reading a pull · Glanzen</title></svelte:head>
{#if route && !route.film}
  <div class="px-4 py-5 md:px-6">
    <h1 class="text-title">{title}</h1>
    <TickedSigns {which} {route} onnext={nextTicked} />
  </div>
{:else}
  <div
    class="grid grid-cols-[minmax(0,1fr)] lg:min-h-screen lg:grid-cols-[minmax(0,1fr)_minmax(21.25rem,28.75rem)]"
  >
    <div class="px-4 py-5 md:px-6">
      <h1 class="text-title" aria-live="polite">{reading?.title ?? 'Reading a pull'}</h1>
      <p class="text-soft mb-2">
        {title}{reading ? ` · read from your picture, ${preferences.said(reading.place.says)}` : ''}
      </p>
      {#each run?.cut ?? pull?.cut ?? [] as said, at (at)}
        <p class="border-ochre-line bg-ochre-wash my-3 border-l-4 px-4 py-2">
          <strong>Shortened in its run:</strong>
          {preferences.said(said)}.
        </p>
      {/each}
      {#if reading?.lesson}
        <p class="border-verdigris bg-verdigris-wash my-3 border-l-4 px-4 py-2">{reading.lesson}</p>
      {/if}
      {#if reading?.uneven}
        <p class="border-ochre-line bg-ochre-wash my-3 border-l-4 px-4 py-2">{reading.uneven}</p>
      {/if}
      {#if read.question.loading}
        <Waiting stage={read.stage} oncancel={() => read.question.abort()} />
      {/if}
      {#if read.refused}
        <div role="alert" class="border-ochre-line bg-ochre-wash my-3 border-l-4 px-4 py-2">
          {#each read.refused.fields as field, at (at)}
            <p>The {field.field} {field.message}. Accepted: {field.accepted}.</p>
          {:else}<p>{read.refused.message}</p>{/each}
        </div>
      {/if}
      {#if read.files[0] && (read.setting || (read.refused && !reading))}
        <Marks
          file={read.files[0]}
          {which}
          corners={(read.marked?.kind === 'corners' ? read.marked.px : undefined) ??
            reading?.straight.corners ??
            undefined}
          onread={(marked) => read.read(marked)}
        />
      {:else if reading}
        <div class={read.question.stale ? 'opacity-50' : ''}><StraightPicture {reading} /></div>
      {/if}
      {#if reading}<ReadFigures {reading} {route} />{/if}
      {#if reading}
        <div class="mt-4 flex flex-wrap gap-2">
          <Button kind="strong" disabled={busy} onclick={log}
            >{pull ? 'Keep the picture with the pull' : 'Log this reading'}</Button
          >
          {#if !pull}<Button onclick={() => (correcting = true)}>Correct it by hand</Button>{/if}
        </div>
      {/if}
      <TakePicture
        first={!reading}
        onfirst={(files) => read.restart(files)}
        onmore={(files) => read.add(files)}
        oncorners={reading && !read.setting ? () => (read.setting = true) : undefined}
        onsimulated={run?.simulated ? simulated : undefined}
      />
    </div>
    <div class="bg-paper border-rule px-4 py-5 md:px-6 lg:border-l">
      {#if reading}
        <h2 class="text-heading">What to do with this one</h2>
        <ol class="mt-1">
          {#each reading.steps as step, i (i)}
            <li class="mt-1 flex gap-2"><strong>{i + 1}</strong><span>{preferences.said(step)}</span></li>
          {:else}<li class="mt-1">Nothing: it is as good as it looks.</li>{/each}
        </ol>
        {#if reading.cut}<p class="text-soft mt-1">
            What lies outside the cut is cut away and not counted.
          </p>{/if}
        {#if read.why}<WhySo
            why={read.why}
            onanswer={(asking, yes) => void read.answer(asking, yes).catch(tell)}
            onnext={next}
          />{/if}
      {:else}
        <h2 class="text-heading">How to take it</h2>
        <p class="mt-1">
          Lay the sheet flat on something of another colour, all four corners in the picture.
        </p>
        <p class="mt-2">
          Light from the side, no flash: foil shows best where it mirrors the lamp or the dark of the room.
        </p>
        <p class="mt-2">Two pictures with the lamp on different sides tell more than one.</p>
      {/if}
    </div>
  </div>
{/if}
{#if correcting && reading}
  <LogForm
    title="Correct what was read"
    {route}
    start={{
      outcome: reading.log.outcome,
      amount: reading.log.amount,
      coverage: reading.log.coverage,
      spillMm: reading.log.spillMm,
      faults: reading.log.faults,
      note: '',
    }}
    log={corrected}
    onclose={() => (correcting = false)}
    ondone={(id) => void push(`/pulls/${id}`)}
  />
{/if}
