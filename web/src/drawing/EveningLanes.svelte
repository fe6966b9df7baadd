<script lang="ts">
  import type { Schemas } from '../api/client';
  import { kit } from '../state/kit.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { clockScale, items, rows, time, within, type Day, type Evening, type Planned } from './lanes';

  /** One day's work along the clock: hands, machines, what is hot, what dries. */
  interface Props {
    evening: Evening;
    day: Day;
    chosen: string;
    onchoose: (task: string) => void;
    onmove: (task: string, minutes: number) => void;
    onfree: (task: string) => void;
  }
  let { evening, day, chosen, onchoose, onmove, onfree }: Props = $props();

  const LEFT = 124;
  const ROW = 46;
  /** A letter of a bold title, px; what would not fit is not begun. */
  const LETTER = 7;
  const NUMBER = 22;
  const MINUTES = 5;
  /** With Shift, and by pointer. */
  const FINE = 1;
  let width = $state(1000);
  let drag = $state<{ task: string; x: number; by: number }>();

  const x = $derived(clockScale(day, LEFT, width - 8));
  const at = (moment: string) => x(new Date(moment));
  const minutes = (px: number) =>
    Math.round((x.invert(LEFT + px).getTime() - x.invert(LEFT).getTime()) / 60_000 / FINE) * FINE;
  const blocks = $derived(within(evening.blocks, day));
  const row = $derived(rows(blocks));
  /** An item's number and title over all its blocks that lie beside each other. */
  const labels = $derived(
    items(blocks).flatMap((item) => {
      const first = item.parts[0];
      const place = first === undefined ? -1 : blocks.indexOf(first);
      const beside = item.parts.filter((b) => row[blocks.indexOf(b)] === row[place]);
      const last = beside.at(-1);
      if (!first || !last) return [];
      const from = at(first.from);
      const room = at(last.to) - from - 10;
      const text = `${item.number} ${item.title}`;
      const short = `${item.number} ${first.title}`;
      const fits = [text, short, `${item.number}`].find((t) => t.length * LETTER < room);
      const free = first.freeEachSeconds;
      const more = free > 0 ? `hands free ${Math.round(free)} s a pull` : '';
      return [
        {
          number: item.number,
          x: from + 5,
          y: tops.hands + 8 + ROW * (row[place] ?? 0),
          text: fits ?? (room > NUMBER / 3 ? `${item.number}` : ''),
          more: more.length * 6 < room ? more : '',
        },
      ];
    }),
  );
  const hands = $derived(ROW * Math.max(1, ...row.map((r) => r + 1)) + 34);
  const spells = $derived(within(evening.spells, day));
  const heaters = $derived([...new Set(spells.map((s) => s.heater))]);
  /** Rollers heat by themselves: they have their lane where they are hot. */
  const machines = $derived(
    [...new Set(blocks.flatMap((b) => b.machine ?? []))].filter((id) => !heaters.includes(id)),
  );
  const dryings = $derived(
    evening.waits.filter((w) => new Date(w.from) < day.to && new Date(w.soundAt) > day.from),
  );
  const tops = $derived.by(() => {
    let y = 34;
    const lane = (height: number) => {
      const top = y;
      y += height;
      return top;
    };
    return {
      hands: lane(hands),
      machines: machines.map(() => lane(44)),
      heaters: heaters.map(() => lane(78)),
      drying: lane(dryings.length > 0 ? 34 + 20 * (dryings.length - 1) + 24 : 0),
      end: y,
    };
  });
  const now = $derived(new Date(evening.now));
  const pulls = (n: number) => (n === 1 ? 'one pull' : `${n} pulls`);
  const named = (id: string) => kit.machine(id)?.name ?? kit.platform(id)?.name ?? id;
  const passes = (b: Planned) =>
    Array.from({ length: b.count }, (_, n) => at(b.from) + ((n + 0.5) / b.count) * (at(b.to) - at(b.from)));

  function curve(s: Schemas['HotSpell'], foot: number, top: number): string {
    const [from, hot, to] = [at(s.from), at(s.hotFrom), at(s.to)];
    const cool = to + Math.max(30, (hot - from) * 1.6);
    const rise = from + (hot - from) * 0.35;
    return `M${from} ${foot}C${rise} ${top + 4} ${rise + 8} ${top} ${hot} ${top}H${to}C${to + (cool - to) * 0.3} ${foot - 6} ${to + (cool - to) * 0.6} ${foot} ${cool} ${foot}`;
  }

  function keys(event: KeyboardEvent, b: Planned) {
    const step = event.shiftKey ? FINE : MINUTES;
    const by = event.key === 'ArrowLeft' ? -step : event.key === 'ArrowRight' ? step : 0;
    if (by === 0 && !['Delete', 'Enter', ' '].includes(event.key)) return;
    event.preventDefault();
    onchoose(b.task);
    if (by !== 0) onmove(b.task, by);
    else if (event.key === 'Delete') onfree(b.task);
  }

  function grab(event: PointerEvent, b: Planned) {
    onchoose(b.task);
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag = { task: b.task, x: event.clientX, by: 0 };
  }

  function drop() {
    if (drag && minutes(drag.by) !== 0) onmove(drag.task, minutes(drag.by));
    drag = undefined;
  }
</script>

