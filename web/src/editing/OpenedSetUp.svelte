<script lang="ts">
  import { untrack, type Snippet } from 'svelte';
  import { replace } from 'svelte-spa-router';
  import { api, asked, Trouble } from '../api/client';
  import Nowhere from '../parts/Nowhere.svelte';
  import { editing } from '../state/editing.svelte';
  import Conflict from './Conflict.svelte';
  import { undoKeys } from './undo';
  import Button from '../parts/Button.svelte';

  /** The set-up that an address names, or the one that was open last; its undo, and what stands in its way. */
  interface Props {
    id: string | undefined;
    home: string;
    place: string;
    children: Snippet;
  }
  let { id, home, place, children }: Props = $props();
  let trouble = $state<Trouble>();

  $effect(() => {
    const wanted = id;
    untrack(() => void open(wanted));
  });

  async function open(wanted: string | undefined) {
    trouble = undefined;
    try {
      if (!wanted) await openLast();
      else if (wanted !== editing.saved?.id) await editing.open(wanted);
    } catch (cause) {
      trouble = cause instanceof Trouble ? cause : new Trouble(-1, 'It could not be opened.');
    }
  }

  /** Takes this address's place, so that Back goes where the person came from. */
  async function openLast() {
    const last = editing.saved?.id ?? (await asked(api.GET('/api/set-ups')))[0]?.id;
    await replace(last ? `${home}/${last}` : '/bench?new');
  }
</script>

<svelte:head><title>{editing.saved ? `${editing.saved.name} · ` : ''}{place} · Glanzen</title></svelte:head>
<svelte:window onkeydown={(event) => undoKeys(event, editing)} />

{#if trouble?.status === 404 || trouble?.status === 400}
  <Nowhere title="This set-up is not in your workshop">
    <p class="text-lead mt-3">It was deleted, or this address belongs to another workshop.</p>
  </Nowhere>
{:else if trouble}
  <div role="alert" class="p-8">
    <p>{trouble.message}</p>
    <Button class="mt-4" onclick={() => void open(id)}>Try again</Button>
  </div>
{:else if editing.draft && editing.saved?.id === id}
  {@render children()}
  <Conflict what="set-up" drafts={editing} />
{:else}
  <p class="text-soft p-8">Loading…</p>
{/if}
