import { describe, expect, it } from 'vitest';
import { current, rows, within, type Planned } from './lanes';

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
});
