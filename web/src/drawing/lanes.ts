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

export const time = (at: Date) => at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });

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
