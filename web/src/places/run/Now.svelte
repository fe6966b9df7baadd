<script lang="ts">
  import { onMount } from 'svelte';
  import type { RunView } from '../../api/client';
  import { clock } from '../../parts/format';
  import { cue } from '../../state/cue';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import { running } from '../../state/running.svelte';
  import Batch from './Batch.svelte';
  import PlaceGuide from './PlaceGuide.svelte';
  import Preflight from './Preflight.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  /** One instruction, one clock, what comes next: read from a metre away. */
  interface Props {
    run: RunView;
    revision: number;
    onlog: () => void;
    onsame: () => void;
  }
  let { run, revision, onlog, onsame }: Props = $props();

  const ENDED = { OPEN: '', PAUSED: 'Paused', LOGGED: 'Logged', LEFT: 'Left' };
  let elapsed = $state(0);
  const step = $derived(run.steps[run.step] ?? run.steps[0]!);
  const next = $derived(run.steps[run.step + 1]);
  const timed = $derived(step.seconds > 0);
  // By hand nobody sees a light but the person: how long it takes is counted until they say so.
  const counting = $derived(!run.simulated && step.kind === 'HEAT_UP');
  const hot = $derived(step.kind === 'SOAK' || step.kind === 'HOLD' || counting);
  const up = $derived(timed && elapsed >= step.seconds);
  const many = $derived(run.batch.wanted > 1);
  const waiting = $derived(run.simulated && step.kind === 'HEAT_UP' && run.platform?.ready === false);
  // Nobody reads a light over a wire: what heats is hot until its owner says that it is off.
  const stillOn = $derived(!run.simulated && run.platform?.on === true);
  const stalled = $derived(run.press.state === 'STALLED');
  const due = $derived(up || (step.kind === 'HEAT_UP' && run.platform?.ready === true));
  const good = $derived(routes.of(run.draft.route)?.good ?? 'clean');
  const over = $derived(run.status !== 'OPEN');
  const ending = $derived(run.step === run.steps.length - 1 && !many);

  // Said once a round.
  let readyFor = $state(0);
  async function readyAgain() {
    readyFor = run.batch.pull;
    await running.readyAgain();
  }

  onMount(() => {
    let frame = 0;
    const count = () => {
      elapsed = running.elapsed();
      frame = requestAnimationFrame(count);
    };
    count();
    return () => cancelAnimationFrame(frame);
  });
  // One cue when something becomes due, not one for every push.
  const news = $derived([due ? `due ${run.step}` : '', ...run.reminders.map((r) => r.kind)].join(' ').trim());
  $effect(() => {
    if (news) cue();
  });
</script>

