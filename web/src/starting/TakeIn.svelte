<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, refusal, type Schemas } from '../api/client';
  import Fold from '../parts/Fold.svelte';
  import Pick from '../parts/Pick.svelte';
  import { world } from '../state/world.svelte';

  /** A job or a recipe that somebody sent: which of one's own things stand in for theirs. */
  let chooser = $state<HTMLInputElement>();
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
          ? `“${file.name}” is not a job or recipe that was sent from Glanzen.`
          : refusal(trouble);
    } finally {
      if (chooser) chooser.value = '';
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
      wrong = `${refusal(trouble)} Nothing was taken in.`;
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
          items={thing.standIns.map((s) => ({ id: s.id, name: s.same ? `${s.name}, just so` : s.name }))}
          onchoose={(id) => (answers[thing.id] = id)}
        />
      </li>
    {/each}
  </ul>
{/snippet}

<label
  class="press press-quiet has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3"
>
  Take one in
  <input
    bind:this={chooser}
    class="sr-only"
    type="file"
    accept=".json,application/json"
    aria-label="Take in a job or recipe that was sent"
    onchange={(e) => look(e.currentTarget.files?.[0])}
  />
</label>

<Modal bind:open title={found ? `Take in “${found.title}”` : 'Take in what was sent'} size="md">
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
          <Fold title={`${plain.length} of ${found.things.length} you have just so`}
            >{@render list(plain)}</Fold
          >
        {/if}
      </div>
      <div class="mt-3 flex gap-2">
        <button class="press press-strong" disabled={busy} onclick={take}>Take it in</button>
        <button class="press press-quiet" onclick={() => (open = false)}>Leave it</button>
      </div>
    {:else if !wrong}
      <p class="text-soft">Reading it…</p>
    {/if}
    {#if wrong}<p class="text-ochre mt-2" role="alert">{wrong}</p>{/if}
  </div>
</Modal>
