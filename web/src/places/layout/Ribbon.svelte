<script lang="ts">
  import type { LayoutView } from '../../api/client';
  import Choice from '../../parts/Choice.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { laying } from '../../state/laying.svelte';
  import { outlines } from '../../state/outlines.svelte';
  import { matrix } from '../../drawing/frame';
  import { preferences } from '../../state/preferences.svelte';

  /** How a ribbon will read: tied level, and hanging. */
  let { view }: { view: LayoutView } = $props();
  const piece = $derived(view.layout.piece);
  const LONG = 150;
  const scale = $derived(LONG / piece.widthMm);
  const turn = $derived(view.layout.hangs === 'LEFT_END' ? -90 : 90);
  const layer = $derived(editing.draft?.layers.find((l) => l.kind === 'STOCK'));
  const colour = $derived(
    ((layer && kit.item(layer)) as { colour?: string } | undefined)?.colour ?? '#f4e9ea',
  );
</script>

{#snippet strip()}
  <g transform="scale({scale} {-scale}) translate({-piece.widthMm / 2} {-piece.heightMm / 2})">
    <rect width={piece.widthMm} height={piece.heightMm} fill={colour} stroke="none" />
    {#each view.plates as plate (plate.key)}
      <path d={outlines.of(plate.plateId)} transform={matrix(plate.placing)} fill="#17213a" />
    {/each}
  </g>
{/snippet}

<section class="border-rule mt-4 border-t pt-3" aria-labelledby="ribbon-title">
  <h2 id="ribbon-title" class="sr-only">Ribbon</h2>
  <Choice
    label="When it is tied"
    value={view.layout.hangs}
    options={[
      ['NEITHER', 'it lies level'],
      ['LEFT_END', 'its left end hangs'],
      ['RIGHT_END', 'its right end hangs'],
    ]}
    onchoose={(hangs) => laying.part({ hangs })}
  />
  {#if view.layout.hangs === 'NEITHER'}
    <svg width="230" height="96" viewBox="-115 -48 230 96" role="img" aria-label="Round a jar it reads level">
      <rect x="-58" y="-46" width="116" height="92" rx="12" fill="none" stroke="var(--rule-strong)" />
      {@render strip()}
    </svg>
  {:else}
    <svg
      width="120"
      height="190"
      viewBox="-60 -95 120 190"
      role="img"
      aria-label={view.ribbon?.hangingDown ? 'Hanging, it reads downwards' : 'Hanging, it reads upwards'}
    >
      <path
        d="M-14 -86c-14 -12 -22 4 0 6c22 -2 14 -18 0 -6"
        fill="none"
        stroke="var(--rule-strong)"
        transform="translate(14 0)"
      />
      <g transform="rotate({turn})">{@render strip()}</g>
    </svg>
    <p class="text-small">
      Reads {view.ribbon?.hangingDown ? 'downwards from the knot' : 'upwards'};
      {preferences.gap(Math.max(0, view.ribbon?.tailMm ?? 0))} of tail below.
    </p>
  {/if}
  <p class="text-soft text-small">
    Run it in and back out; keep the tail out of the rollers. Good face to the foil.
  </p>
</section>
