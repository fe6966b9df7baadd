<script lang="ts">
  import { api, asked, token, trouble, type Schemas } from '../api/client';
  import { world } from '../state/world.svelte';
  import Button from './Button.svelte';
  import FileField from './FileField.svelte';
  import Progress from './Progress.svelte';

  const LOOK_MS = 300;
  let busy = $state(false);
  let stage = $state<Schemas['Stage']>();
  let giveUp = $state.raw(() => {});
  let wrong = $state('');
  let file = $state<File>();
  let exported = $state(false);
  let taken = $state<Schemas['Contents']>();

  function put() {
    file = undefined;
    exported = false;
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
    }).finally(() => put());

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
    <Button
      kind="strong"
      class="mt-2"
      onclick={() => {
        location.hash = '/bench';
        location.reload();
      }}>Open the workshop</Button
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
        <Button disabled={busy} onclick={give}>{exported ? 'Exported' : 'Export what is here'}</Button>
        <Button kind="strong" disabled={busy} onclick={take}
          >{busy ? 'Reading…' : exported ? 'Replace' : 'Replace without exporting'}</Button
        >
        <Button kind="quiet" disabled={busy} onclick={() => put()}>Cancel</Button>
      </div>
    </div>
  {:else}
    <div class="flex flex-wrap items-center gap-3">
      <Button disabled={busy} onclick={give}>{exported ? 'Exported' : 'Export'}</Button>
      <FileField label="Import…" kind="plain" accept=".zip" onfiles={(files) => (file = files[0])} />
    </div>
  {/if}
  {#if busy}
    <div class="mt-2 flex items-center gap-3">
      <div class="grow">
        <p role="status">{stage?.stage || 'Loading'}…</p>
        <Progress
          label="How far it is"
          class="block w-full"
          gone={stage?.of ? stage.done / stage.of : undefined}
        />
      </div>
      <Button kind="quiet" onclick={giveUp}>Cancel</Button>
    </div>
  {/if}
  {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
</section>
