<script lang="ts">
  import { api, asked } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import Offer from './Offer.svelte';

  /** The cheapest change towards a place the person dragged the window's pointer to. */
  let { position, onclose }: { position: number; onclose: () => void } = $props();
  const question = $derived(
    editing.draft
      ? asked(api.POST('/api/advice/toward', { params: { query: { position } }, body: editing.draft }))
      : undefined,
  );
</script>

<div class="border-verdigris mb-3 border px-3 pt-2">
  <div class="flex items-center justify-between">
    <span class="label">The cheapest change that gets there</span>
    <button class="press press-quiet min-h-8" onclick={onclose}>Leave it</button>
  </div>
  {#await question}
    <p class="text-soft pb-2">Trying…</p>
  {:then offers}
    <ul>
      {#each offers ?? [] as offer (offer.why)}<Offer {offer} />{:else}<li class="pb-2">
          Nothing you own moves it there.
        </li>{/each}
    </ul>
  {:catch trouble}
    <p class="pb-2">{trouble.message}</p>
  {/await}
</div>
