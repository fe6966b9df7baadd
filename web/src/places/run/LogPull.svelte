<script lang="ts">
  import { api, asked, type RunView } from '../../api/client';
  import { routes } from '../../state/routes.svelte';
  import LogForm, { type Entry } from '../../logging/LogForm.svelte';

  interface Props {
    run: RunView;
    onclose: () => void;
    ondone: (id: string) => void;
  }
  let { run, onclose, ondone }: Props = $props();

  /** The simulated scanner reads the pull, as a careful person would. */
  const readOff = () => asked(api.GET('/api/runs/{id}/scan', { params: { path: { id: run.id } } }));

  async function log(entry: Entry) {
    const pull = await asked(api.POST('/api/pulls', { body: { ...entry, title: run.title, runId: run.id } }));
    return pull.id;
  }
</script>

<LogForm
  title="Log the pull"
  cut={run.cut}
  route={routes.of(run.draft.route)}
  {log}
  reading={routes.of(run.draft.route)?.film ? `#/pulls/read?run=${run.id}` : undefined}
  readOff={run.simulated ? readOff : undefined}
  {onclose}
  {ondone}
/>
