<script lang="ts">
  import type { CardView } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';

  /** What foam is cut from, offcuts first, and what is left over of it. */
  let { cuts }: { cuts: CardView['foam'] } = $props();

  function from(cut: CardView['foam'][number]) {
    const names = cut.sheets.map((sheet) => sheet.name);
    return [...new Set(names)]
      .map((name) => ({ name, n: names.filter((other) => other === name).length }))
      .map(({ name, n }) => (n > 1 ? `${n} × ${name}` : name))
      .join(' and ');
  }
</script>

{#if cuts.length > 0}
  <p class="text-soft text-fine">
    {#each cuts as cut (cut.thicknessMm)}
      {@const within = cut.placed.filter((p) => p.within).length}
      <span class="block"
        >Foam {preferences.length(cut.thicknessMm)}: {cut.placed.length} pieces from {from(cut)}{within > 0
          ? `, ${within} out of what falls from walls`
          : ''}; {Math.round(100 * cut.waste)} % left over.</span
      >
    {/each}
  </p>
{/if}
