<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Proposal } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import Offer from './Offer.svelte';
  import Button from '../../parts/Button.svelte';

  /** The cheapest change towards a place the person dragged the window's pointer to. */
  let { position, onclose }: { position: number; onclose: () => void } = $props();
  const asking = new Question<Proposal[]>();
  $effect(() => {
    const body = editing.draft;
    if (!body) return;
    const params = { query: { position } };
    return asking.follow((signal) => asked(api.POST('/api/advice/toward', { params, body, signal })));
  });
</script>

<div class="border-verdigris mb-3 border px-3 pt-2">
  <div class="flex items-center justify-between">
    <span class="label">The cheapest change that gets there</span>
    <Button kind="quiet" class="min-h-8" onclick={onclose}>Cancel</Button>
  </div>
  <Asked question={asking} waiting="Trying…">
    {#snippet children(offers)}
      <ul>
        {#each offers as offer, at (at)}<Offer {offer} />{:else}<li class="pb-2">
            Nothing on your shelf gets it there.
          </li>{/each}
      </ul>
    {/snippet}
  </Asked>
</div>
