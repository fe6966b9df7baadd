<script lang="ts">
  import { untrack } from 'svelte';
  import { push, replace } from 'svelte-spa-router';
  import { api, asked, Trouble, type RunView } from '../../api/client';
  import { typing } from '../../editing/undo';
  import Nowhere from '../../parts/Nowhere.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { running } from '../../state/running.svelte';
  import Devices from './Devices.svelte';
  import Idle from './Idle.svelte';
  import LogPull from './LogPull.svelte';
  import Now from './Now.svelte';
  import StepList from './StepList.svelte';
  import Button from '../../parts/Button.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();
  let idle = $state(false);
  let trouble = $state<Trouble>();
  let logging = $state(false);
  const run = $derived(running.run);
  const toLog = $derived((run?.batch.toLog ?? 0) > 0);
  // Of several, the one looked at may be logged already.
  const looking = $derived(run?.steps[run.step]?.kind === 'LOOK' && (toLog || run.batch.wanted === 1));
  let others = $state.raw<RunView[]>([]);
  let revision = $state(0);

  $effect(() => {
    const id = params.id;
    untrack(() => void open(id));
    return () => running.close();
  });

  async function open(id: string | undefined) {
    trouble = undefined;
    try {
      if (id) {
        await running.open(id);
        others = await asked(api.GET('/api/runs'));
      } else await findOpen();
    } catch (cause) {
      trouble = cause instanceof Trouble ? cause : new Trouble(-1, 'It could not be opened.');
    }
  }

  /** Takes this address's place, so that Back goes where the person came from. */
  async function findOpen() {
    running.forget();
    others = await asked(api.GET('/api/runs'));
    if (others[0]) await replace(`/run/${others[0].id}`);
    else idle = true;
  }

  async function logged(pullId: string) {
    revision++;
    await running.refresh();
    if ((run?.batch.wanted ?? 1) === 1) await push(`/pulls/${pullId}`);
  }

  async function same() {
    const params = { path: { runId: run?.id ?? '' } };
    try {
      const pull = await asked(api.POST('/api/pulls/of-run/{runId}/same', { params }));
      await kit.changed();
      await logged(pull.id);
    } catch (cause) {
      tell(cause);
    }
  }

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (typing(event) || target.closest('button, a') || run?.status !== 'OPEN') return;
    if (event.key === ' ') {
      event.preventDefault();
      if (looking) logging = run.trial !== true;
      else running.act('NEXT');
    } else if (event.key.toLowerCase() === 'l' && (looking || toLog)) logging = true;
    else if (event.key.toLowerCase() === 's' && toLog) void same();
    else if (event.key === 'Escape') push('/bench');
  }
</script>

<svelte:window onkeydown={key} />

<svelte:head><title>{run ? `${run.title} · ` : ''}Run · Glanzen</title></svelte:head>

{#if running.lost}
  <p role="alert" class="border-ochre-line bg-ochre-wash text-lead border-l-8 px-4 py-2">
    Glanzen does not answer. The clock here goes on; what the heater and the press do is not seen. Still
    trying.
  </p>
{/if}
{#if run}
  {#if others.length > 1}
    <nav class="border-rule flex flex-wrap gap-1 border-b px-4 py-1" aria-label="Runs that are on">
      {#each others as other (other.id)}
        <a
          href="#/run/{other.id}"
          class="press press-quiet {other.id === run.id ? 'underline underline-offset-4' : 'font-normal'}"
          aria-current={other.id === run.id ? 'page' : undefined}
          >{other.title}{other.status === 'PAUSED' ? ', paused' : ''}</a
        >
      {/each}
    </nav>
  {/if}
  <div class="grid min-h-full md:grid-cols-[230px_minmax(0,1fr)] xl:grid-cols-[250px_minmax(0,1fr)_270px]">
    <StepList {run} />
    <Now {run} {revision} onlog={() => (logging = true)} onsame={() => void same()} />
    <Devices {run} />
  </div>
  {#if logging && run.status === 'OPEN'}
    <LogPull {run} onclose={() => (logging = false)} ondone={(id) => void logged(id)} />
  {/if}
{:else if trouble?.status === 404}
  <Nowhere title="This run is not in your workshop" />
{:else if trouble}
  <div role="alert" class="p-8">
    <p>{trouble.message}</p>
    <Button class="mt-4" onclick={() => void open(params.id)}>Try again</Button>
  </div>
{:else if idle}
  <Idle />
{:else}
  <p class="text-soft p-8">Loading…</p>
{/if}
