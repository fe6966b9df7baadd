<script lang="ts">
  import { asked, token, trouble, type Schemas } from '../api/client';
  import { kit } from '../state/kit.svelte';
  import { tell } from '../state/messages.svelte';

  let busy = $state(false);
  let wrong = $state('');

  async function take(file: File | undefined) {
    if (!file) return;
    busy = true;
    wrong = '';
    const body = new FormData();
    body.append('file', file);
    try {
      const response = await fetch('/api/workshop', {
        method: 'POST',
        body,
        headers: { 'X-XSRF-TOKEN': token() },
      });
      const read = (await response.json()) as Schemas['Contents'];
      if (!response.ok) throw trouble(response.status, read);
      await asked(Promise.resolve({ data: read, response }));
      await kit.load();
      tell(`Taken in: ${read.setUps} set-ups, ${read.pulls} pulls, ${read.pictures} pictures.`);
    } catch (problem) {
      wrong = `${(problem as Error).message} Nothing was changed.`;
    } finally {
      busy = false;
    }
  }
</script>

<section class="border-rule border-t pt-4">
  <h3 class="mb-2 text-[18px]">Your workshop as one file</h3>
  <div class="flex flex-wrap items-center gap-3">
    <a class="press" href="/api/workshop" download="glanzen-workshop.zip">Export</a>
    <label class="press has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3">
      {busy ? 'Reading…' : 'Import, replacing what is here'}
      <input
        class="sr-only"
        type="file"
        accept=".zip"
        disabled={busy}
        onchange={(e) => take(e.currentTarget.files?.[0])}
      />
    </label>
  </div>
  {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
</section>
