<script lang="ts">
  import type { Schemas } from '../../api/client';

  let { needs }: { needs: Schemas['Shortage'][] } = $props();
</script>

<section aria-labelledby="needs-title">
  <h2 id="needs-title" class="text-heading">Short or worn</h2>
  <ul class="mt-1">
    {#each needs as need (need.id)}
      <li class="border-rule flex items-center gap-3 border-t py-2">
        <strong class="min-w-0 flex-1 truncate">{need.name}</strong>
        <span class="text-soft">{need.what}</span>
        <svg width="60" height="10" role="img" aria-label="{Math.round(need.left * 100)} % left">
          <rect width="60" height="10" fill="none" stroke="var(--rule-strong)" />
          <rect width={60 * Math.min(1, need.left)} height="10" fill="var(--rule-strong)" />
        </svg>
      </li>
    {:else}
      <li class="border-rule text-soft border-t py-2">Nothing. The shelf is in order.</li>
    {/each}
  </ul>
</section>
