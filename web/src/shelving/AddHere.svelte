<script lang="ts">
  import { type Shelf } from '../state/kit.svelte';
  import { kinds, type Kind } from '../state/kinds.svelte';
  import { tell } from '../state/messages.svelte';
  import { preferences } from '../state/preferences.svelte';
  import ItemForm from './ItemForm.svelte';
  import Button from '../parts/Button.svelte';

  /** What is missing is added right here, in one press, and the work goes on. */
  interface Props {
    /** What is missing, in a sentence; nothing if it is only offered. */
    says?: string;
    fits: (kind: Kind) => boolean;
    /** Where something else than these kinds is entered. */
    shelf?: Shelf;
    onadded?: (things: Kind['things']) => void;
  }
  let { says = '', fits, shelf, onadded }: Props = $props();
  let entering = $state(false);
  let busy = $state(false);
  const offered = $derived(kinds.all.filter(fits));

  $effect(() => {
    kinds.load().catch(tell);
  });

  async function add(kind: Kind) {
    busy = true;
    try {
      onadded?.(await kinds.add(kind));
    } catch (trouble) {
      tell(trouble);
    } finally {
      busy = false;
    }
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  {#if says}<span class="text-ochre">{says}</span>{/if}
  {#each offered as kind (kind.id)}
    <Button
      class="min-h-8 font-normal"
      title={preferences.said(kind.says)}
      disabled={busy}
      onclick={() => add(kind)}>+ {preferences.said(kind.name)}</Button
    >
  {/each}
  {#if shelf}
    <Button kind="quiet" class="min-h-8" onclick={() => (entering = true)}>Something else…</Button>
  {/if}
</div>
{#if entering && shelf}
  <ItemForm {shelf} id={undefined} onclose={() => (entering = false)} />
{/if}
