<script lang="ts">
  import type { KitView } from '../../api/client';
  import { type Plain } from './plain';
  import ThingDrawing from './ThingDrawing.svelte';

  /** Things standing on a shelf, to one scale; one of them can be taken in the hand. */
  interface Props {
    shelf: Plain;
    things: KitView[Plain][number][];
    held: string;
    onhold: (id: string) => void;
  }
  let { shelf, things, held, onhold }: Props = $props();
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
          >{kept.item.name}{kept.retired ? ', put away' : ''}</span
        >
        <ThingDrawing {shelf} item={kept.item} />
      </button>
    </li>
  {/each}
</ul>
