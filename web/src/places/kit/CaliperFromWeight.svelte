<script lang="ts">
  import { api, asked } from '../../api/client';
  import { tell } from '../../state/messages.svelte';

  /** For those without a caliper: thickness from weight and bulk. */
  let { gsm, onthickness }: { gsm: number; onthickness: (mm: number) => void } = $props();
  const BULKS: [number, string][] = [
    [1.05, 'coated, dense'],
    [1.15, 'smooth'],
    [1.25, 'vellum finish'],
    [1.35, 'uncoated, bulky'],
  ];

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
    {#each BULKS as [bulk, word] (bulk)}
      <button type="button" class="press" onclick={() => reckon(bulk)}>{word}</button>
    {/each}
  </div>
</div>
