<script lang="ts">
  import type { Expected } from '../../api/client';
  import { percent } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';

  /** The sum behind the forecast, for the middle of what is plausible. */
  let { expected }: { expected: Expected } = $props();
  const nip = $derived(expected.nip);
</script>

<details class="mt-1">
  <summary class="text-verdigris">Why: the sum behind it</summary>
  <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[15px]">
    <dt class="text-soft">squeeze</dt>
    <dd>
      {preferences.length(nip.overfillMm)}: what the rollers must press out of the stack and bend themselves
    </dd>
    <dt class="text-soft">force, pressure</dt>
    <dd>{Math.round(nip.forceN)} N, {nip.pressureMpa.toFixed(1)} MPa on the raised design</dd>
    <dt class="text-soft">dwell</dt>
    <dd>{nip.dwellSeconds.toFixed(2)} s under the rollers in a pass</dd>
    <dt class="text-soft">heat</dt>
    <dd>
      {preferences.temperature(nip.bondC)} at the foil in the pass, {preferences.temperature(nip.peelC)} at the
      peel
    </dd>
    <dt class="text-soft">coverage</dt>
    <dd>
      {percent(expected.coverage.low)} to {percent(expected.coverage.high)}, likeliest {percent(
        expected.coverage.middle,
      )}; 97 % counts as complete
    </dd>
    <dt class="text-soft">spill</dt>
    <dd>
      {preferences.length(expected.spillMm.low)} to {preferences.length(expected.spillMm.high)} past the edge; from
      {preferences.length(0.2)} it shows
    </dd>
    <dt class="text-soft">backing</dt>
    <dd>
      over-foil spreads by {preferences.length(expected.window.softnessMm)} for each 2.7 times the dose; soft shims
      widen it
    </dd>
    <dt class="text-soft">dent</dt>
    <dd>{preferences.length(nip.debossMm)} stays in the stock</dd>
  </dl>
</details>
