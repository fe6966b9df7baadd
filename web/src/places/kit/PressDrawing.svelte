<script lang="ts">
  import type { Press } from '../../api/client';

  /** A press from the front: two rollers as wide as its throat, and what turns them. */
  let { press }: { press: Press } = $props();
  const w = $derived(press.throatMm * 0.32);
</script>

<svg width="100" height="72" viewBox="0 0 100 72" aria-hidden="true">
  <rect x={50 - w / 2 - 8} y="8" width="8" height="56" fill="var(--steel-dark)" />
  <rect x={50 + w / 2} y="8" width="8" height="56" fill="var(--steel-dark)" />
  <rect x={50 - w / 2} y="14" width={w} height="16" fill="var(--steel)" />
  <rect x={50 - w / 2} y="42" width={w} height="16" fill="var(--steel)" />
  {#if press.kind === 'CRANK'}
    <path d="M{50 + w / 2 + 8} 50h6v-26h5" fill="none" stroke="var(--ink)" stroke-width="3" />
  {:else}
    <circle cx={50 + w / 2 + 4} cy="50" r="8" fill="none" stroke="var(--ink)" stroke-width="3" />
  {/if}
</svg>
