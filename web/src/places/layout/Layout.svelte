<script lang="ts">
  import OpenedSetUp from '../../editing/OpenedSetUp.svelte';
  import { NOTHING_TO_REDO, NOTHING_TO_UNDO, typing } from '../../editing/undo';
  import { editing } from '../../state/editing.svelte';
  import { laying } from '../../state/laying.svelte';
  import { world } from '../../state/world.svelte';
  import { routes } from '../../state/routes.svelte';
  import Findings from '../../parts/Findings.svelte';
  import Bench from './Drawings.svelte';
  import Expected from './Expected.svelte';
  import Panel from './Panel.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();
  const draft = $derived(editing.draft);
  let trial = $state('');
  const unlaid = $derived(routes.of(draft?.route)?.heated === false);

  $effect(() => {
    void world.revision;
    // Until the one this address names is open, another is.
    if (draft && !unlaid && editing.saved?.id === params.id) void laying.show(draft);
  });

  function key(event: KeyboardEvent) {
    if (!typing(event) && event.key === 'Escape' && laying.moving) laying.drop(true);
  }
</script>

<svelte:window onkeydown={key} />

<OpenedSetUp id={params.id} home="/layout" place="Layout">
  {#if draft && unlaid}
    <div class="mx-auto max-w-[60ch] px-6 py-14">
      <h1 class="text-title">Nothing to lay out here</h1>
      <p class="text-lead mt-3">
        “{editing.saved?.name}” is {routes.of(draft.route)?.label}: {routes.of(draft.route)?.toolInStack
          ? 'its stack says where things lie.'
          : `its ${routes.of(draft.route)?.toolWord} has laid the design already.`} Layouts are for what is pressed
        on a heated platform.
      </p>
      <a class="press press-strong mt-6 inline-block" href="#/stack/{editing.saved?.id}">Open stack</a>
    </div>
  {:else if draft && laying.view}
    <div class="grid min-h-full grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_18.75rem]">
      <section class="flex min-w-0 flex-col gap-3 px-4 py-4 md:px-6" aria-label="Layout">
        <div class="flex flex-wrap items-start gap-x-4 gap-y-2">
          <div class="min-w-0 flex-1">
            <h1 class="text-title">Layout</h1>
            <Expected />
          </div>
          <div class="flex gap-1">
            <Button kind="quiet" why={editing.canUndo ? '' : NOTHING_TO_UNDO} onclick={() => editing.undo()}
              >Undo</Button
            >
            <Button kind="quiet" why={editing.canRedo ? '' : NOTHING_TO_REDO} onclick={() => editing.redo()}
              >Redo</Button
            >
            <a class="press press-strong" href="#/stack/{editing.saved?.id}">Open stack</a>
          </div>
        </div>
        <Note name="layout.sheet" />
        <Bench view={laying.view} {trial} />
        <div class="flex flex-col gap-2" role="group" aria-live="polite" aria-label="Findings">
          <Findings
            findings={laying.view.findings}
            onmend={(mend) => editing.part({ layout: mend.layout })}
          />
        </div>
      </section>
      <Panel view={laying.view} {draft} ontrial={(path) => (trial = path)} />
    </div>
  {:else}
    <p class="text-soft p-8">Loading…</p>
  {/if}
</OpenedSetUp>
