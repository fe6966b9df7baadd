<script lang="ts">
  import { api, asked, type RunView, type Schemas } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { duration } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** How far a batch is, what pull after pull does to its platform, and whether its pulls drift. */
  let {
    run,
    revision,
    onsame,
    onlog,
  }: { run: RunView; revision: number; onsame: () => void; onlog: () => void } = $props();
  const batch = $derived(run.batch);
  const recovering = new Question<Schemas['RecoveryView']>();
  const made = new Question<Schemas['OfRun']>();
  const id = $derived(run.id);
  const heated = $derived(run.draft.onPlatform !== undefined);

  $effect(() => {
    if (!heated) return;
    const params = { path: { id } };
    return recovering.follow((signal) => asked(api.GET('/api/runs/{id}/recovery', { params, signal })));
  });
  $effect(() => {
    void revision;
    const params = { path: { runId: id } };
    return made.follow((signal) => asked(api.GET('/api/pulls/of-run/{runId}', { params, signal })));
  });
  const recovery = $derived(recovering.answer);
  const pulls = $derived(made.answer?.pulls ?? []);
</script>

<section aria-label="Batch" class="border-rule mt-5 border-y py-3" data-testid="batch">
  <p>
    <span class="figure text-heading">{batch.good} of {batch.wanted}</span>
    {batch.rejected > 0 ? `good, ${batch.rejected} rejected` : 'good'}{batch.toLog > 0
      ? `, ${batch.toLog} to log`
      : ''}
  </p>
  <p class="mt-1 flex flex-wrap" aria-hidden="true">
    {#each pulls as pull (pull.id)}<OutcomeMark outcome={pull.outcome} size={18} />{/each}
  </p>
  {#if batch.toLog > 0}
    <div class="mt-2 flex flex-wrap gap-2">
      {#if pulls.length > 0}
        <Button onclick={onsame}>Log it like the last (S)</Button>
      {/if}
      <Button onclick={onlog}>Log it in full (L)</Button>
    </div>
  {/if}
  {#if made.answer?.drift}
    <p role="status" class="border-ochre-line bg-ochre-wash mt-2 border-l-4 px-3 py-2">
      {made.answer.drift.says}
    </p>
  {/if}
  {#if recovery?.matters}
    <p class="text-soft mt-2" data-testid="recovery">
      {#if recovery.waits}
        A pull every {duration(recovery.roundSeconds)}, with {duration(recovery.waitSeconds)} for the platform to
        get hot again: {recovery.first.clean} of 20 good. Without waiting it would be {preferences.degrees(
          recovery.behindK,
        )} cooler, {recovery.later.clean} of 20: fewer good ones an hour.
      {:else}
        A pull every {duration(recovery.roundSeconds)} leaves the platform {preferences.degrees(
          recovery.behindK,
        )} cooler when the plate is laid: {recovery.later.clean} of 20 good instead of {recovery.first.clean}.
        Waiting {duration(recovery.waitSeconds)} each time would make fewer good ones an hour.
        {#if recovery.soakLongerSeconds > 0}
          Or soak {duration(recovery.soakLongerSeconds)} longer from the third on.
        {/if}
      {/if}
    </p>
  {/if}
</section>
