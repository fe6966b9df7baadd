<script lang="ts">
  import { replace, router } from 'svelte-spa-router';
  import { api, asked, type Schemas } from '../../api/client';
  import { world } from '../../state/world.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import DayStrip from './DayStrip.svelte';
  import Dryings from './Dryings.svelte';
  import LatestPulls from './LatestPulls.svelte';
  import Needs from './Needs.svelte';
  import NewSetUp from '../../starting/NewSetUp.svelte';
  import NextAction from './NextAction.svelte';
  import PlanEvening from './PlanEvening.svelte';
  import PlannedEvening from './PlannedEvening.svelte';
  import SetUps from './SetUps.svelte';
  import { evening } from '../../state/evening.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  const asking = new Question<Schemas['BenchView']>();
  const bench = $derived(asking.answer);
  let starting = $state(false);
  let planning = $state(false);
  /** Whether it is known how the evening is planned, if it is. */
  let known = $state(false);
  const planned = $derived(evening.now && !throwing.gone.includes(evening.now.id) ? evening.now : undefined);

  async function load() {
    const found = await asking.ask((signal) => asked(api.GET('/api/bench', { signal })));
    if (found?.eveningId) await evening.load(found.eveningId).catch(() => {});
    else if (found) evening.forget();
    known ||= found !== undefined;
  }

  $effect(() => {
    void world.revision;
    void load();
    const again = setInterval(() => void load(), 10_000);
    return () => clearInterval(again);
  });
  $effect(() => {
    if (router.querystring !== 'new') return;
    starting = true;
    void replace('/bench');
  });
</script>

<svelte:head><title>Bench · Glanzen</title></svelte:head>
<div class="mx-auto max-w-[1240px] px-4 py-5 md:px-8">
  <h1 class="sr-only">Bench</h1>
  <Asked question={asking} />
  {#if bench}
    <Note name="bench.next" class="mb-3" />
    {#if bench.eveningId && !planned && !known}
      <p class="text-soft">Loading…</p>
    {:else if planned}
      {#if bench.runs.length > 0}<NextAction {bench} onstart={() => (starting = true)} />{/if}
      <PlannedEvening plan={planned} onchange={() => (planning = true)} />
    {:else}
      <NextAction {bench} onstart={() => (starting = true)} />
      <Button kind="quiet" class="mt-2" onclick={() => (planning = true)}>Plan an evening</Button>
      <DayStrip {bench} />
    {/if}
    <SetUps setUps={bench.setUps} onstart={() => (starting = true)} onchanged={load} />
    <div class="mt-8 grid grid-cols-[minmax(0,1fr)] items-start gap-8 md:grid-cols-2 lg:grid-cols-3">
      <LatestPulls pulls={bench.latest} />
      <Dryings panels={bench.dryings} setUps={bench.setUps} now={bench.now} onchanged={load} />
      <Needs needs={bench.needs} />
    </div>
  {:else}
    <p class="text-soft">Loading…</p>
  {/if}
</div>
<NewSetUp bind:open={starting} />
<PlanEvening bind:open={planning} now={bench?.now ?? ''} onplanned={load} />
