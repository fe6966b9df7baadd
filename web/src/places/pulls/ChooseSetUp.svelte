<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { api, asked, type SavedSetUp } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import NewSetUp from '../../starting/NewSetUp.svelte';
  import Button from '../../parts/Button.svelte';

  /** Which set-up a pull was made with that did not come of Run. */
  let { open = $bindable(false), onchosen }: { open: boolean; onchosen: (saved: SavedSetUp) => void } =
    $props();
  const asking = new Question<SavedSetUp[]>();
  let starting = $state(false);

  $effect(() => {
    if (open) return asking.follow((signal) => asked(api.GET('/api/set-ups', { signal })));
  });

  function choose(saved: SavedSetUp) {
    starting = false;
    open = false;
    onchosen(saved);
  }
</script>

<Modal bind:open title="Which set-up did you pull?" size="sm">
  <Asked question={asking} waiting="Fetching your set-ups…">
    {#snippet children(setUps)}
      <ul class="text-ink max-h-[60vh] overflow-y-auto">
        {#each setUps as setUp (setUp.id)}
          <li class="border-rule border-t">
            <Button
              kind="row"
              class="text-verdigris w-full py-2 text-left font-bold"
              onclick={() => choose(setUp)}>{setUp.name}</Button
            >
          </li>
        {:else}
          <li class="py-2">There is no set-up yet.</li>
        {/each}
      </ul>
      <Button class="mt-2" onclick={() => (starting = true)}>None of these: new set-up…</Button>
    {/snippet}
  </Asked>
</Modal>
<NewSetUp bind:open={starting} onkept={choose} />
