<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { api, asked, type Draft, type Expected, type SetUpReport } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import type { Twenty } from '../../drawing/twenty';
  import { editing } from '../../state/editing.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  type Props = { rig: SetUpReport['rig']; draft: Draft; expected?: Expected };
  let { rig, draft, expected }: Props = $props();
  let sure = $state(false);
  const then = new Question<Twenty>();
  const rigged = $derived(draft.onPlatform ? 'press and platform' : 'machine');

  const pulls = (n: number) => `${n} pull${n === 1 ? '' : 's'}`;
  const learned = $derived(
    [
      rig.pulls > 0 ? `${pulls(rig.pulls)} on this ${rigged}` : '',
      rig.elsewhere > 0
        ? `${pulls(rig.elsewhere)} on other set-ups of this ${draft.onPlatform ? 'press or platform' : 'machine'}`
        : '',
    ]
      .filter(Boolean)
      .join(', and '),
  );

  $effect(() => {
    if (sure && expected) {
      const body = $state.snapshot(draft);
      return then.follow((signal) => asked(api.POST('/api/forecasts/forgotten', { body, signal })));
    }
  });

  async function forget() {
    sure = false;
    const { machineId } = draft;
    const platformId = draft.onPlatform?.platformId ?? '-';
    try {
      await asked(
        api.DELETE('/api/rigs/{machineId}/{platformId}', { params: { path: { machineId, platformId } } }),
      );
      await editing.ask();
      tell('Forgotten. The logbook keeps its pulls.');
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<section class="border-rule mt-5 border-t pt-3">
  <h3 class="label mb-1 font-sans font-normal">
    {learned ? `Learned from ${learned}` : `Nothing learned of this ${rigged} yet: log a pull`}
  </h3>
  {#if learned}
    <ul class="list-disc pl-5">
      {#each rig.remarks as remark, at (at)}
        <li>{preferences.said(remark.text)}</li>
      {/each}
    </ul>
    <Button kind="quiet" class="mt-1 -ml-2" onclick={() => (sure = true)}>Forget this and start again</Button>
  {/if}
</section>

<Modal bind:open={sure} title="Forget what was learned?" size="xs">
  <p class="text-ink">
    Forecasts for this {rigged} go back to what was thought before the first pull, wherever else it is used. What
    films and papers showed stays, and the logbook keeps its pulls.
  </p>
  {#if expected && then.answer}
    <p class="text-ink">This stack: {then.answer.clean} of 20 then, {expected.twenty.clean} of 20 now.</p>
  {/if}
  <div class="flex gap-2">
    <Button kind="strong" onclick={forget}>Forget</Button>
    <Button kind="quiet" onclick={() => (sure = false)}>Cancel</Button>
  </div>
</Modal>
