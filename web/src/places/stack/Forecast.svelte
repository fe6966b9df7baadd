<script lang="ts">
  import ThroatStrips from '../../drawing/ThroatStrips.svelte';
  import HeatLine from '../../drawing/HeatLine.svelte';
  import PullImage from '../../drawing/PullImage.svelte';
  import TwentyPulls from '../../drawing/TwentyPulls.svelte';
  import WindowStrip from '../../drawing/WindowStrip.svelte';
  import { editing } from '../../state/editing.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import GelState from './GelState.svelte';
  import Learned from './Learned.svelte';
  import Toward from './Toward.svelte';
  import Fold from '../../parts/Fold.svelte';
  import FromYourShelf from './FromYourShelf.svelte';
  import Why from './Why.svelte';
  import Old from '../../asking/Old.svelte';
  import Term from '../../parts/Term.svelte';

  const answer = $derived(editing.answer);
  const expected = $derived(answer?.expected);
  const stops = $derived((answer?.findings ?? []).filter((f) => f.weight === 'STOP'));
  const route = $derived(routes.of(editing.draft?.route));
  let wanted = $state<number>();

  // A new forecast answers the old wish.
  $effect(() => {
    void editing.draft;
    wanted = undefined;
  });
</script>

{#if expected && editing.draft}
  <div class={editing.asking ? 'opacity-80' : ''}>
    {#if editing.report.slow}<Old />{/if}
    <TwentyPulls {expected} {route} />
    <div class="mt-3">
      <WindowStrip window={expected.window} good={route?.good} onmove={(position) => (wanted = position)} />
    </div>
    {#if wanted !== undefined}<Toward position={wanted} onclose={() => (wanted = undefined)} />{/if}
    <div class="mt-2 grid grid-cols-2 gap-5">
      <div>
        <h3 class="label mb-1 font-sans font-normal">Likely pull</h3>
        <PullImage draft={editing.draft} width={480} height={320} alt="The pull as it would likely look" />
      </div>
      <div>
        {#if expected.strips.length > 0}
          <h3 class="label mb-1 font-sans font-normal">Across the <Term word="throat" /></h3>
          <ThroatStrips strips={expected.strips} />
        {:else if expected.heat.length > 0}
          <h3 class="label mb-1 font-sans font-normal">Heat at the foil, °{preferences.now.temperature}</h3>
          <HeatLine heat={expected.heat} height={170} />
        {:else if answer?.drying}
          <h3 class="label mb-1 font-sans font-normal">The gel, pressed cold</h3>
          <GelState draft={editing.draft} drying={answer.drying} />
        {/if}
      </div>
    </div>
    {#if answer?.drying && expected.heat.length > 0}
      <h3 class="label mt-3 mb-1 font-sans font-normal">The gel, when it is pressed</h3>
      <GelState draft={editing.draft} drying={answer.drying} />
    {/if}
    {#if route}<Why {expected} {route} heated={expected.heat.length > 0} />{/if}
    <FromYourShelf />
    {#if answer}<Learned
        rig={answer.rig}
        draft={editing.draft}
        expected={answer.expected ?? undefined}
      />{/if}
    {#if answer && answer.cautions.length > 0}
      <Fold
        class="border-rule mt-5 border-t pt-3"
        titleClass="font-bold {expected.heat.length > 0 ? 'text-ember' : ''}"
        title={expected.heat.length > 0 ? 'Hot and moving: cautions' : 'Moving and sharp: cautions'}
      >
        <ul class="mt-2 list-disc pl-5">
          {#each answer.cautions as caution, at (at)}<li>{caution}</li>{/each}
        </ul>
      </Fold>
    {/if}
  </div>
{:else if answer}
  <h2 class="text-heading max-w-[30ch] leading-tight" data-testid="stopped">
    {answer.computable
      ? `This set-up can't be pressed yet: ${stops.length === 1 ? '1 thing stops it' : `${stops.length} things stop it`}`
      : 'The forecast begins once everything is in the stack that this route needs'}
  </h2>
  <ul class="mt-2 list-disc pl-5">
    {#each stops as stop, at (at)}<li>{preferences.said(stop.what)}</li>{/each}
  </ul>
  <p class="text-soft mt-2">Each is marked in the stack, most with a button that mends it.</p>
  {#if editing.draft && answer.drying}
    <h3 class="label mt-4 mb-1 font-sans font-normal">The gel, when it is pressed</h3>
    <GelState draft={editing.draft} drying={answer.drying} />
  {/if}
  {#if answer.computable}<FromYourShelf />{/if}
{:else}
  <p class="text-soft">Calculating…</p>
{/if}
