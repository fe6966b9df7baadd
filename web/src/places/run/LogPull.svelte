<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, type RunView } from '../../api/client';
  import { routes } from '../../state/routes.svelte';
  import LogForm, { type Entry } from '../pulls/LogForm.svelte';

  let { open = $bindable(false), run }: { open: boolean; run: RunView } = $props();

  /** The simulated scanner reads the pull, as a careful person would. */
  async function readOff() {
    const pull = await asked(api.GET('/api/runs/{id}/scan', { params: { path: { id: run.id } } }));
    return { coverage: Math.round(pull.coverage * 100) / 100, spillMm: Math.round(pull.spillMm * 100) / 100 };
  }

  async function log(entry: Entry) {
    const pull = await asked(api.POST('/api/pulls', { body: { ...entry, title: run.title, runId: run.id } }));
    return pull.id;
  }
</script>

<LogForm
  bind:open
  title="Log the pull"
  route={routes.of(run.draft.route)}
  {log}
  {readOff}
  ondone={(id) => push(`/pulls/${id}`)}
/>
