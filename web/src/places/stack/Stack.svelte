<script lang="ts">
  import OpenedSetUp from '../../editing/OpenedSetUp.svelte';
  import { typing } from '../../editing/undo';
  import { editing } from '../../state/editing.svelte';
  import { readings } from '../../parts/readings';
  import Beside from './Beside.svelte';
  import Dials from './Dials.svelte';
  import Findings from './Findings.svelte';
  import Forecast from './Forecast.svelte';
  import LayerTools from './LayerTools.svelte';
  import Schools from './Schools.svelte';
  import Header from './StackHeader.svelte';
  import Strata from '../../drawing/Strata.svelte';
  import { flipped, moved, removed } from './stackEdits';
  import Note from '../../parts/Note.svelte';

  let { params = {} }: { params?: { id?: string } } = $props();

  readings();
  let selected = $state(-1);
  let height = $state(800);
  let drawing = $state<HTMLElement>();
  const draft = $derived(editing.draft);
  const count = $derived(draft?.layers.length ?? 0);

  function select(index: number) {
    selected = Math.max(0, Math.min(count - 1, index));
  }

  function focusSelected() {
    requestAnimationFrame(() => drawing?.querySelector<SVGElement>('[aria-selected="true"]')?.focus());
  }

  function move(from: number, to: number) {
    if (!draft || to < 0 || to >= count) return;
    editing.change(moved(draft, from, to));
    select(to);
    focusSelected();
  }

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (!draft || typing(event)) return;
    const inDrawing = drawing?.contains(target);
    const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (step !== 0 && (inDrawing || !target.closest('a, button, [tabindex="0"]'))) {
      event.preventDefault();
      if (event.altKey) move(selected, selected + step);
      else {
        select(selected < 0 ? 0 : selected + step);
        focusSelected();
      }
    } else if (selected >= 0 && !event.ctrlKey && !event.altKey) {
      if (event.key.toLowerCase() === 'f') editing.change(flipped(draft, selected));
      else if (event.key === 'Delete' && inDrawing) {
        editing.change(removed(draft, selected));
        select(selected - 1);
        focusSelected();
      }
    }
  }
</script>

<svelte:window onkeydown={key} bind:innerHeight={height} />

<OpenedSetUp id={params.id} home="/stack" place="Stack">
  {#if draft}
    <div class="grid min-h-full grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_minmax(25rem,39%)]">
      <section class="flex min-w-0 flex-col gap-3 px-4 py-4 md:px-6" aria-label="Stack">
        <Header />
        <Note name="stack.layers" />
        <div bind:this={drawing}>
          <Strata
            {draft}
            findings={editing.answer?.findings ?? []}
            {selected}
            room={Math.max(330, Math.min(560, height - 430))}
            onselect={select}
            onmove={move}
          />
        </div>
        <LayerTools {selected} onselect={select} onmove={move} />
        <Findings />
        <Dials />
        <Schools />
        <Beside />
      </section>
      <section class="border-rule bg-paper min-w-0 px-5 py-5 lg:border-l" aria-label="Forecast">
        <Note name="stack.forecast" />
        <Forecast />
      </section>
    </div>
  {/if}
</OpenedSetUp>
