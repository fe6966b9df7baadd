<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A word of the craft, drawn in a few lines; the thing it names is verdigris. A word that has no drawing shows none. */
  let { word }: { word: string } = $props();

  const DRAWINGS: Record<string, Snippet | undefined> = {
    squeeze,
    shim,
    opening,
    throat,
    ghost,
    'over-foil': overFoil,
    'under-foil': underFoil,
    'make-ready': makeReady,
    negative,
    bleed,
    grain,
    peel,
  };
  const drawing = $derived(DRAWINGS[word]);
</script>

{#snippet rollers()}
  <path d="M20 0H100Q96 12 60 12Q24 12 20 0Z M20 60H100Q96 48 60 48Q24 48 20 60Z" fill="var(--steel)" />
{/snippet}
{#snippet layer(y: number, height: number, fill: string)}
  <rect x="22" {y} width="76" {height} {fill} stroke="var(--rule-strong)" />
{/snippet}
{#snippet between(x: number)}
  <path d="M{x} 13V47" stroke="var(--verdigris)" stroke-width="2" />
  <path
    d="M{x - 4} 18L{x} 13L{x + 4} 18M{x - 4} 42L{x} 47L{x + 4} 42"
    fill="none"
    stroke="var(--verdigris)"
    stroke-width="2"
  />
{/snippet}

{#snippet squeeze()}
  {@render rollers()}
  {@render layer(10, 40, 'var(--fill-card)')}
  <path d="M22 10H98V14H22Z M22 46H98V50H22Z" fill="var(--verdigris)" />
{/snippet}
{#snippet shim()}
  {@render rollers()}
  {@render layer(14, 14, 'var(--fill-card)')}
  {@render layer(28, 4, 'var(--verdigris)')}
  {@render layer(32, 14, 'var(--fill-metal)')}
{/snippet}
{#snippet opening()}
  {@render rollers()}
  {@render between(60)}
{/snippet}
{#snippet throat()}
  <path d="M10 6H110V54H98V18H22V54H10Z" fill="var(--steel)" />
  <path
    d="M24 38H96M30 33L24 38L30 43M90 33L96 38L90 43"
    fill="none"
    stroke="var(--verdigris)"
    stroke-width="2"
  />
{/snippet}
{#snippet ghost()}
  <circle cx="68" cy="33" r="18" fill="none" stroke="var(--verdigris)" stroke-width="5" opacity="0.45" />
  <circle cx="56" cy="28" r="18" fill="none" stroke="var(--ink)" stroke-width="5" />
{/snippet}
{#snippet overFoil()}
  <path d="M36 12L86 8L92 50L31 53Z" fill="var(--verdigris)" />
  <rect x="40" y="16" width="42" height="30" fill="var(--brass)" />
{/snippet}
{#snippet underFoil()}
  <rect x="36" y="12" width="50" height="36" fill="var(--brass)" />
  <path
    d="M44 20q9-6 12 2t-8 6q-8 0-4-8Z M66 32q10-4 12 4t-10 6q-8-2-2-10Z"
    fill="var(--paper)"
    stroke="var(--verdigris)"
    stroke-width="2"
  />
{/snippet}
{#snippet makeReady()}
  {@render layer(12, 14, 'var(--fill-metal)')}
  <path d="M22 40V30Q60 40 98 30V40Z" fill="var(--fill-card)" stroke="var(--rule-strong)" />
  <path d="M36 32Q60 39 84 32Q60 29 36 32Z" fill="var(--verdigris)" />
{/snippet}
{#snippet negative()}
  <path
    d="M22 8H98V52H22Z M60 14L74 46H46Z"
    fill="var(--brass)"
    fill-rule="evenodd"
    stroke="var(--verdigris)"
  />
{/snippet}
{#snippet bleed()}
  <rect x="26" y="8" width="68" height="44" fill="var(--verdigris)" />
  <rect
    x="34"
    y="14"
    width="52"
    height="32"
    fill="var(--fill-card)"
    stroke="var(--ink)"
    stroke-dasharray="4 3"
  />
{/snippet}
{#snippet grain()}
  <rect x="26" y="8" width="68" height="44" fill="var(--fill-card)" stroke="var(--rule-strong)" />
  <path d="M32 16H88M32 23H88M32 30H88M32 37H88M32 44H88" stroke="var(--verdigris)" />
{/snippet}
{#snippet peel()}
  {@render layer(40, 8, 'var(--fill-card)')}
  <path d="M22 39H62" stroke="var(--brass)" stroke-width="3" />
  <path d="M62 38Q84 34 96 10" fill="none" stroke="var(--verdigris)" stroke-width="3" />
{/snippet}

{#if drawing}
  <svg
    viewBox="0 0 120 60"
    width="120"
    height="60"
    class="border-rule bg-blotter my-1 block border"
    aria-hidden="true"
    data-term={word}
  >
    {@render drawing()}
  </svg>
{/if}
