<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked } from '../../api/client';
  import { tell } from '../../state/messages.svelte';
  import { running } from '../../state/running.svelte';
  import Devices from './Devices.svelte';
  import Idle from './Idle.svelte';
  import LogPull from './LogPull.svelte';
  import Now from './Now.svelte';
  import StepList from './StepList.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();
  let idle = $state(false);
  let logging = $state(false);
  const run = $derived(running.run);
  const last = $derived(run !== undefined && run.step === run.steps.length - 1);

  $effect(() => {
    const id = params.id;
    if (id) running.open(id).catch(tell);
    else findOpen().catch(tell);
    return () => running.close();
  });

  async function findOpen() {
    const bench = await asked(api.GET('/api/bench'));
    if (bench.run) await push(`/run/${bench.run.id}`);
    else idle = true;
  }

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (target.closest('input, select, textarea, dialog, button, a') || !run || run.status !== 'OPEN') return;
    if (event.key === ' ') {
      event.preventDefault();
      if (last) logging = true;
      else running.act('NEXT');
    } else if (event.key.toLowerCase() === 'l' && last) logging = true;
    else if (event.key === 'Escape') push('/bench');
  }
</script>

<svelte:window onkeydown={key} />

{#if run}
  <div class="grid min-h-full md:grid-cols-[230px_minmax(0,1fr)] xl:grid-cols-[250px_minmax(0,1fr)_270px]">
    <StepList {run} />
    <Now {run} onlog={() => (logging = true)} />
    <Devices {run} />
  </div>
  {#if run.status === 'OPEN'}
    <LogPull bind:open={logging} {run} />
  {/if}
{:else if idle}
  <Idle />
{:else}
  <p class="text-soft p-8">Looking for the run…</p>
{/if}
