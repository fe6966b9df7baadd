<script lang="ts">
  import type { Draft } from '../../api/client';
  import GelPanel from '../../drawing/GelPanel.svelte';
  import { duration } from '../../parts/format';
  import { kit } from '../../state/kit.svelte';

  /** How the gel on a panel stands when it is pressed. */
  let { draft, dryness }: { draft: Draft; dryness: number } = $props();
  const CLEAR = 0.9;
  const SOUND = 0.98;
  const stock = $derived.by(() => {
    const layer = draft.layers.find((l) => l.kind === 'STOCK');
    const item = layer ? kit.item(layer) : undefined;
    return item && 'colour' in item ? item.colour : '#f6efdd';
  });
  const word = $derived(
    dryness >= SOUND ? 'sound' : dryness >= CLEAR ? 'clear, not sound yet' : 'white and wet',
  );
</script>

<h3 class="label mb-1 font-sans font-normal">The gel, pressed cold</h3>
<div class="flex items-start gap-4">
  <GelPanel {dryness} clear={dryness >= CLEAR} {stock} />
  <p>
    {Math.round(100 * dryness)} % dry after {duration(draft.gel?.driedSeconds ?? 0)}: {word}.
  </p>
</div>
