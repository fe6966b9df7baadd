<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, type Schemas } from '../../api/client';
  import EveningLanes from '../../drawing/EveningLanes.svelte';
  import { current, days, listed, time, unbroken } from '../../drawing/lanes';
  import { duration, span } from '../../parts/format';
  import { cue } from '../../state/cue';
  import { evening } from '../../state/evening.svelte';
  import { tell } from '../../state/messages.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import EveningList from './EveningList.svelte';
  import NotInTheHours from './NotInTheHours.svelte';
  import Button from '../../parts/Button.svelte';

  /** The evening as planned: what is next, the lanes, what it costs, and what does not fit. */
  let { plan, onchange }: { plan: Schemas['EveningView']; onchange: () => void } = $props();

  let picked = $state<number>();
  let chosen = $state('');
  const all = $derived(days(plan));
  const day = $derived(all[picked ?? current(all, new Date(plan.now))]);
  const next = $derived(plan.blocks.find((b) => !b.doneAt));
  /** Whether going on with the next while one waits is any quicker. */
  const saves = $derived((next?.oneByOneSeconds ?? 0) - (next?.eachSeconds ?? 0) > 1);
  const path = $derived({ id: plan.id });

  /** What is due is heard once, softly; the screen says the same. */
  let told = '';
  $effect(() => {
    if (!next || next.begunAt || new Date(plan.now) < new Date(next.from) || told === next.task) return;
    told = next.task;
    cue();
  });

  const say = (task: string, over: boolean, beside = false) =>
    evening.take(
      asked(
        api.POST('/api/evenings/{id}/happened', {
          params: { path, query: { task, over, beside, sequence: plan.sequence } },
        }),
      ),
    );
  const again = () =>
    evening.take(
      asked(api.POST('/api/evenings/{id}/again', { params: { path, query: { sequence: plan.sequence } } })),
    );
  const look = () => evening.take(asked(api.POST('/api/evenings/{id}/search', { params: { path } })));
  const stop = () => evening.take(asked(api.POST('/api/evenings/{id}/stop', { params: { path } })));

  const ends = (at: string) =>
    `${plan.left.length === 0 ? 'All done by' : 'Part of it done by'} ${new Date(at).toLocaleDateString([], { weekday: 'long' })} ${time(new Date(at))}`;
  const quickest = $derived(
    plan.gapSeconds === undefined || plan.gapSeconds === null
      ? ''
      : plan.gapSeconds < 60
        ? 'No plan is quicker.'
        : `The best plan may end up to ${duration(plan.gapSeconds)} earlier.`,
  );

  /** What earlier evenings taught of this person's hands. */
  const pace = $derived(
    Math.abs(plan.ownPaceSeconds) < 60
      ? ''
      : `Planned at your own pace: ${span(Math.abs(plan.ownPaceSeconds))} ${plan.ownPaceSeconds > 0 ? 'more' : 'less'} than usual.`,
  );

  /** What a change by hand costs is said. */
  async function costing(work: Promise<Schemas['EveningView']>) {
    const before = { end: plan.endAt, heatUps: plan.heatUps };
    if (!(await evening.take(work)) || !evening.now) return;
    const after = evening.now;
    const later = before.end && after.endAt ? Date.parse(after.endAt) - Date.parse(before.end) : 0;
    const more = after.heatUps - before.heatUps;
    const said = [
      ...(Math.abs(later) >= 60_000
        ? [`ends ${duration(Math.abs(later) / 1000)} ${later > 0 ? 'later' : 'earlier'}`]
        : []),
      ...(more !== 0
        ? [`has ${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} heat-up${Math.abs(more) === 1 ? '' : 's'}`]
        : []),
    ];
    tell(said.length > 0 ? `The plan now ${said.join(', ')}.` : 'The plan takes no longer.');
  }

  function fix(task: string, at: Date | undefined) {
    const query = { task, at: at?.toISOString(), sequence: plan.sequence };
    void costing(asked(api.PUT('/api/evenings/{id}/fixed', { params: { path, query } })));
  }

  const leaveOut = (task: string, out: boolean) =>
    costing(
      asked(
        api.PUT('/api/evenings/{id}/left-out', {
          params: { path, query: { task, out, sequence: plan.sequence } },
        }),
      ),
    );

  function move(task: string, minutes: number) {
    const found = plan.blocks.find((b) => b.task === task);
    if (found) fix(task, new Date(new Date(found.from).getTime() + 60_000 * minutes));
  }

  async function throwAway() {
    if (plan.searching) await stop();
    // Of this plan: by the time it goes, another may stand in its place.
    const { id, sequence } = plan;
    const params = { path: { id }, query: { sequence } };
    throwing.away(
      id,
      'Plan deleted. Its jobs stay.',
      () => asked(api.DELETE('/api/evenings/{id}', { params, keepalive: true })),
      () => evening.forget(id),
    );
  }
