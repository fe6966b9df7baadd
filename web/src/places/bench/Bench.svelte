<script lang="ts">
  import { router } from 'svelte-spa-router';
  import { api, asked, type Schemas } from '../../api/client';
  import { tell } from '../../state/messages.svelte';
  import DayStrip from './DayStrip.svelte';
  import Dryings from './Dryings.svelte';
  import LatestPulls from './LatestPulls.svelte';
  import Needs from './Needs.svelte';
  import NewSetUp from './NewSetUp.svelte';
  import NextAction from './NextAction.svelte';
  import SetUps from './SetUps.svelte';

  let bench = $state<Schemas['BenchView']>();
  let starting = $state(false);

  async function load() {
    bench = await asked(api.GET('/api/bench'));
  }

  $effect(() => {
    load().catch(tell);
    const again = setInterval(() => load().catch(() => {}), 10_000);
    return () => clearInterval(again);
  });
  $effect(() => {
    if (router.querystring === 'new') starting = true;
  });
</script>

<div class="mx-auto max-w-[1240px] px-4 py-5 md:px-8">
  <h1 class="sr-only">Bench</h1>
  {#if bench}
    <NextAction {bench} onstart={() => (starting = true)} />
    <DayStrip {bench} />
    <div class="mt-7 grid gap-8 lg:grid-cols-[1.2fr_1fr]">
      <SetUps setUps={bench.setUps} onstart={() => (starting = true)} onchanged={load} />
      <div class="grid content-start gap-8">
        <Dryings panels={bench.dryings} setUps={bench.setUps} now={bench.now} onchanged={load} />
        <LatestPulls pulls={bench.latest} />
        <Needs needs={bench.needs} />
      </div>
    </div>
  {:else}
    <p class="text-soft">Laying out the bench…</p>
  {/if}
</div>
<NewSetUp bind:open={starting} />
