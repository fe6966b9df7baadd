<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import type { DraftLayer } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import AddHere from '../../shelving/AddHere.svelte';
  import { type Kind } from '../../state/kinds.svelte';
  import { added, flipped, removed, swapped } from './stackEdits';
  import Button from '../../parts/Button.svelte';
  import { NOTHING_TO_REDO, NOTHING_TO_UNDO } from '../../editing/undo';

  /** What can be done with the chosen layer, and what can be added above it. */
  interface Props {
    selected: number;
    onselect: (index: number) => void;
    onmove: (from: number, to: number) => void;
  }
  let { selected, onselect, onmove }: Props = $props();

  const draft = $derived(editing.draft);
  const places = $derived(editing.answer?.places ?? []);
  const layer = $derived(draft?.layers[selected]);
  const name = $derived(layer ? (kit.item(layer)?.name ?? layer.id) : '');
  const route = $derived(routes.of(draft?.route));
  const tools = $derived(kit.inUse('plates').filter((p) => !route || route.tools.includes(p.kind)));
  const films = $derived(kit.inUse('films').filter((f) => route?.film === f.kind));
  const stocks = $derived(kit.inUse('stocks').filter((s) => !route || route.stocks.includes(s.kind)));
  const sheets = $derived(draft?.layers.filter((l) => l.kind === 'STOCK').length ?? 0);
  const others = $derived.by(() => {
    switch (layer?.kind) {
      case 'PLATE':
        return tools;
      case 'FILM':
        return films;
      case 'STOCK':
        return stocks;
      case 'BOARD':
        return kit.inUse('boards');
      default:
        return [];
    }
  });

  let adding = $state(false);

  /** Boards, and what this route takes of tools, films and stocks. */
  function useful({ things }: Kind) {
    return (
      things.boards.length > 0 ||
      things.plates.some((p) => route?.toolInStack && route.tools.includes(p.kind)) ||
      things.films.some((f) => f.kind === route?.film) ||
      things.stocks.some((s) => route?.stocks.includes(s.kind))
    );
  }

  /** What was put on the shelf is laid into the stack as well. */
  function lay(things: Kind['things']) {
    const [board, plate, film, stock] = [
      things.boards[0],
      things.plates[0],
      things.films[0],
      things.stocks[0],
    ];
    if (board) add(`BOARD:${board.id}`);
    else if (plate) add(`PLATE:${plate.id}`);
    else if (film) add(`FILM:${film.id}`);
    else if (stock) add(`STOCK:${stock.id}`);
    adding = false;
  }

  function add(choice: string) {
    const [kind, id] = choice.split(':') as [DraftLayer['kind'] | 'SHEET', string];
    if (!draft || !id) return;
    if (kind === 'SHEET') {
      const stock = draft.layers.findIndex((l) => l.kind === 'STOCK');
      const facing = draft.layers[stock]?.facing ?? 'UP';
      editing.change(added(draft, stock + 1, { kind: 'STOCK', id, facing }));
      return;
    }
    if (kind !== 'BOARD') {
      editing.change(swapped(draft, kind, id, places));
      return;
    }
    const usual = editing.answer?.shimPlace ?? draft.layers.length;
    const at = selected > usual ? selected + 1 : usual;
    editing.change(added(draft, at, { kind, id, facing: 'UP' }));
    onselect(at);
  }
</script>

{#if draft}
  <div class="flex flex-wrap items-center gap-x-1 gap-y-2" role="toolbar" aria-label="The chosen layer">
    <Pick
      id="add-layer"
      label="Add a layer"
      hideLabel
      class="max-w-[190px]"
      none="Add or change…"
      value=""
      adds
      onchoose={add}
    >
      <optgroup label="Boards and shims">
        {#each kit.inUse('boards') as b (b.id)}
          <option value="BOARD:{b.id}">{b.name}, {preferences.length(b.thicknessMm)}</option>
        {/each}
      </optgroup>
      {#if route?.toolInStack}
        <optgroup label={route.toolWord}>
          {#each tools as p (p.id)}<option value="PLATE:{p.id}">{p.name}</option>{/each}
        </optgroup>
      {/if}
      {#if films.length > 0}
        <optgroup label={route?.film === 'FLOCK' ? 'Flock' : 'Foil'}>
          {#each films as f (f.id)}<option value="FILM:{f.id}">{f.name}</option>{/each}
        </optgroup>
      {/if}
      {#if sheets > 0 && sheets < (route?.sheets ?? 1)}
        <optgroup label="One more sheet">
          {#each stocks as s (s.id)}<option value="SHEET:{s.id}">{s.name} too</option>{/each}
        </optgroup>
      {/if}
      <optgroup label="Stock">
        {#each stocks as s (s.id)}<option value="STOCK:{s.id}">{s.name}</option>{/each}
      </optgroup>
    </Pick>
    <Button kind="quiet" why={editing.canUndo ? '' : NOTHING_TO_UNDO} onclick={() => editing.undo()}
      >Undo</Button
    >
    <Button kind="quiet" why={editing.canRedo ? '' : NOTHING_TO_REDO} onclick={() => editing.redo()}
      >Redo</Button
    >
    <Button kind="quiet" aria-expanded={adding} onclick={() => (adding = !adding)}
      >Not on the shelf yet?</Button
    >
    {#if layer}
      <span class="mx-2 font-bold">{name}</span>
      <Button kind="quiet" onclick={() => onmove(selected, selected + 1)}>Up</Button>
      <Button kind="quiet" onclick={() => onmove(selected, selected - 1)}>Down</Button>
      <Button kind="quiet" onclick={() => editing.change(flipped(draft, selected))}>Turn over</Button>
      <Button kind="quiet" onclick={() => editing.change(removed(draft, selected))}>Remove</Button>
      {#if others.length > 1}
        <Pick
          id="swap-layer"
          label="Use instead of {name}"
          hideLabel
          class="max-w-[180px]"
          value={layer.id}
          items={others}
          onchoose={(id) =>
            editing.change(
              layer.kind === 'BOARD'
                ? { ...draft, layers: draft.layers.map((l, i) => (i === selected ? { ...l, id } : l)) }
                : swapped(draft, layer.kind, id, places),
            )}
        />
      {/if}
    {:else}
      <span class="text-soft ml-2">Choose a layer to change it.</span>
    {/if}
  </div>
  {#if adding}
    <AddHere fits={useful} shelf="boards" onadded={lay} />
  {/if}
{/if}