</script>

{#snippet figure(said: string, of: string)}
  <p>
    <span class="figure text-large block font-bold">{said}</span>
    <span class="text-soft">{of}</span>
  </p>
{/snippet}

<section aria-label="The evening as planned">
  {#if next}
    <div class="flex flex-wrap items-end justify-between gap-4">
      <div>
        <p class="label">
          {next.begunAt ? 'Now' : `Next, at ${time(new Date(next.from))}`}{!next.begunAt && plan.latestAt
            ? ` · start by ${time(new Date(plan.latestAt))}`
            : ''}{plan.behindSeconds > 0 ? ` · ${span(plan.behindSeconds)} behind the plan` : ''}
        </p>
        <p class="figure text-display leading-tight">{unbroken(next.says)}</p>
        <p class="text-soft">
          {next.job}{saves
            ? `, ${duration(next.eachSeconds ?? 0)} each instead of ${duration(next.oneByOneSeconds ?? 0)}`
            : ''}{saves && next.meanwhile.length > 0
            ? `; while each waits: ${next.meanwhile.join(', ')}`
            : ''}{next.waitSeconds > 0
            ? `, and ${duration(next.waitSeconds)} for the platform to get hot again`
            : ''}{next.otherBoards ? '; change the boards first' : ''}.
        </p>
      </div>
      <div class="flex flex-wrap gap-2">
        {#if next.begunAt}
          <Button kind="strong" onclick={() => say(next.task, true)}>Done</Button>
        {:else}
          <Button kind="strong" onclick={() => say(next.task, false)}>Start</Button>
        {/if}
        {#if next.setUpId}
          <Button onclick={() => push(`/stack/${next.setUpId}`)}>Open stack</Button>
        {/if}
        {#if plan.behindSeconds > 0}
          <Button onclick={again}>Plan the rest again</Button>
        {/if}
      </div>
    </div>
  {:else}
    <p class="figure text-display leading-tight">Everything planned is done</p>
  {/if}
  {#if all.length > 1}
    <div class="mt-4 flex flex-wrap gap-x-4" role="group" aria-label="Days">
      {#each all as d, n (d.label)}
        <Button
          kind="quiet"
          class={d === day ? 'font-bold underline' : ''}
          aria-pressed={d === day}
          onclick={() => (picked = n)}>{d.label}</Button
        >
      {/each}
    </div>
  {/if}
  {#if day}
    <div class="mt-2 grid items-start gap-x-5 gap-y-3 lg:grid-cols-[minmax(0,25rem)_minmax(0,1fr)]">
      <EveningList
        {plan}
        blocks={listed(plan, day)}
        {chosen}
        onchoose={(task) => (chosen = task)}
        onsay={say}
        onfree={(task) => fix(task, undefined)}
        onskip={(task) => leaveOut(task, true)}
      />
      <div class="border-rule overflow-x-auto border-y">
        <div class="min-w-[640px]">
          <EveningLanes
            evening={plan}
            {day}
            {chosen}
            onchoose={(task) => (chosen = task)}
            onmove={move}
            onfree={(task) => fix(task, undefined)}
          />
        </div>
      </div>
    </div>
  {/if}
  <div
    class="mt-3 flex flex-wrap items-baseline gap-x-10 gap-y-2"
    data-changing={plan.searching || undefined}
  >
    {#if plan.endAt}
      {@render figure(`${ends(plan.endAt)}.`, `${quickest} ${pace}`.trim())}
    {/if}
    {@render figure(
      span(plan.idleSeconds),
      `heating unused, ${plan.heatUps} heat-up${plan.heatUps === 1 ? '' : 's'}`,
    )}
    {@render figure(span(plan.freeSeconds), 'hands free')}
    {@render figure(`${plan.swaps + plan.boards}`, 'changes of plates and boards')}
    <div class="flex flex-wrap gap-x-4">
      {#if plan.searching}
        <span class="text-soft" aria-live="polite">Improving…</span>
        <Button kind="link" onclick={stop}>Stop</Button>
      {:else if plan.solver && !plan.proven}
        <Button kind="link" onclick={look}>Improve this plan</Button>
      {:else if !plan.solver}
        <span class="text-soft">This is the quick plan. This computer can't improve it.</span>
      {/if}
      <Button kind="link" onclick={onchange}>New plan</Button>
      <a class="text-verdigris underline" href="/api/evenings/{plan.id}.ics">Add to calendar</a>
      <a
        class="text-verdigris underline"
        href="/api/evenings/{plan.id}.pdf?paper=A4&zone={Intl.DateTimeFormat().resolvedOptions().timeZone}"
        >Evening sheet</a
      >
      <Button kind="row" class="text-soft underline" onclick={throwAway}>Delete plan</Button>
    </div>
  </div>
  <NotInTheHours {plan} ontake={(task) => leaveOut(task, false)} />
</section>
