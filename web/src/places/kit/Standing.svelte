<script lang="ts">
  import type { KitView } from '../../api/client';
  import { type Plain } from './plain';
  import ThingDrawing from './ThingDrawing.svelte';
  import Button from '../../parts/Button.svelte';

  /** Things standing on a shelf, to one scale; one of them can be taken in the hand. */
  interface Props {
    shelf: Plain;
    things: KitView[Plain][number][];
    held: string;
    onhold: (id: string) => void;
    /** Puts another one beside them. */
    add: string;
    onadd: () => void;
  }
  let { shelf, things, held, onhold, add, onadd }: Props = $props();
</script>

<ul class="border-rule-strong flex flex-wrap items-end gap-x-5 gap-y-6 border-b-4 pt-4">
  {#each things as kept (kept.item.id)}
    {@const on = kept.item.id === held}
    <li class={kept.retired ? 'opacity-60' : ''}>
      <Button
        kind="row"
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
      </Button>
    </li>
  {/each}
  <li class="pb-2">
    <Button
      kind="row"
      class="border-rule-strong text-verdigris hover:border-verdigris flex min-h-16 max-w-32 min-w-24 items-center justify-center border border-dashed px-3 text-center leading-tight"
      onclick={onadd}>{add}</Button
    >
  </li>
</ul>
