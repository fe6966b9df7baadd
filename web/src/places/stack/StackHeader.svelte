<script lang="ts">
  import TitleField from '../../parts/TitleField.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { formReadings } from '../../parts/readings';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { routes } from '../../state/routes.svelte';
  import { preferences } from '../../state/preferences.svelte';

  const form = formReadings();
  const draft = $derived(editing.draft);
  const press = $derived(draft ? kit.machine(draft.machineId) : undefined);
  const answer = $derived(editing.answer);
  const stopped = $derived(answer !== undefined && !answer.pullable);

  async function run() {
    const id = editing.saved?.id;
    if (!id) return;
    try {
      // What is still being read belongs to the run.
      if (form && !(await form.settled())) return tell('Something typed here cannot be read yet.');
      await editing.settle();
      const begun = await asked(api.POST('/api/runs', { params: { query: { setUpId: id } } }));
      await push(`/run/${begun.id}`);
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<div class="flex flex-wrap items-start gap-x-4 gap-y-2">
  <div class="min-w-0 flex-1">
    <h1 class="sr-only">Stack</h1>
    <TitleField
      label="Name of this set-up"
      value={editing.saved?.name ?? ''}
      onchange={(name) => editing.rename(name)}
    />
    {#if answer && draft}
      <p class="text-soft" data-testid="squeeze">
        {#if routes.of(draft.route)}<span class="text-ink">{routes.of(draft.route)?.label}</span>,{/if}
        {press?.name}:
        <strong class="text-ink">{preferences.length(answer.thicknessMm)}</strong>
        {#if answer.openingMm > 0}
          in an opening of
          {preferences.length(answer.openingMm)}, so
          <strong class="text-ink">{preferences.length(answer.overfillMm)}</strong>
          {answer.overfillMm > 0 ? 'squeeze' : 'too thin to grip'}{:else}
          between sprung rollers{/if}
      </p>
    {/if}
  </div>
  <div class="flex gap-1">
    <button class="press press-quiet" disabled={!editing.canUndo} onclick={() => editing.undo()}>Undo</button>
    <button class="press press-quiet" disabled={!editing.canRedo} onclick={() => editing.redo()}>Redo</button>
    <button
      class="press press-strong"
      disabled={stopped || !answer}
      title={stopped ? 'Mend what stops it first' : ''}
      onclick={run}>Run it</button
    >
  </div>
</div>
