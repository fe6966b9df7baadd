<script lang="ts">
  import type { CardView } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';

  /** What foam is cut from, offcuts first, and what is left over of it. */
  let { cuts }: { cuts: CardView['foam'] } = $props();

  function from(cut: CardView['foam'][number]) {
    return [...new Set(cut.from)]
      .map((name) => ({ name, n: cut.from.filter((other) => other === name).length }))
      .map(({ name, n }) => (n > 1 ? `${n} × ${name}` : name))
      .join(' and ');
  }
</script>

{#if cuts.length > 0}
  <p class="text-soft text-fine">
    {#each cuts as cut, at (at)}
      <span class="block"
        >Foam {preferences.length(cut.thicknessMm)}: {cut.pads} pieces from {from(cut)}{cut.within > 0
          ? `, ${cut.within} out of what falls from walls`
          : ''}; {Math.round(100 * cut.waste)} % left over.</span
      >
    {/each}
  </p>
{/if}
