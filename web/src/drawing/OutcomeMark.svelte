<script lang="ts">
  /** Under is an open ring, clean a filled disc, over a disc with rays, refused a barred square: shape as well as colour. */
  interface Props {
    outcome: 'UNDER' | 'CLEAN' | 'OVER' | 'BOTH' | 'REFUSED';
    size?: number;
  }
  let { outcome, size = 18 }: Props = $props();
  const rays = [0, 45, 90, 135, 180, 225, 270, 315];
</script>

<svg width={size} height={size} viewBox="-10 -10 20 20" aria-hidden="true" class="shrink-0">
  {#if outcome === 'UNDER'}
    <circle r="6" fill="none" stroke="var(--under)" stroke-width="2.4" />
  {:else if outcome === 'CLEAN'}
    <circle r="7" fill="var(--clean)" />
  {:else if outcome === 'REFUSED'}
    <rect x="-6" y="-6" width="12" height="12" fill="none" stroke="var(--ochre)" stroke-width="2" />
    <line x1="-6" x2="6" stroke="var(--ochre)" stroke-width="2" />
  {:else}
    {#each rays as angle (angle)}
      <line y1="-5" y2="-9.4" stroke="var(--over)" stroke-width="1.8" transform="rotate({angle})" />
    {/each}
    <circle
      r="4.6"
      fill={outcome === 'BOTH' ? 'none' : 'var(--over)'}
      stroke="var(--over)"
      stroke-width="1.8"
    />
  {/if}
</svg>
