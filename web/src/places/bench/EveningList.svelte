<script lang="ts">
  import { slide } from 'svelte/transition';
  import LaidTogether from '../../drawing/LaidTogether.svelte';
  import {
    items,
    switched,
    time,
    unbroken,
    type Evening,
    type Item,
    type Planned,
  } from '../../drawing/lanes';
  import { duration, span } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What to do, one after the other; an item opens what it is made of. */
  interface Props {
    plan: Evening;
    blocks: Planned[];
    /** The stretch that is looked at; empty for none. */
    chosen: string;
    onchoose: (task: string) => void;
    onsay: (task: string, over: boolean, beside?: boolean) => Promise<boolean>;
    onfree: (task: string) => void;
    onskip: (task: string) => void;
  }
  let { plan, blocks, chosen, onchoose, onsay, onfree, onskip }: Props = $props();

  const all = $derived(items(blocks));
  const going = $derived(plan.blocks.filter((b) => b.begunAt && !b.doneAt));
  const current = $derived(going[0]?.item ?? plan.blocks.find((b) => !b.doneAt)?.item);
  /** What is to be begun although hands are taken. */
  let pressed = $state('');
  const taker = $derived(plan.blocks.find((b) => b.task === plan.handsTakenBy));
  const isOpen = (item: Item) => item.parts.some((b) => b.task === chosen);

  function says(item: Item, n: number): string {
    const first = item.parts[0];
    if (!first) return '';
    const free = first.freeEachSeconds;
    const each = item.parts.some((b) => b.count > 1) ? first.eachSeconds : undefined;
    return [
      ...(first.otherBoards ? ['change the boards first'] : []),
      ...switched(plan, all, n).map((s) => `switch ${s.name} on at ${time(new Date(s.from))}`),
      ...(each ? [`${duration(each)} each`] : []),
      ...(free > 0 ? [`hands free ${duration(free)} each`] : []),
    ].join('; ');
  }

  /** As it really went, where it was said when it began. */
  function tookSays(b: Planned): string {
    if (!b.begunAt || !b.doneAt) return '';
    const took = (Date.parse(b.doneAt) - Date.parse(b.begunAt)) / 1000;
    return ` in ${span(took)}, planned ${span(b.plannedSeconds)}`;
  }

  async function begin(task: string) {
    if (taker && taker.task !== task) pressed = task;
    else await onsay(task, false);
  }
  async function beside(task: string, over: boolean) {
    if (over && taker && !(await onsay(taker.task, true))) return;
    if (await onsay(task, false, !over)) pressed = '';
  }
</script>

<ol class="border-rule bg-paper border" aria-label="What to do">
  {#each all as item, n (item.number)}
    {@const shown = isOpen(item)}
    {@const done = item.parts.every((b) => b.doneAt)}
    <li
      class="border-rule border-b last:border-b-0 {item.number === current
        ? 'border-l-verdigris bg-verdigris-wash border-l-4'
        : ''}"
    >
      <Button
        kind="row"
        class="grid! w-full grid-cols-[1.5rem_4.25rem_minmax(0,1fr)_auto] items-baseline gap-x-2 px-3 py-1.5 text-left leading-snug"
        aria-expanded={shown}
        onclick={() =>
          onchoose(shown ? '' : ((item.parts.find((b) => !b.doneAt) ?? item.parts[0])?.task ?? ''))}
      >
        <span class="figure text-soft text-fine">{item.number}</span>
        <span class="figure text-small font-normal">{time(item.from)}</span>
        <span class="min-w-0">
          <span class="text-small block font-semibold {done ? 'text-soft' : ''}"
            >{item.title}{done ? ', done' : ''}</span
          >
          <span class="text-soft text-fine block">{preferences.said(says(item, n))}</span>
        </span>
        <span class="text-soft figure text-small font-normal"
          >{span((item.to.getTime() - item.from.getTime()) / 1000)}</span
        >
      </Button>
      {#if shown}
        <div class="border-rule border-t px-3 py-2" transition:slide={{ duration: 120 }}>
          <p class="text-soft">{item.parts[0]?.job}</p>
          {#each item.parts as b (b.task)}
            <div class="flex flex-wrap items-baseline gap-x-3" class:font-semibold={b.task === chosen}>
              <span class="min-w-0 flex-1 basis-48">
                {item.parts.length > 1 ? `${unbroken(b.says)}, ` : ''}{time(new Date(b.from))} to {time(
                  new Date(b.to),
                )}
                {b.doneAt ? `, done${tookSays(b)}` : b.begunAt ? ', begun' : ''}
              </span>
              {#if b.fixed}
                <span class="text-soft font-normal">Moved by you.</span>
                <Button kind="link" onclick={() => onfree(b.task)}>Unpin</Button>
              {/if}
              {#if b.begunAt && !b.doneAt}
                <Button kind="link" aria-label="Done: {unbroken(b.says)}" onclick={() => onsay(b.task, true)}
                  >Done</Button
                >
              {:else if !b.doneAt}
                <Button kind="link" aria-label="Start: {unbroken(b.says)}" onclick={() => begin(b.task)}
                  >Start</Button
                >
                <Button kind="link" aria-label="Skip: {unbroken(b.says)}" onclick={() => onskip(b.task)}
                  >Skip</Button
                >
              {/if}
            </div>
            {#if pressed === b.task && taker}
              <div class="border-ochre-line bg-ochre-wash my-1 border-l-4 px-3 py-1" role="alert">
                “{unbroken(taker.says)}” is not over.
                <Button kind="link" onclick={() => beside(b.task, true)}>It is over</Button>
                <Button kind="link" onclick={() => beside(b.task, false)}>Both go on</Button>
              </div>
            {/if}
          {/each}
          {#if item.parts[0]?.meanwhile.length}
            <p class="text-soft">While each waits: {item.parts[0].meanwhile.join(', ')}.</p>
          {/if}
          {#if item.parts[0]?.ready.length}
            <p class="text-soft">Get ready: {preferences.said(item.parts[0].ready.join('; '))}.</p>
          {/if}
          {#if item.parts[0]?.lay}<LaidTogether lay={item.parts[0].lay} />{/if}
        </div>
      {/if}
    </li>
  {:else}
    <li class="text-soft px-3 py-2">Nothing is planned for these hours.</li>
  {/each}
</ol>
