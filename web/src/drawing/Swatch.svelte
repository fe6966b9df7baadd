<script lang="ts">
  import type { Film } from '../api/client';
  import type { Item } from './materials';

  /** A corner of stock with a stripe of foil on it. */
  let { film, stock }: { film: Item | undefined; stock: Item | undefined } = $props();
  const tint = (item: Item | undefined) => (item as { colour?: string } | undefined)?.colour ?? '#ccc';
</script>

<svg width="44" height="32" viewBox="0 0 44 32" aria-hidden="true">
  <rect x="0.5" y="0.5" width="43" height="31" fill={tint(stock)} stroke="var(--rule-strong)" />
  {#if film}
    <path d="M8 32L24 0h12L20 32z" fill={tint(film)} />
    {#if (film as Film).kind !== 'FLOCK'}<path d="M8 32L24 0h12L20 32z" fill="url(#sheen)" />{/if}
  {:else}
    <circle cx="22" cy="16" r="10" fill="none" stroke="var(--ink)" stroke-opacity="0.5" stroke-width="1.4" />
  {/if}
</svg>
