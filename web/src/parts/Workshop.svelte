<script lang="ts">
  import { asked, token, trouble, type Schemas } from '../api/client';
  import { world } from '../state/world.svelte';

  let busy = $state(false);
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

  async function take() {
    if (!file) return;
    busy = true;
    wrong = '';
    const body = new FormData();
    body.append('file', file);
    try {
      const headers = { 'X-XSRF-TOKEN': token() };
      const response = await fetch('/api/workshop', { method: 'POST', body, headers });
      const read = (await response.json()) as Schemas['Contents'];
      if (!response.ok) throw trouble(response.status, read);
      taken = await asked(Promise.resolve({ data: read, response }));
      world.changed();
    } catch (problem) {
      wrong = `${(problem as Error).message} Nothing was changed.`;
    } finally {
      busy = false;
      put(true);
    }
  }
</script>

<section class="border-rule border-t pt-4">
  <h3 class="text-lead mb-2">Your workshop as one file</h3>
  {#if taken}
    <p role="status">
      Taken in: {taken.setUps} set-ups, {taken.pulls} pulls, {taken.pictures} pictures. Every page open on the old
      workshop is to be opened anew.
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
        “{file.name}” takes the place of everything here: kit, set-ups, logbook and pictures. Export what is
        here first, so that you can go back.
      </p>
      <div class="mt-2 flex flex-wrap gap-2">
        <a
          class="press"
          href="/api/workshop"
          download="glanzen-workshop.zip"
          onclick={() => (exported = true)}>{exported ? 'Exported' : 'Export what is here'}</a
        >
        <button class="press press-strong" disabled={busy} onclick={take}
          >{busy ? 'Reading…' : exported ? 'Replace it' : 'Replace it without exporting'}</button
        >
        <button class="press press-quiet" disabled={busy} onclick={() => put(true)}>Leave it as it is</button>
      </div>
    </div>
  {:else}
    <div class="flex flex-wrap items-center gap-3">
      <a class="press" href="/api/workshop" download="glanzen-workshop.zip">Export</a>
      <label class="press has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3">
        Import, replacing what is here
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
  {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
</section>
