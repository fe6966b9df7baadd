<script lang="ts">
  /** A machine from the front: two rollers as wide as its throat, hot ones in ember, what turns them, and a beam that looks for plates. */
  let {
    throatMm,
    crank = false,
    hot = false,
    seeing = false,
  }: { throatMm: number; crank?: boolean; hot?: boolean; seeing?: boolean } = $props();
  const c = 54;
  const w = $derived(throatMm * 0.32);
  const fill = $derived(hot ? 'var(--ember)' : 'var(--steel)');
</script>

<svg width="118" height="72" viewBox="0 0 118 72" aria-hidden="true">
  <rect x={c - w / 2 - 8} y="8" width="8" height="56" fill="var(--steel-dark)" />
  <rect x={c + w / 2} y="8" width="8" height="56" fill="var(--steel-dark)" />
  <rect x={c - w / 2} y="14" width={w} height="16" {fill} />
  <rect x={c - w / 2} y={hot ? 34 : 42} width={w} height="16" {fill} />
  {#if crank}
    <path d="M{c + w / 2 + 8} 50h6v-26h5" fill="none" stroke="var(--ink)" stroke-width="3" />
  {:else}
    <circle cx={c + w / 2 + 4} cy="50" r="8" fill="none" stroke="var(--ink)" stroke-width="3" />
    {#if seeing}<path
        d="M{c - w / 2} 36h{w}"
        stroke="var(--ink)"
        stroke-width="2"
        stroke-dasharray="3 4"
      />{/if}
  {/if}
</svg>
