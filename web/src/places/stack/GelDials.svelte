<script lang="ts">
  import type { Draft } from '../../api/client';
  import { duration } from '../../parts/format';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { editing } from '../../state/editing.svelte';
  import Dial from './Dial.svelte';

  /** The gel under the film: its coat, how long it has dried, and whether spray held the stencil. */
  let { gel }: { gel: NonNullable<Draft['gel']> } = $props();
  const HOUR = 3600;
  const put = (part: Partial<typeof gel>) => editing.part({ gel: { ...gel, ...part } });
  const step = $derived(
    gel.driedSeconds >= 24 * HOUR ? 24 * HOUR : gel.driedSeconds >= 4 * HOUR ? 4 * HOUR : HOUR,
  );
  const least = $derived(
    gel.driedSeconds > 24 * HOUR ? 24 * HOUR : gel.driedSeconds > 4 * HOUR ? 4 * HOUR : HOUR,
  );
</script>

<div class="px-3 py-2" role="group" aria-label="Coat of gel">
  <span class="label">Coat of gel</span>
  <QuantityField
    kind="LENGTH"
    label="Coat of gel"
    name="coatMm"
    hideLabel
    value={gel.coatMm}
    class="[&_input]:font-title [&_input]:text-heading! w-[110px] [&_input]:border-transparent! [&_input]:py-0! [&_input]:font-bold"
    onvalue={(coatMm) => put({ coatMm })}
  />
</div>
<Dial
  label="Dried"
  value={duration(gel.driedSeconds)}
  less="shorter"
  more="longer"
  onless={() => put({ driedSeconds: Math.max(0, gel.driedSeconds - least) })}
  onmore={() => put({ driedSeconds: Math.min(vocabulary.now.limits.driedSeconds, gel.driedSeconds + step) })}
/>
<Dial
  label="Humidity"
  value="{Math.round(100 * gel.humidity)} %"
  less="drier"
  more="damper"
  onless={() => put({ humidity: Math.max(0, Math.round(20 * gel.humidity - 1) / 20) })}
  onmore={() =>
    put({ humidity: Math.min(vocabulary.now.limits.humidity, Math.round(20 * gel.humidity + 1) / 20) })}
/>
<Dial
  label="Stencil held"
  value={gel.sprayed ? 'with spray' : 'by hand'}
  onmore={() => put({ sprayed: !gel.sprayed })}
/>
