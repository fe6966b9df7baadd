<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, type SavedSetUp } from '../../api/client';
  import LogForm, { type Entry } from '../../logging/LogForm.svelte';
  import { routes } from '../../state/routes.svelte';
  import ChooseSetUp from './ChooseSetUp.svelte';

  /** For a pull that was made without Run: first which set-up, then how it came out. */
  let { open = $bindable(false), onlogged }: { open: boolean; onlogged: () => Promise<void> } = $props();
  let chosen = $state<SavedSetUp>();

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

<ChooseSetUp bind:open onchosen={(saved) => (chosen = saved)} />
{#if chosen}
  <LogForm
    route={routes.of(chosen.draft.route)}
    title="Log “{chosen.name}”"
    {log}
    onclose={() => (chosen = undefined)}
    ondone={done}
  />
{/if}
