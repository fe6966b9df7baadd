import { scaleTime } from 'd3-scale';
import type { Schemas } from '../api/client';

export type Evening = Schemas['EveningView'];
export type Planned = Evening['blocks'][number];

/** One stretch of hours, drawn with a little room on both sides. */
export interface Day {
  from: Date;
  to: Date;
  label: string;
}

const ROOM_MS = 10 * 60_000;

/** The hours that were asked for, as days to choose from. */
export function days(evening: Evening): Day[] {
  return evening.asked.hours.map((h) => {
    const from = new Date(h.from);
    const day = from.toLocaleDateString([], { weekday: 'short', day: 'numeric', month: 'short' });
    return { from, to: new Date(h.to), label: `${day}, ${time(from)} to ${time(new Date(h.to))}` };
  });
}

export const time = (at: Date) => at.toLocaleTimeString([], { hour: 'numeric', minute: '2-digit' });

/** The day that is on, or the next one; the last if all are over. */
export function current(all: Day[], now: Date): number {
  const next = all.findIndex((d) => d.to > now);
  return next < 0 ? all.length - 1 : next;
}

export function clockScale(day: Day, left: number, right: number) {
  return scaleTime()
    .domain([new Date(day.from.getTime() - ROOM_MS), new Date(day.to.getTime() + ROOM_MS)])
    .range([left, right]);
}

export function within<T extends { from: string; to: string }>(all: T[], day: Day): T[] {
  return all.filter((b) => new Date(b.from) < day.to && new Date(b.to) > day.from);
}

/** What is listed for a day: also what was begun before anybody wanted to come, after the day before. */
export function listed(evening: Evening, day: Day): Planned[] {
  const before = days(evening)
    .map((d) => d.to)
    .filter((to) => to <= day.from)
    .at(-1);
  return evening.blocks.filter(
    (b) => new Date(b.from) < day.to && (before === undefined || new Date(b.from) >= before),
  );
}

/** Blocks beside each other are told apart by rows where two people work at once. */
export function rows(blocks: Planned[]): number[] {
  const ends: number[] = [];
  return blocks.map((b) => {
    const from = new Date(b.from).getTime();
    const row = ends.findIndex((end) => end <= from);
    const at = row < 0 ? ends.length : row;
    ends[at] = new Date(b.to).getTime();
    return at;
  });
}

/** The same work again and again, as one item of a list. */
export interface Item {
  number: number;
  parts: Planned[];
  /** What it is, and which ones of how many. */
  title: string;
  from: Date;
  to: Date;
}

/** Which ones of how many is not torn apart. */
export const unbroken = (says: string) =>
  says
    .replace(/(\d+)–(\d+) of (\d+)$/, '$1\u2060–\u2060$2\u00a0of\u00a0$3')
    .replace(/all (\d+)$/, 'all\u00a0$1');

/** Blocks, in the order of time, as the items of a list. */
export function items(blocks: Planned[]): Item[] {
  const all: Item[] = [];
  for (const b of blocks) {
    const before = all.at(-1);
    if (before?.number === b.item) {
      before.parts.push(b);
      before.to = new Date(Math.max(before.to.getTime(), Date.parse(b.to)));
    } else {
      all.push({
        number: b.item,
        parts: [b],
        title: unbroken(b.itemSays),
        from: new Date(b.from),
        to: new Date(b.to),
      });
    }
  }
  return all;
}

/** What is to be switched on while an item is done, or right before it if nothing is done then. */
export function switched(evening: Evening, all: Item[], n: number): Evening['spells'] {
  const item = all[n];
  const next = all[n + 1];
  const before = all[n - 1];
  if (!item) return [];
  const inOrder = [...evening.spells].sort((a, b) => a.from.localeCompare(b.from));
  return inOrder.filter((s) => {
    const at = new Date(s.from);
    if (at >= item.from && at < (next?.from ?? item.to)) return true;
    const ready = new Date(s.hotFrom);
    return (
      at < item.from && ready >= item.from && ready < item.to && (before === undefined || at >= before.to)
    );
  });
}
