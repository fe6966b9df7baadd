<script lang="ts">
  import { preferences } from '../state/preferences.svelte';
  import type { Schemas } from '../api/client';
  import { matrix } from './frame';
  import { kit } from '../state/kit.svelte';

  /** A piece of film from its colour face: what is spent is bare; a design may be tried on it. */
  interface Props {
    leftover: Schemas['LeftoverView'];
    width?: number;
    design?: string;
    placing?: number[];
  }
  let { leftover, width = 230, design = '', placing = [] }: Props = $props();
  const scale = $derived(Math.min(width / leftover.widthMm, 130 / leftover.heightMm));
  const colour = $derived(kit.all.films.find((k) => k.item.id === leftover.filmId)?.item.colour ?? '#b8683a');
</script>

<svg
  width={leftover.widthMm * scale + 2}
  height={leftover.heightMm * scale + 2}
  role="img"
  aria-label="{leftover.name}: {preferences.area(leftover.freeCm2)} unspent, {leftover.spent
    .length} spent places"
>
  <g transform="translate(1 {leftover.heightMm * scale + 1}) scale({scale} {-scale})">
    <path d={leftover.shape} fill={colour} />
    <path d={leftover.shape} fill="url(#sheen)" />
    {#each leftover.spent as spent, i (i)}
      <path d={spent} fill="#f2f0ea" fill-rule="evenodd" />
    {/each}
    {#if design}
      <path
        d={design}
        transform={matrix(placing)}
        fill="var(--ink)"
        fill-opacity="0.25"
        stroke="var(--ink)"
        stroke-width="1.6"
        fill-rule="evenodd"
        vector-effect="non-scaling-stroke"
      />
    {/if}
    <path
      d={leftover.shape}
      fill="none"
      stroke="var(--rule-strong)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
  </g>
</svg>
