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
  import { vocabulary } from '../../state/vocabulary.svelte';
  import RecipeCard from './RecipeCard.svelte';
  import NumberField from '../../parts/NumberField.svelte';
  import Button from '../../parts/Button.svelte';
  import Term from '../../parts/Term.svelte';

  const form = formReadings();
  const draft = $derived(editing.draft);
  const press = $derived(draft ? kit.machine(draft.machineId) : undefined);
  const answer = $derived(editing.answer);
  const stopped = $derived(answer !== undefined && !answer.pullable);

  let wanted = $state(1);

  async function run(scrap = false, trial = false) {
    const id = editing.saved?.id;
    if (!id) return;
    try {
      // What is still being read belongs to the run.
      if (form && !(await form.settled())) return tell("One of the entries can't be read yet.");
      await editing.settle();
      const query = { setUpId: id, wanted, scrap, trial };
      const begun = await asked(api.POST('/api/runs', { params: { query } }));
      await push(`/run/${begun.id}`);
    } catch (trouble) {
      tell(trouble);
    }
  }
  let recipe = $state(false);
</script>

<div class="flex flex-wrap items-start gap-x-4 gap-y-2">
  <div class="min-w-0 flex-1 basis-64">
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
          in an <Term word="opening" /> of
          {preferences.length(answer.openingMm)}, so
          <strong class="text-ink">{preferences.length(Math.abs(answer.overfillMm))}</strong>
          {#if answer.overfillMm > 0}<Term word="squeeze" />{:else}too thin to grip{/if}{:else}
          between sprung rollers{/if}
      </p>
    {/if}
  </div>
  <div class="flex items-end gap-1">
    <NumberField
      class="w-20"
      label="Pulls"
      name="wanted"
      whole
      min={1}
      max={vocabulary.now.limits.pulls}
      value={wanted}
      onvalue={(n) => (wanted = Math.round(n))}
    />
    <Button
      kind="strong"
      why={stopped ? 'Fix what stops it first.' : ''}
      disabled={!answer}
      onclick={() => run()}>{wanted > 1 ? `Run ${wanted}` : 'Run it'}</Button
    >
    <Button kind="quiet" onclick={() => (recipe = true)}>Recipe card</Button>
  </div>
</div>
{#if answer && !stopped && (answer.scrapTest || !vocabulary.now.simulated)}
  <p class="text-soft text-small">
    {#if answer.scrapTest}
      {answer.scrapTest}.
      <Button kind="link" class="font-semibold" onclick={() => run(true)}>Try one on scrap first</Button>
    {/if}
    {#if !vocabulary.now.simulated}
      <Button kind="link" onclick={() => run(false, true)}>Practise this run</Button>
    {/if}
  </p>
{/if}
<RecipeCard bind:open={recipe} />
