<script lang="ts">
  import type { Draft, Film, Plate, Stock } from '../api/client';
  import { kit } from '../state/kit.svelte';
  import { outlines } from '../state/outlines.svelte';

  /** A set-up by its artwork: the design of its tool, in its foil, on its stock. */
  let { draft, wide, high }: { draft: Draft; wide: number; high: number } = $props();
  const margin = $derived(high / 9);

  function thing(kind: 'FILM' | 'STOCK') {
    const layer = draft.layers.find((l) => l.kind === kind);
    return layer ? kit.item(layer) : undefined;
  }
  const film = $derived(thing('FILM') as Film | undefined);
  const stock = $derived(thing('STOCK') as Stock | undefined);
  const tool = $derived<Plate | undefined>(kit.tool(draft));
  const scale = $derived(
    tool ? Math.min((wide - 2 * margin) / tool.widthMm, (high - 2 * margin) / tool.heightMm) : 1,
  );
  const path = $derived(tool ? outlines.of(tool.id) : '');
  const ink = $derived(film?.colour ?? 'rgb(0 0 0 / 0.45)');

  $effect(() => {
    if (tool) outlines.want([tool.id]);
  });
</script>

<svg width={wide} height={high} viewBox="0 0 {wide} {high}" aria-hidden="true" class="shrink-0">
  <rect
    x="0.5"
    y="0.5"
    width={wide - 1}
    height={high - 1}
    fill={stock?.colour ?? 'var(--paper)'}
    stroke="var(--rule-strong)"
  />
  {#if tool}
    <g
      transform="translate({wide / 2 - (tool.widthMm * scale) / 2} {high / 2 +
        (tool.heightMm * scale) / 2}) scale({scale} {-scale})"
    >
      <path d={path} fill={ink} fill-rule="evenodd" />
      {#if film && film.kind !== 'FLOCK'}<path d={path} fill="url(#sheen)" fill-rule="evenodd" />{/if}
    </g>
  {/if}
</svg>
