<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { api, asked } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import { sentence } from '../../drawing/twenty';
  import { outcomeWords } from '../../logging/words';
  import Strata from '../../drawing/Strata.svelte';
  import { duration } from '../../parts/format';
  import { A6, printAlone } from '../../parts/printAlone';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Button from '../../parts/Button.svelte';

  /** A set-up on a card of A6 beside the press: its stack, its figures, and how it came out last. */
  let { open = $bindable(false) }: { open: boolean } = $props();
  const LATEST = 3;
  const STACK_PX = 300;

  let card = $state<HTMLElement>();
  const latest = new Question<{ id: string; said: string }[]>();
  const draft = $derived(editing.draft);
  const route = $derived(routes.of(draft?.route));
  const words = $derived(vocabulary.now);

  const figures = $derived.by(() => {
    if (!draft) return [];
    const level = kit.heater(draft)?.levels[kit.level(draft)];
    const passes = draft.passes === 1 ? 'one pass' : `${draft.passes} passes`;
    return [
      level && `${level.name}, ${preferences.temperature(level.celsius)}`,
      draft.onPlatform && `soak ${duration(draft.onPlatform.soakSeconds)}`,
      `${words.paces.find((p) => p.pace === draft.pace)?.label}, ${passes}${draft.turned ? ', turned a quarter' : ''}`,
      level && `peel ${vocabulary.peel(draft.peel)}`,
    ].filter(Boolean);
  });

  $effect(() => {
    if (!open || !draft) return;
    const of = (kind: string) => draft.layers.find((layer) => layer.kind === kind)?.id;
    const query = { plateId: of('PLATE'), filmId: of('FILM'), stockId: of('STOCK'), size: LATEST };
    return latest.follow(async (signal) => {
      const page = await asked(api.GET('/api/pulls', { params: { query }, signal }));
      return page.pulls.map((pull) => ({
        id: pull.id,
        said: `No. ${pull.number}, ${new Date(pull.loggedAt).toLocaleDateString()}: ${outcomeWords(route)[pull.outcome]}`,
      }));
    });
  });
</script>

<Modal bind:open title="Recipe card" size="xs">
  {#if draft}
    <div class="text-ink bg-paper" bind:this={card}>
      <h2 class="text-lead">{editing.saved?.name}</h2>
      <p class="text-small">{route?.label}, {kit.machine(draft.machineId)?.name}</p>
      <Strata
        {draft}
        findings={[]}
        selected={-1}
        room={STACK_PX}
        onselect={() => undefined}
        onmove={() => undefined}
      />
      <p class="font-bold">{figures.join(' · ')}</p>
      {#if editing.answer?.expected}
        <p class="text-small">{sentence(editing.answer.expected.twenty, route)}.</p>
      {/if}
      <ul class="text-small mt-1">
        {#each latest.answer ?? [] as pull (pull.id)}<li>{pull.said}</li>{:else}
          <li>No pull of this plate, foil and card is logged yet.</li>
        {/each}
      </ul>
    </div>
    <Button kind="strong" onclick={() => card && printAlone(card, A6)}>Print</Button>
  {/if}
</Modal>
