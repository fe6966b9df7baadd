import { describe, expect, it } from 'vitest';
import type { Draft } from '../../api/client';
import { added, flipped, moved, removed, swapped as swappedAt, type Place } from './stackEdits';

const draft = {
  layers: [
    { kind: 'PLATFORM', id: 'a5', facing: 'UP' },
    { kind: 'PLATE', id: 'bee', facing: 'UP' },
    { kind: 'FILM', id: 'copper', facing: 'DOWN' },
    { kind: 'STOCK', id: 'ivory', facing: 'DOWN' },
    { kind: 'BOARD', id: 'plastic', facing: 'UP' },
    { kind: 'BOARD', id: 'spacer', facing: 'UP' },
  ],
} as unknown as Draft;

const places: Place[] = [
  { kind: 'PLATE', index: 1, facing: 'UP' },
  { kind: 'FILM', index: 2, facing: 'UP' },
];
const swapped = (d: Draft, kind: Place['kind'], id: string) => swappedAt(d, kind, id, places);

const ids = (d: Draft) => d.layers.map((l) => l.id).join(' ');

describe('moving layers', () => {
  it('moves up and down and back again', () => {
    expect(ids(moved(draft, 4, 5))).toBe('a5 bee copper ivory spacer plastic');
    expect(ids(moved(moved(draft, 1, 4), 4, 1))).toBe(ids(draft));
  });
  it('stays within the stack', () => {
    expect(ids(moved(draft, 5, 99))).toBe(ids(draft));
    expect(ids(moved(draft, 0, -4))).toBe(ids(draft));
    expect(moved(draft, 99, 0)).toBe(draft);
  });
  it('leaves the draft it was given alone', () => {
    moved(draft, 0, 3);
    removed(draft, 2);
    flipped(draft, 2);
    expect(ids(draft)).toBe('a5 bee copper ivory plastic spacer');
    expect(draft.layers[2]?.facing).toBe('DOWN');
  });
});

describe('turning, taking out, adding', () => {
  it('turns one layer over and back', () => {
    expect(flipped(draft, 2).layers[2]?.facing).toBe('UP');
    expect(flipped(flipped(draft, 2), 2)).toEqual(draft);
  });
  it('takes one out', () => {
    expect(ids(removed(draft, 4))).toBe('a5 bee copper ivory spacer');
  });
  it('adds where it is told', () => {
    const card = { kind: 'BOARD', id: 'card', facing: 'UP' } as const;
    expect(ids(added(draft, 4, card))).toBe('a5 bee copper ivory card plastic spacer');
  });
});

describe('another thing of the same kind', () => {
  it('takes the place and the face of the old one', () => {
    const gold = swapped(draft, 'FILM', 'gold');
    expect(ids(gold)).toBe('a5 bee gold ivory plastic spacer');
    expect(gold.layers[2]?.facing).toBe('DOWN');
  });
  it('is laid where and the way up the route says, where none was', () => {
    const plated = swapped(removed(draft, 1), 'PLATE', 'first');
    expect(ids(plated)).toBe('a5 first copper ivory plastic spacer');
    const foiled = swapped(removed(draft, 2), 'FILM', 'gold');
    expect(ids(foiled)).toBe('a5 bee gold ivory plastic spacer');
    expect(foiled.layers[2]?.facing).toBe('UP');
  });
});

describe('exchanging a plate that is laid out', () => {
  const held = { kind: 'CENTRE', mm: 0, others: [] };
  const laid = {
    ...draft,
    layout: {
      plates: [
        { key: 'bee', plateId: 'bee', across: held, along: held, foil: { leftoverId: 'l' } },
        { key: 'first', plateId: 'first', across: held, along: held },
      ],
      cuts: [],
      patches: [{ boardId: 'tissue', outline: 'M0 0L1 0L1 1Z' }],
    },
  } as unknown as Draft;

  it('exchanges it where it lies, without the old one’s foil and make-ready', () => {
    const layout = swapped(laid, 'PLATE', 'rosette').layout;
    expect(layout?.plates.map((p) => p.plateId)).toEqual(['rosette', 'first']);
    expect(layout?.plates[0]?.foil).toBeUndefined();
    expect(layout?.patches).toEqual([]);
  });

  it('keeps what holds it', () => {
    expect(swapped(laid, 'PLATE', 'rosette').layout?.plates[0]?.across).toEqual(held);
    expect(swapped(laid, 'PLATE', 'rosette').layout?.plates[0]?.key).toBe('bee');
  });

  it('leaves the layout alone when something else is exchanged', () => {
    expect(swapped(laid, 'FILM', 'gold').layout?.plates).toEqual(laid.layout?.plates);
  });
});
