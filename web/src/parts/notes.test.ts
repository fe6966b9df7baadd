import { describe, expect, it } from 'vitest';
import { isNext, NOTES, type NoteName } from './notes';

describe('Notes for newcomers', () => {
  const names = Object.keys(NOTES) as NoteName[];

  it('are three for each of nine places', () => {
    const places = names.map((name) => name.split('.')[0]!);
    const counts = new Map(places.map((p) => [p, places.filter((q) => q === p).length]));
    expect([...counts.values()]).toEqual(Array(9).fill(3));
  });

  it('come one after the other in a place, and end', () => {
    const read: string[] = [];
    const seen: string[] = [];
    for (;;) {
      const next = names.filter((n) => n.startsWith('stack.') && isNext(n, read));
      expect(next.length).toBeLessThan(2);
      if (!next[0]) break;
      seen.push(next[0]);
      read.push(next[0]);
    }
    expect(seen).toEqual(['stack.layers', 'stack.forecast', 'stack.advice']);
  });

  it('are silent for somebody who wants none', () => {
    expect(names.some((n) => isNext(n, ['every']))).toBe(false);
  });
});
