<script lang="ts">
  import type { RouteView } from '../../api/client';
  import { outcomeWords } from '../../logging/words';
  import { preferences } from '../../state/preferences.svelte';
  import type { Reading } from './reading.svelte';
  import Term from '../../parts/Term.svelte';

  /** Covered, past the edge, ghost: large, each with how far it may be off. */
  let { reading, route }: { reading: Reading; route: RouteView | undefined } = $props();
  const stays = $derived(reading.stays);
  const words = $derived(outcomeWords(route));
  /** To a hundredth of a millimetre: what lies behind is not told apart. */
  const length = (mm: number) => preferences.length(Math.round(100 * mm) / 100);
  const whole = (share: number) => (100 * share).toFixed(1);
</script>

<dl class="mt-4 grid gap-x-8 gap-y-3 sm:grid-cols-3">
  <div>
    <dd class="figure text-title">{whole(stays.coverage.value)} %</dd>
    <dt class="text-soft">
      <Term word={words.share} />{reading.cut ? ' of what stays' : ''}, ±{whole(stays.coverage.give)}
    </dt>
  </div>
  <div>
    <dd class="figure text-title">{length(stays.spillMm.value)}</dd>
    <dt class="text-soft">past the edge, ±{length(stays.spillMm.give)}</dt>
  </div>
  <div>
    <dd class="figure text-title">
      {stays.ghosted ? length(stays.ghostMm.value) : 'no'}
    </dd>
    <dt class="text-soft"><Term word="ghost" /></dt>
  </div>
</dl>
{#if reading.cut && Math.abs(reading.all.coverage.value - stays.coverage.value) > 0.003}
  <p class="text-soft mt-2">The whole, before it is cut: {whole(reading.all.coverage.value)} % covered.</p>
{/if}
