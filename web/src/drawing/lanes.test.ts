import { describe, expect, it } from 'vitest';
import {
  current,
  items,
  listed,
  rows,
  switched,
  unbroken,
  within,
  type Evening,
  type Planned,
} from './lanes';

const at = (minute: number) => new Date(Date.UTC(2026, 0, 5, 19, minute)).toISOString();
const block = (from: number, to: number) => ({ from: at(from), to: at(to) }) as Planned;
const day = (from: number, to: number) => ({ from: new Date(at(from)), to: new Date(at(to)), label: '' });

describe('lanes', () => {
  it('puts what goes on at once into rows', () => {
    expect(rows([block(0, 10), block(5, 20), block(10, 15)])).toEqual([0, 1, 0]);
  });

  it('shows the day that is on, then the next, then the last', () => {
    const all = [day(0, 10), day(30, 40)];
    expect(current(all, new Date(at(5)))).toBe(0);
    expect(current(all, new Date(at(20)))).toBe(1);
    expect(current(all, new Date(at(55)))).toBe(1);
  });

  it('keeps to what lies in a day', () => {
    expect(within([block(0, 5), block(12, 14), block(20, 30)], day(10, 20))).toHaveLength(1);
  });

  const foil = (from: number, to: number, item: number, says: string) =>
    ({ ...block(from, to), item, itemSays: says }) as Planned;

  it('makes one item of the same again and again', () => {
    const [some, all] = ['Foil Rosette, 1–18 of 36', 'Foil Rosette, all 36'];
    const found = items([foil(0, 20, 1, some), foil(20, 40, 1, some), foil(60, 70, 2, all)]);
    expect(found.map((i) => i.title)).toEqual([unbroken(some), unbroken(all)]);
    expect(unbroken(all)).toBe('Foil Rosette, all\u00a036');
    expect(found[0]?.to).toEqual(new Date(at(40)));
  });

  const evening = {
    asked: { hours: [day(10, 30), day(60, 90)] },
    blocks: [block(2, 8), block(12, 20), block(45, 50), block(62, 70)],
    spells: [
      { from: at(13), hotFrom: at(20) },
      { from: at(11), hotFrom: at(15) },
    ],
  } as unknown as Evening;

  it('lists what was begun before the hours', () => {
    expect(listed(evening, day(10, 30))).toHaveLength(2);
    expect(listed(evening, day(60, 90))).toHaveLength(2);
  });

  it('says what is switched on meanwhile, the first first', () => {
    const all = items([foil(10, 20, 1, 'a'), foil(20, 30, 2, 'b')]);
    expect(switched(evening, all, 0).map((s) => s.from)).toEqual([at(11), at(13)]);
    expect(switched(evening, all, 1)).toEqual([]);
  });
});