<section class="bg-paper flex min-w-0 flex-col px-5 py-6 md:px-9" aria-label="Now">
  <Note name="run.step" class="mb-3" />
  <p class="label md:hidden">{run.title}, step {run.step + 1} of {run.steps.length}</p>
  {#if !over && (many || run.scrap || run.trial)}
    <p class="label">
      {run.trial
        ? 'Practice with simulated machines: nothing is logged'
        : run.scrap
          ? 'On scrap'
          : `Pull ${run.batch.pull}, for ${run.batch.wanted} good ones`}
    </p>
  {/if}
  {#if over}
    <h1 class="text-banner leading-[1.08]">{ENDED[run.status]}</h1>
    {#if run.status === 'PAUSED'}
      <p class="text-large mt-3">
        It waits here with {run.batch.good} of {run.batch.wanted} made, tomorrow too. It goes on with laying ready
        and warming up.
      </p>
    {:else}
      <p class="text-large mt-3">This run is over. What you logged of it is in the logbook.</p>
    {/if}
    {#if stillOn || run.platform?.docked === false}
      <div class="border-ember bg-ember-wash text-large mt-4 border-l-8 px-4 py-3" role="alert">
        {stillOn ? 'It is still switched on, and hot.' : 'The platform is out of its dock, and hot.'}
        <Button class="mt-2 block" onclick={() => running.switchedOff()}>It is off, and in its place</Button>
      </div>
    {/if}
    <div class="mt-6 flex gap-3">
      {#if run.status === 'PAUSED'}
        <Button kind="strong" class="text-large min-h-14 px-8" onclick={() => running.act('RESUME')}
          >Go on</Button
        >
      {/if}
      <a class="press press-strong" href="#/pulls">Logbook</a><a class="press" href="#/stack"
        >Back to the stack</a
      >
    </div>
  {:else}
    <h1 class="text-banner max-w-[24ch] leading-[1.08]" aria-live="assertive">
      {preferences.said(step.say)}.
    </h1>
    <p class="text-soft text-large mt-3">{preferences.said(step.detail)}</p>

    {#if timed || counting}
      <Note name="run.clock" class="mt-3" />
      <div class="mt-6 {hot ? 'text-ember' : 'text-ink'}" role="timer" aria-label="Time">
        <span class="figure text-clock-narrow md:text-clock leading-none"
          >{clock(Math.min(elapsed, 3599))}</span
        >
        {#if run.usualSeconds !== undefined && counting}<span class="text-soft text-large ml-2"
            >usually {clock(run.usualSeconds)}</span
          >{/if}
        {#if timed}<span class="figure text-soft text-display ml-2">of {clock(Math.ceil(step.seconds))}</span
          >{/if}
      </div>
    {/if}
    {#if timed}
      <div class="bg-blotter mt-4 h-4 w-full">
        <div
          class="h-4 {hot ? 'bg-ember' : 'bg-steel'}"
          style:width="{Math.min(100, (100 * elapsed) / step.seconds)}%"
        ></div>
      </div>
    {/if}
    {#if due}
      <p class="border-verdigris text-heading mt-5 border-4 px-4 py-2 font-bold" role="status">
        {step.kind === 'HEAT_UP' ? 'Ready. Go on.' : 'Time. Go on.'}
      </p>
    {/if}
    {#each run.reminders as reminder (reminder.kind)}
      <div class="border-ochre-line bg-ochre-wash text-large mt-4 border-l-8 px-4 py-3" role="alert">
        {reminder.text}
        {#if reminder.kind === 'SWITCHED_OFF'}
          <Button class="mt-2 block" onclick={() => running.act('RELIGHT')}>Switch it on again</Button>
        {/if}
      </div>
    {/each}
    {#if run.warning}
      <div
        class="border-ochre-line bg-ochre-wash text-large mt-4 border-l-8 px-4 py-3"
        role="alert"
        data-testid="warning"
      >
        {preferences.said(run.warning.text)}{run.warning.good === undefined
          ? '.'
          : `: ${run.warning.good} of 20 would come out ${good}.`} Go on anyway? Press Space again.
      </div>
    {/if}
    {#if step.meanwhile.length > 0 && many}
      <p class="text-lead border-verdigris mt-4 border-l-4 pl-3">
        Meanwhile: {step.meanwhile.join('; ').toLowerCase()}.
      </p>
    {/if}
    {#if step.kind === 'PREPARE'}<Preflight {run} />{/if}
    {#if step.kind === 'PLACE' || step.kind === 'LAY'}<PlaceGuide {run} />{/if}
    {#if step.kind === 'LOOK' && run.simulated}
      <figure class="mt-5 max-w-[480px]">
        <img
          src="/api/runs/{run.id}/scan.png?width=600&height=400"
          width="600"
          height="400"
          alt="The simulated pull"
          class="border-rule h-auto w-full border"
        />
        <figcaption class="label">The pull, as the simulated press made it</figcaption>
      </figure>
    {/if}

    {#if many}<Batch {run} {revision} {onsame} {onlog} />{/if}

    <div class="bg-paper sticky bottom-0 mt-auto pt-4 pb-2 max-md:bottom-[50px]">
      {#if next}
        <div class="border-rule border-t pt-3">
          <p class="label">next, press Space</p>
          <p class="text-heading">{preferences.said(next.say)}</p>
        </div>
      {/if}
      <div class="mt-4 flex flex-wrap gap-3">
        {#if stalled}
          <Button kind="strong" class="text-large min-h-14 px-8" onclick={() => running.act('REVERSE_OUT')}
            >Reverse it out</Button
          >
        {:else if next}
          <Button kind="strong" class="text-large min-h-14 px-8" onclick={() => running.act('NEXT')}>
            {run.warning ? 'Go on anyway' : waiting ? 'Go on, not ready yet' : run.answer}
          </Button>
          {#if step.kind === 'PASS' && !run.simulated}
            <Button class="min-h-14" onclick={() => running.act('REVERSE_OUT')}
              >The press won't take it</Button
            >
          {/if}
        {:else if !ending && (step.kind !== 'LOOK' || run.batch.toLog === 0)}
          <Button kind="strong" class="text-large min-h-14 px-8" onclick={() => running.act('NEXT')}>
            {run.answer}: the next one
          </Button>
        {:else}
          {#if run.trial}
            <Button kind="strong" class="text-large min-h-14 px-8" onclick={() => running.act('LEAVE')}
              >End practice</Button
            >
          {:else}
            <Button kind="strong" class="text-large min-h-14 px-8" onclick={onlog}>Log the pull</Button>
          {/if}
        {/if}
        {#if step.kind === 'PLACE' && many && !run.simulated && run.batch.pull > 1 && readyFor !== run.batch.pull}
          <Button class="min-h-14" onclick={readyAgain}>Its ready light is back</Button>
        {/if}
        {#if many}<Button class="min-h-14" onclick={() => running.act('PAUSE')}>Pause for now</Button>{/if}
        {#if run.step > 0}<Button class="min-h-14" onclick={() => running.act('BACK')}>Back</Button>{/if}
        <Button kind="quiet" class="min-h-14" onclick={() => running.act('LEAVE')}>Stop this run</Button>
      </div>
    </div>
  {/if}
</section>
