<script lang="ts">
  import type { Expected, RouteView, Schemas } from '../../api/client';
  import Term from '../../parts/Term.svelte';
  import Fold from '../../parts/Fold.svelte';
  import { percent } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';

  /** The sum behind the forecast, for the middle of what is plausible. */
  interface Props {
    expected: Expected;
    route: RouteView;
    heated: boolean;
  }
  let { expected, route, heated }: Props = $props();
  const mechanism = $derived(route.mechanism);
  const nip = $derived(expected.nip.middle);
  const pressed = $derived(nip.overfillMm !== 0);
  const cut = $derived(mechanism === 'CUT' || mechanism === 'CUT_AND_EMBOSS');
  const formed = $derived(mechanism === 'EMBOSS' || mechanism === 'CUT_AND_EMBOSS');
  const transfer = $derived(mechanism === 'TRANSFER');
  /** A figure of the nip over plausible rigs, written once where its ends print alike. */
  function between(figure: keyof Schemas['NipFigures'], print: (value: number) => string): string {
    const low = print(expected.nip.low[figure]);
    const high = print(expected.nip.high[figure]);
    return low === high ? low : `${low} to ${high}`;
  }
  const whole = (figure: number) => `${Math.round(figure)}`;
  const coverage = $derived.by(() => {
    const [low, likeliest, high] = [
      expected.coverage.low,
      expected.coverage.middle,
      expected.coverage.high,
    ].map(percent);
    return low === high ? low : `${low} to ${high}, likeliest ${likeliest}`;
  });
  const megapascals = (pressure: number) => pressure.toFixed(nip.pressureMpa < 1 ? 2 : 1);
  const share = $derived(transfer ? 'coverage' : cut ? 'cut through' : 'depth');
  const excess = $derived(
    transfer ? 'past the edge' : cut ? 'into the plate' : 'wide, cracks along the edges',
  );
</script>

<Fold class="mt-1" title="Why: the sum behind it">
  <p class="text-small text-soft mt-2">Eight pulls in ten lie within each of these ranges.</p>
  <dl class="text-small mt-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
    {#if pressed}
      <dt class="text-soft"><Term word="squeeze" /></dt>
      <dd>
        {preferences.length(nip.overfillMm)}: what the rollers must press out of the stack and bend themselves
      </dd>
    {/if}
    <dt class="text-soft">force</dt>
    <dd>
      {between('forceN', whole)} N{nip.pressureMpa > 0
        ? `, ${between('pressureMpa', megapascals)} MPa on the design`
        : ''}{cut
        ? `, ${between('lineNPerMm', (load) => load.toFixed(1))} N on each mm of blade where most of it lies in the nip`
        : ''}
    </dd>
    {#if transfer}
      <dt class="text-soft"><Term word="dwell" /></dt>
      <dd>{between('dwellSeconds', (seconds) => seconds.toFixed(2))} s under the rollers in a pass</dd>
      <dt class="text-soft">heat</dt>
      <dd>
        {heated
          ? `${between('bondC', preferences.temperature)} at the foil in the pass, ${between('peelC', preferences.temperature)} at the peel`
          : `none: ${preferences.temperature(nip.bondC)}, as the room`}
      </dd>
    {/if}
    <dt class="text-soft">{share}</dt>
    <dd>
      {coverage}; {percent(route.enough)} counts as {route.good}
    </dd>
    <dt class="text-soft">too much</dt>
    <dd>
      {preferences.length(expected.spillMm.low)} to {preferences.length(expected.spillMm.high)}
      {excess}{route.shows === undefined
        ? ', which it takes'
        : `; from ${preferences.length(route.shows)} it shows`}
    </dd>
    {#if transfer}
      <dt class="text-soft">backing</dt>
      <dd>
        over-foil spreads by {preferences.length(expected.window.softnessMm)} for each 2.7 times the dose; soft
        shims widen it
      </dd>
    {/if}
    {#if nip.debossMm > 0}
      <dt class="text-soft">{formed ? 'relief' : 'dent'}</dt>
      <dd>{between('debossMm', preferences.length)} stays in the stock</dd>
    {/if}
  </dl>
</Fold>
