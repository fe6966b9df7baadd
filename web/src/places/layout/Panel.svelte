<script lang="ts">
  import { editing } from '../../state/editing.svelte';
  import type { Draft, LayoutView } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import Dies from './Dies.svelte';
  import Held from './Held.svelte';
  import Leftovers from './Leftovers.svelte';
  import MakeReady from './MakeReady.svelte';
  import OnPlatform from './OnPlatform.svelte';
  import Print from './Print.svelte';
  import Ribbon from './Ribbon.svelte';
  import ToCut from './ToCut.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  interface Props {
    view: LayoutView;
    draft: Draft;
    ontrial: (path: string) => void;
  }
  let { view, draft, ontrial }: Props = $props();

  const TASKS = ['Place', 'Cut', 'Leftovers', 'Dies', 'Make-ready', 'Print'] as const;
  let task = $state<(typeof TASKS)[number]>('Place');
  const stock = $derived(draft.layers.find((l) => l.kind === 'STOCK'));
  const ribbon = $derived(
    stock !== undefined && (kit.item(stock) as { kind?: string } | undefined)?.kind === 'RIBBON',
  );

  function show(next: (typeof TASKS)[number]) {
    task = next;
    ontrial('');
  }
</script>

<aside class="border-rule bg-paper min-w-0 px-5 py-4 lg:border-l" aria-label="What to do with the layout">
  <Note name="layout.print" />
  <div class="mb-3 flex flex-wrap gap-x-1" role="group" aria-label="Tasks">
    {#each TASKS as name (name)}
      <Button
        kind="row"
        class="text-small border-b-2 px-1.5 py-1 {name === task
          ? 'border-verdigris text-ink font-bold'
          : 'text-verdigris border-transparent'}"
        aria-pressed={name === task}
        onclick={() => show(name)}>{name}</Button
      >
    {/each}
  </div>
  {#if task === 'Place'}
    <Note name="layout.place" />
    <Held {view} />
    {#if ribbon}<Ribbon {view} />{/if}
    <OnPlatform {view} />
  {:else if task === 'Cut'}
    <ToCut {draft} id={editing.saved?.id} />
  {:else if task === 'Leftovers'}
    <Leftovers {view} {draft} />
  {:else if task === 'Dies'}
    <Dies {view} {draft} {ontrial} />
  {:else if task === 'Make-ready'}
    <MakeReady {view} {draft} />
  {:else}
    <Print {view} />
  {/if}
</aside>
