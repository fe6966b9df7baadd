<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { api, asked, type SetUpReport, type Draft } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';

  let { rig, draft }: { rig: SetUpReport['rig']; draft: Draft } = $props();
  let sure = $state(false);
  const rigged = $derived(draft.onPlatform ? 'press and platform' : 'machine');

  async function forget() {
    sure = false;
    const { machineId } = draft;
    const platformId = draft.onPlatform?.platformId ?? '-';
    try {
      await asked(
        api.DELETE('/api/rigs/{machineId}/{platformId}', { params: { path: { machineId, platformId } } }),
      );
      await editing.ask();
      tell('Back to the labels. The logbook keeps its pulls.');
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<section class="border-rule mt-5 border-t pt-3">
  <h3 class="label mb-1 font-sans font-normal">
    {rig.pulls === 0
      ? `Nothing learned of this ${rigged} yet: log a pull`
      : `Learned from ${rig.pulls} pull${rig.pulls === 1 ? '' : 's'} on this ${rigged}`}
  </h3>
  {#if rig.pulls > 0}
    <ul class="list-disc pl-5">
      {#each rig.remarks as remark, at (at)}
        <li>{preferences.said(remark.text)}</li>
      {:else}
        <li>So far it runs about as its label says.</li>
      {/each}
    </ul>
    <button class="press press-quiet mt-1 -ml-2" onclick={() => (sure = true)}
      >Forget this and start again</button
    >
  {/if}
</section>

<Modal bind:open={sure} title="Forget what was learned?" size="xs">
  <p class="text-ink">
    Forecasts for this {rigged} go back to its labels and get wider. The logbook keeps its pulls.
  </p>
  <div class="flex gap-2">
    <button class="press press-strong" onclick={forget}>Forget it</button>
    <button class="press press-quiet" onclick={() => (sure = false)}>Keep it</button>
  </div>
</Modal>
