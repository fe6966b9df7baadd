import type { LayerKind } from '../../drawing/materials';
import type { Shelf } from '../../state/kit.svelte';

/** Leftovers have a shelf of their own making. */
export type Plain = Exclude<Shelf, 'leftovers'>;

const KINDS: Partial<Record<Plain, LayerKind>> = {
  platforms: 'PLATFORM',
  boards: 'BOARD',
  plates: 'PLATE',
  stocks: 'STOCK',
  films: 'FILM',
};

/** As which layer a thing of a shelf is drawn; presses and rollers are none. */
export const layerKind = (shelf: Plain) => KINDS[shelf];
