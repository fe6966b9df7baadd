<script lang="ts">
  import type { CardPlan, CardView } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What practised eyes would try; each is one press, and can be undone. */
  let { ideas, onchange }: { ideas: CardView['ideas']; onchange: (card: CardPlan) => void } = $props();
</script>

<details>
  <summary class="text-heading font-title font-bold">To try</summary>
  <ul class="mt-2">
    {#each ideas as idea, at (at)}
      <li class="border-rule border-t py-2">
        {#if idea.card}
          {@const tried = idea.card}
          <Button kind="link" class="text-left" onclick={() => onchange(tried)}>{idea.label}</Button>
        {:else}
          <p>{idea.label}</p>
        {/if}
        <p class="text-soft text-fine">{preferences.said(idea.why)}.</p>
      </li>
    {/each}
  </ul>
</details>
