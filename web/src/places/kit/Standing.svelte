<script lang="ts">
  import type { Board, HeatedRollers, KitView, Press } from '../../api/client';
  import ItemDrawing from '../../drawing/ItemDrawing.svelte';
  import type { LayerKind } from '../../drawing/materials';
  import type { Shelf } from '../../state/kit.svelte';
  import PressDrawing from './PressDrawing.svelte';

  /** Things standing on a shelf, to one scale; one of them can be taken in the hand. */
  interface Props {
    shelf: Exclude<Shelf, 'leftovers'>;
    things: KitView[Exclude<Shelf, 'leftovers'>][number][];
    held: string;
    onhold: (id: string) => void;
  }
  let { shelf, things, held, onhold }: Props = $props();
  const KINDS: Partial<Record<Shelf, LayerKind>> = {
    platforms: 'PLATFORM',
    boards: 'BOARD',
    plates: 'PLATE',
    stocks: 'STOCK',
    films: 'FILM',
  };
  // Plates are small and want to be seen.
  const scale = $derived(shelf === 'plates' ? 0.95 : 0.42);
  const kind = $derived(KINDS[shelf]);
</script>

<ul class="border-rule-strong flex flex-wrap items-end gap-x-5 gap-y-6 border-b-4 pt-4">
  {#each things as kept (kept.item.id)}
    {@const on = kept.item.id === held}
    <li class={kept.retired ? 'opacity-60' : ''}>
      <button
        class="flex min-w-20 flex-col items-center gap-1 rounded-t-[3px] px-2 pt-2 {on
          ? 'bg-verdigris-wash'
          : 'hover:bg-blotter'}"
        aria-expanded={on}
        onclick={() => onhold(on ? '' : kept.item.id)}
      >
        <span class="text-fine max-w-36 text-center leading-tight {on ? 'font-bold' : ''}"
          >{kept.item.name}{kept.retired ? ', retired' : ''}</span
        >
        {#if kind}
          <ItemDrawing {kind} item={kept.item as Board} {scale} />
        {:else if shelf === 'rollers'}
          <PressDrawing throatMm={(kept.item as HeatedRollers).throatMm} hot />
        {:else}
          <PressDrawing
            throatMm={(kept.item as Press).throatMm}
            crank={(kept.item as Press).kind === 'CRANK'}
            seeing={(kept.item as Press).opticalSensor}
          />
        {/if}
      </button>
    </li>
  {/each}
</ul>
