<script lang="ts">
  import { api, asked } from '../api/client';
  import { vocabulary } from '../state/vocabulary.svelte';
  import { tell } from '../state/messages.svelte';
  import Button from '../parts/Button.svelte';

  /** For those without a caliper: thickness from weight and bulk. */
  let { gsm, onthickness }: { gsm: number; onthickness: (mm: number) => void } = $props();

  async function reckon(bulk: number) {
    try {
      const found = await asked(api.GET('/api/kit/caliper', { params: { query: { gsm, bulk } } }));
      onthickness(found.thicknessMm);
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<div class="col-span-full">
  <p class="label">No caliper? Thickness from its weight, if it is</p>
  <div class="mt-1 flex flex-wrap gap-2">
    {#each vocabulary.now.bulks as { bulk, name } (bulk)}
      <Button onclick={() => reckon(bulk)}>{name}</Button>
    {/each}
  </div>
</div>
