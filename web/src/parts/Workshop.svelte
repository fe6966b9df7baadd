<script lang="ts">
  import { api, asked, token, trouble, type Schemas } from '../api/client';
  import { world } from '../state/world.svelte';

  const LOOK_MS = 300;
  let busy = $state(false);
  let stage = $state<Schemas['Stage']>();
  let giveUp = $state.raw(() => {});
  let wrong = $state('');
  let file = $state<File>();
  let exported = $state(false);
  let taken = $state<Schemas['Contents']>();
  let chooser = $state<HTMLInputElement>();

  function put(away: boolean) {
    file = undefined;
    exported = false;
    if (away && chooser) chooser.value = '';
  }

  /** Something long: how far it is, and a way to give it up. */
  async function long(work: (signal: AbortSignal) => Promise<void>) {
    const control = new AbortController();
    giveUp = () => {
      void asked(api.DELETE('/api/workshop/transfer')).catch(() => {});
      // What is taken in says itself whether it was given up in time.
      if (!file) control.abort();
    };
    busy = true;
    wrong = '';
    const look = setInterval(() => {
      void asked(api.GET('/api/workshop/transfer')).then(
        (now) => (stage = now),
        () => {},
      );
    }, LOOK_MS);
    try {
      await work(control.signal);
    } catch (problem) {
      const says = control.signal.aborted ? 'It was cancelled.' : (problem as Error).message;
      wrong = says.includes('Nothing was changed') ? says : `${says} Nothing was changed.`;
    } finally {
      clearInterval(look);
      stage = undefined;
      busy = false;
    }
  }

  const take = () =>
    long(async () => {
      if (!file) return;
      const headers = { 'X-XSRF-TOKEN': token(), 'Content-Type': 'application/zip' };
      const response = await fetch('/api/workshop', { method: 'POST', body: file, headers });
      const read = (await response.json()) as Schemas['Contents'];
      if (!response.ok) throw trouble(response.status, read);
      taken = read;
      world.changed();
    }).finally(() => put(true));

  const give = () =>
    long(async (signal) => {
      const response = await fetch('/api/workshop', { signal });
      if (!response.ok) throw trouble(response.status, await response.json());
      const link = document.createElement('a');
      link.href = URL.createObjectURL(await response.blob());
      link.download = 'glanzen-workshop.zip';
      link.click();
      URL.revokeObjectURL(link.href);
      exported = true;
    });
</script>

<section class="border-rule border-t pt-4">
  <h3 class="text-lead mb-2">Your workshop as one file</h3>
  {#if taken}
    <p role="status">
      Imported: {taken.setUps} set-ups, {taken.pulls} pulls, {taken.pictures} pictures. Reload any other page that
      is open.
    </p>
    <!-- Nothing of the workshop that is gone may stay on the page. -->
    <button
      class="press press-strong mt-2"
      onclick={() => {
        location.hash = '/bench';
        location.reload();
      }}>Open the workshop</button
    >
  {:else if file}
    <div
      role="alertdialog"
      aria-label="Replace the workshop"
      class="border-ochre-line bg-ochre-wash border-l-4 p-3"
    >
      <p>
        “{file.name}” replaces everything here: kit, set-ups, logbook and pictures. Export what is here first,
        so that you can go back.
      </p>
      <div class="mt-2 flex flex-wrap gap-2">
        <button class="press" disabled={busy} onclick={give}
          >{exported ? 'Exported' : 'Export what is here'}</button
        >
        <button class="press press-strong" disabled={busy} onclick={take}
          >{busy ? 'Reading…' : exported ? 'Replace' : 'Replace without exporting'}</button
        >
        <button class="press press-quiet" disabled={busy} onclick={() => put(true)}>Cancel</button>
      </div>
    </div>
  {:else}
    <div class="flex flex-wrap items-center gap-3">
      <button class="press" disabled={busy} onclick={give}>{exported ? 'Exported' : 'Export'}</button>
      <label class="press has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3">
        Import…
        <input
          bind:this={chooser}
          class="sr-only"
          type="file"
          accept=".zip"
          onchange={(e) => (file = e.currentTarget.files?.[0])}
        />
      </label>
    </div>
  {/if}
  {#if busy}
    <div class="mt-2 flex items-center gap-3">
      <label class="grow" role="status"
        >{stage?.stage || 'Loading'}…
        <progress
          class="accent-verdigris block w-full"
          max={stage?.of || 1}
          value={stage?.of ? stage.done : undefined}
        ></progress>
      </label>
      <button class="press press-quiet" onclick={giveUp}>Cancel</button>
    </div>
  {/if}
  {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
</section>
