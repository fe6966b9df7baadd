import { api, asked, type DraftLayer, type KitView } from '../api/client';

const EMPTY: KitView = {
  presses: [],
  platforms: [],
  boards: [],
  plates: [],
  stocks: [],
  films: [],
  leftovers: [],
};

export type Shelf = keyof KitView;
export const SHELVES: Shelf[] = ['presses', 'platforms', 'boards', 'plates', 'stocks', 'films', 'leftovers'];

/** The kit, loaded once and again after each change. */
class KitState {
  all = $state<KitView>(EMPTY);
  loaded = $state(false);

  async load() {
    this.all = await asked(api.GET('/api/kit'));
    this.loaded = true;
  }

  /** Things in use on a shelf. */
  inUse<S extends Shelf>(shelf: S): KitView[S][number]['item'][] {
    return this.all[shelf].filter((k) => !k.retired).map((k) => k.item);
  }

  press(id: string) {
    return this.all.presses.find((k) => k.item.id === id)?.item;
  }

  platform(id: string) {
    return this.all.platforms.find((k) => k.item.id === id)?.item;
  }

  /** What lies in a layer. */
  item(layer: DraftLayer) {
    const shelf = {
      PLATFORM: 'platforms',
      PLATE: 'plates',
      FILM: 'films',
      STOCK: 'stocks',
      BOARD: 'boards',
    } as const;
    return this.all[shelf[layer.kind]].find((k) => k.item.id === layer.id)?.item;
  }
}

export const kit = new KitState();
