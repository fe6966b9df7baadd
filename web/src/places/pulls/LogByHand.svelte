<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, type SavedSetUp } from '../../api/client';
  import { tell } from '../../state/messages.svelte';
  import { routes } from '../../state/routes.svelte';
  import LogForm, { type Entry } from './LogForm.svelte';

  /** For a pull that was made without Run: first which set-up, then how it came out. */
  let { open = $bindable(false), onlogged }: { open: boolean; onlogged: () => Promise<void> } = $props();
  let setUps = $state<SavedSetUp[]>([]);
  let chosen = $state<SavedSetUp>();
  let writing = $state(false);

  $effect(() => {
    if (open) asked(api.GET('/api/set-ups')).then((all) => (setUps = all), tell);
  });

  async function log(entry: Entry) {
    if (!chosen) throw new Error('No set-up is chosen');
    const body = { ...entry, title: chosen.name, draft: chosen.draft };
    return (await asked(api.POST('/api/pulls', { body }))).id;
  }

  async function done(id: string) {
    await onlogged();
    await push(`/pulls/${id}`);
  }
</script>

<Modal bind:open title="Which set-up did you pull?" size="sm">
  <ul class="text-ink max-h-[60vh] overflow-y-auto">
    {#each setUps as setUp (setUp.id)}
      <li class="border-rule border-t">
        <button
          class="text-verdigris w-full py-2 text-left font-bold"
          onclick={() => {
            chosen = setUp;
            open = false;
            writing = true;
          }}>{setUp.name}</button
        >
      </li>
    {:else}
      <li>There is no set-up yet. Start one on the bench.</li>
    {/each}
  </ul>
</Modal>
<LogForm
  route={routes.of(chosen?.draft.route)}
  bind:open={writing}
  title="Log “{chosen?.name ?? ''}”"
  {log}
  ondone={done}
/>