{#snippet name(top: number, title: string, says: string)}
  <text x="0" y={top + 22} font-size="15" font-weight="700" fill="var(--ink)">{title}</text>
  <text x="0" y={top + 39} font-size="13" fill="var(--soft)">{says}</text>
{/snippet}

<div bind:clientWidth={width}>
  <svg {width} height={tops.end + 8} role="group" aria-label="The plan of {day.label}">
    <rect x={LEFT} y="30" width={Math.max(0, width - LEFT - 8)} height={tops.end - 30} fill="var(--paper)" />
    {#each x.ticks(Math.max(2, Math.floor((width - LEFT) / 110))) as tick (tick.getTime())}
      <line x1={x(tick)} x2={x(tick)} y1="30" y2={tops.end} stroke="var(--rule)" />
      <text x={x(tick)} y="20" text-anchor="middle" font-size="13" fill="var(--soft)">{time(tick)}</text>
    {/each}
    {@render name(
      tops.hands,
      evening.asked.people > 1 ? `You, ${evening.asked.people}` : 'You',
      `busy ${Math.round(100 * evening.handsShare)} %`,
    )}
    {#each blocks as b, i (b.task)}
      {@const from = at(b.from) + (drag?.task === b.task ? drag.by : 0)}
      {@const wide = Math.max(3, at(b.to) - at(b.from))}
      {@const y = tops.hands + 8 + ROW * (row[i] ?? 0)}
      <g
        class="block cursor-grab outline-none"
        role="button"
        tabindex="0"
        aria-pressed={b.task === chosen}
        aria-label="{b.job}: {b.says}, {time(new Date(b.from))} to {time(new Date(b.to))}{b.fixed
          ? ', moved by you'
          : ''}{b.late ? ', late' : ''}. Left and right move it{b.otherBoards
          ? '; the boards are changed first'
          : ''}."
        onpointerdown={(e) => grab(e, b)}
        onpointermove={(e) => drag && (drag = { ...drag, by: e.clientX - drag.x })}
        onpointerup={drop}
        onpointercancel={() => (drag = undefined)}
        onkeydown={(e) => keys(e, b)}
      >
        <rect
          x={from + 0.5}
          {y}
          width={wide - 1}
          height={ROW - 6}
          rx="2"
          fill={b.doneAt ? 'var(--blotter)' : b.begunAt ? 'var(--verdigris-wash)' : 'var(--paper)'}
          stroke={b.late
            ? 'var(--ochre-line)'
            : b.task === chosen || b.fixed
              ? 'var(--verdigris)'
              : 'var(--steel)'}
          stroke-width={b.task === chosen ? 2.5 : b.fixed ? 2 : 1}
        />
      </g>
    {/each}
    <g class="labels" aria-hidden="true">
      {#each labels as l (l.number)}
        <text x={l.x} y={l.y + 16} font-size="13" font-weight="700" fill="var(--ink)">{l.text}</text>
        <text x={l.x} y={l.y + 32} font-size="12" fill="var(--soft)">{l.more}</text>
      {/each}
    </g>
    {#each machines as id, n (id)}
      {@const top = tops.machines[n] ?? 0}
      {@const used = blocks.filter((b) => b.machine === id)}
      <line x1="0" x2={width} y1={top} y2={top} stroke="var(--rule-strong)" />
      {@const laid = used.filter((b) => b.otherBoards).length}
      {@render name(
        top,
        named(id),
        pulls(used.reduce((sum, b) => sum + b.count, 0)) + (laid > 0 ? `, | boards` : ''),
      )}
      {#each used as b (b.task)}
        {#if b.otherBoards}
          <path d="M{at(b.from)} {top + 12}v24" stroke="var(--steel)" stroke-width="2"
            ><title>the boards are changed first</title></path
          >
        {/if}
        {#each passes(b) as px, k (k)}
          <circle cx={px} cy={top + 24} r="2.6" fill="var(--steel)" />
        {/each}
      {/each}
    {/each}
    {#each heaters as id, n (id)}
      {@const top = tops.heaters[n] ?? 0}
      {@const hot = spells.filter((s) => s.heater === id)}
      <line x1="0" x2={width} y1={top} y2={top} stroke="var(--rule-strong)" />
      {@render name(top, named(id), hot.length === 1 ? 'one heat-up' : `${hot.length} heat-ups`)}
      {#each hot as s, n (n)}
        <path d="{curve(s, top + 68, top + 26)}Z" fill="var(--ember-wash)" />
        <path d={curve(s, top + 68, top + 26)} fill="none" stroke="var(--ember)" stroke-width="2" />
        <text
          x={at(s.hotFrom)}
          y={top + 19}
          text-anchor="middle"
          font-size="13"
          font-weight="700"
          fill="var(--ember)">{preferences.temperature(s.celsius)}</text
        >
      {/each}
    {/each}
    {#if dryings.length > 0}
      <line x1="0" x2={width} y1={tops.drying} y2={tops.drying} stroke="var(--rule-strong)" />
      {@render name(tops.drying, 'Drying', '')}
      {#each dryings as d, n (n)}
        {@const y = tops.drying + 12 + 20 * n}
        {@const from = Math.max(LEFT, at(d.from))}
        {@const to = Math.min(width - 8, at(d.soundAt))}
        <rect x={from} {y} width={Math.max(2, to - from)} height="10" fill="var(--steel)" opacity="0.5" />
        <text x={from} y={y + 22} font-size="12" fill="var(--soft)"
          >{d.job}: dry {time(new Date(d.soundAt))}{new Date(d.soundAt) > day.to
            ? ', after these hours'
            : ''}</text
        >
      {/each}
    {/if}
    {#if now > day.from && now < day.to}
      <line x1={x(now)} x2={x(now)} y1="24" y2={tops.end} stroke="var(--ink)" stroke-width="2" />
      <text x={x(now) + 5} y="28" font-size="13" font-weight="700" fill="var(--ink)">now</text>
    {/if}
  </svg>
</div>

<style>
  .block {
    touch-action: none;
  }
  .labels {
    pointer-events: none;
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 3px;
  }
  .block:focus-visible rect {
    stroke: var(--verdigris);
    stroke-width: 4px;
  }
</style>
