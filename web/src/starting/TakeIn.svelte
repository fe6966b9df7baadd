<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, refusal, type Schemas } from '../api/client';
  import Fold from '../parts/Fold.svelte';
  import Pick from '../parts/Pick.svelte';
  import { world } from '../state/world.svelte';
  import Button from '../parts/Button.svelte';
  import FileField from '../parts/FileField.svelte';

  /** A job or a recipe that somebody sent: which of one's own things stand in for theirs. */
  let open = $state(false);
  let parcel = $state.raw<Schemas['Arriving']['parcel']>({});
  let found = $state<Schemas['ParcelView']>();
  let answers = $state<Record<string, string>>({});
  let wrong = $state('');
  let busy = $state(false);

  type Needed = Schemas['ParcelView']['things'];
  const same = (t: Needed[number]) => t.standIns.some((s) => s.same);
  const plain = $derived(found?.things.filter(same) ?? []);
  const asking = $derived(found?.things.filter((t) => !same(t)) ?? []);

  async function look(file: File | undefined) {
    if (!file) return;
    wrong = '';
    found = undefined;
    open = true;
    try {
      parcel = JSON.parse(await file.text()) as typeof parcel;
      found = await asked(api.POST('/api/parcels/look', { body: { parcel, answers: {} } }));
      answers = Object.fromEntries(found.things.map((t) => [t.id, t.usual]));
    } catch (trouble) {
      wrong =
        trouble instanceof SyntaxError
          ? `“${file.name}” is not a job or recipe file from Glanzen.`
          : refusal(trouble);
    }
  }

  async function take() {
    busy = true;
    wrong = '';
    try {
      const arrived = await asked(api.POST('/api/parcels', { body: { parcel, answers } }));
      world.changed();
      open = false;
      await push(arrived.jobId ? `/job/${arrived.jobId}` : `/stack/${arrived.setUpIds[0]}`);
    } catch (trouble) {
      wrong = `${refusal(trouble)} Nothing was imported.`;
    } finally {
      busy = false;
    }
  }
</script>

{#snippet list(things: Needed)}
  <ul>
    {#each things as thing (thing.id)}
      <li class="border-rule grid gap-x-4 border-t py-2 sm:grid-cols-[1fr_minmax(0,260px)] sm:items-center">
        <span>
          {thing.name}
          <span class="text-soft text-small block">{thing.shelf}</span>
        </span>
        <Pick
          label="Stands in for {thing.name}"
          hideLabel
          value={answers[thing.id]}
          none="add theirs to my kit"
          items={thing.standIns.map((s) => ({ id: s.id, name: s.same ? `${s.name}, the same` : s.name }))}
          onchoose={(id) => (answers[thing.id] = id)}
        />
      </li>
    {/each}
  </ul>
{/snippet}

<FileField
  label="Import…"
  kind="quiet"
  accept=".json,application/json"
  says="Open a job or recipe file"
  onfiles={(files) => look(files[0])}
/>

<Modal bind:open title={found ? `Import “${found.title}”` : 'Import a job or recipe'} size="md">
  <div class="text-ink">
    {#if found}
      <p>
        {found.job ? 'A job' : 'A recipe'}{found.job && found.setUps.length > 0
          ? ` with ${found.setUps.length} set-up${found.setUps.length === 1 ? '' : 's'}`
          : ''}. Say which of your own things stand in for the sender’s. Forecasts are made anew for your rig.
      </p>
      <div class="mt-3 max-h-[50vh] overflow-y-auto">
        {@render list(asking)}
        {#if plain.length > 0}
          <Fold title={`You already have ${plain.length} of these ${found.things.length}`}
            >{@render list(plain)}</Fold
          >
        {/if}
      </div>
      <div class="mt-3 flex gap-2">
        <Button kind="strong" disabled={busy} onclick={take}>Import</Button>
        <Button kind="quiet" onclick={() => (open = false)}>Cancel</Button>
      </div>
    {:else if !wrong}
      <p class="text-soft">Loading…</p>
    {/if}
    {#if wrong}<p class="text-ochre mt-2" role="alert">{wrong}</p>{/if}
  </div>
</Modal>
