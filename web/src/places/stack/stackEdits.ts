import type { Draft, DraftLayer, Schemas } from '../../api/client';

/** Small changes of a draft's layers. Indexes are counted from the bottom. What may lie where, the server's rules say. */

export function moved(draft: Draft, from: number, to: number): Draft {
  const layers = [...draft.layers];
  const [layer] = layers.splice(from, 1);
  if (!layer) return draft;
  layers.splice(Math.max(0, Math.min(layers.length, to)), 0, layer);
  return { ...draft, layers };
}

export function flipped(draft: Draft, index: number): Draft {
  return replaced(draft, index, (l) => ({ ...l, facing: l.facing === 'UP' ? 'DOWN' : 'UP' }));
}

export function removed(draft: Draft, index: number): Draft {
  return { ...draft, layers: draft.layers.filter((_, i) => i !== index) };
}

export function added(draft: Draft, index: number, layer: DraftLayer): Draft {
  const layers = [...draft.layers];
  layers.splice(index, 0, layer);
  return { ...draft, layers };
}

/** Where a thing of a kind belongs that is laid anew, as the route says. */
export type Place = Schemas['PlaceView'];

/** Puts another thing of the same kind in its place, facing the same way; or lays it where it belongs if none is there. */
export function swapped(draft: Draft, kind: DraftLayer['kind'], id: string, places: Place[]): Draft {
  const index = draft.layers.findIndex((l) => l.kind === kind);
  if (index >= 0)
    return inLayout(
      replaced(draft, index, (l) => ({ ...l, id })),
      draft.layers[index]?.id,
      id,
    );
  const place = places.find((p) => p.kind === kind);
  return added(draft, place?.index ?? draft.layers.length, { kind, id, facing: place?.facing ?? 'UP' });
}

/** A plate that is exchanged in the stack is exchanged where it is laid out. */
function inLayout(draft: Draft, before: string | undefined, id: string): Draft {
  if (!draft.layout) return draft;
  const plates = draft.layout.plates.map((p) =>
    p.plateId === before ? { ...p, plateId: id, foil: undefined } : p,
  );
  return { ...draft, layout: { ...draft.layout, plates, patches: [] } };
}

function replaced(draft: Draft, index: number, change: (layer: DraftLayer) => DraftLayer): Draft {
  return { ...draft, layers: draft.layers.map((l, i) => (i === index ? change(l) : l)) };
}
