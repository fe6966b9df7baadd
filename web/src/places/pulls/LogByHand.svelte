<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, type SavedSetUp } from '../../api/client';
  import { routes } from '../../state/routes.svelte';
  import NewSetUp from '../../starting/NewSetUp.svelte';
  import LogForm, { type Entry } from '../../logging/LogForm.svelte';

  /** For a pull that was made without Run: first which set-up, then how it came out. */
  let { open = $bindable(false), onlogged }: { open: boolean; onlogged: () => Promise<void> } = $props();
  const asking = new Question<SavedSetUp[]>();
  let chosen = $state<SavedSetUp>();
  let starting = $state(false);

  $effect(() => {
    if (open) return asking.follow((signal) => asked(api.GET('/api/set-ups', { signal })));
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
  <Asked question={asking} waiting="Fetching your set-ups…">
    {#snippet children(setUps)}
      <ul class="text-ink max-h-[60vh] overflow-y-auto">
        {#each setUps as setUp (setUp.id)}
          <li class="border-rule border-t">
            <button
              class="text-verdigris w-full py-2 text-left font-bold"
              onclick={() => {
                chosen = setUp;
                open = false;
              }}>{setUp.name}</button
            >
          </li>
        {:else}
          <li class="py-2">There is no set-up yet.</li>
        {/each}
      </ul>
      <button class="press mt-2" onclick={() => (starting = true)}>It was another: new set-up…</button>
    {/snippet}
  </Asked>
</Modal>
<NewSetUp
  bind:open={starting}
  onkept={(saved) => {
    starting = false;
    open = false;
    chosen = saved;
  }}
/>
{#if chosen}
  <LogForm
    route={routes.of(chosen.draft.route)}
    title="Log “{chosen.name}”"
    {log}
    onclose={() => (chosen = undefined)}
    ondone={done}
  />
{/if}
