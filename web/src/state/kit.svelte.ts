import { api, asked, type Draft, type DraftLayer, type KitView } from '../api/client';
import { world } from './world.svelte';

const EMPTY: KitView = {
  presses: [],
  platforms: [],
  boards: [],
  plates: [],
  stocks: [],
  films: [],
  leftovers: [],
  rollers: [],
  offcuts: [],
  foams: [],
  envelopes: [],
};

export type Shelf = keyof KitView;
export const SHELVES: Shelf[] = [
  'presses',
  'platforms',
  'rollers',
  'boards',
  'plates',
  'stocks',
  'films',
  'leftovers',
  'offcuts',
  'foams',
  'envelopes',
];

/** The kit, loaded once and again after each change. */
class KitState {
  all = $state<KitView>(EMPTY);

  constructor() {
    world.watch((elsewhere) => {
      if (elsewhere) void this.load().catch(() => {});
    });
  }

  async load() {
    this.all = await asked(api.GET('/api/kit'));
  }

  /** Reads it again after a change, and lets everyone know. */
  async changed() {
    await this.load();
    world.changed();
  }

  /** Nothing was ever put on a shelf: a workshop that begins. */
  get empty() {
    return SHELVES.every((shelf) => this.all[shelf].length === 0);
  }

  /** Things in use on a shelf. */
  inUse<S extends Shelf>(shelf: S): KitView[S][number]['item'][] {
    return this.all[shelf].filter((k) => !k.retired).map((k) => k.item);
  }

  press(id: string) {
    return this.all.presses.find((k) => k.item.id === id)?.item;
  }

  platform(id: string | undefined) {
    return this.all.platforms.find((k) => k.item.id === id)?.item;
  }

  rollers(id: string) {
    return this.all.rollers.find((k) => k.item.id === id)?.item;
  }

  /** What a stack goes through, whichever shelf it stands on. */
  machine(id: string) {
    return this.press(id) ?? this.rollers(id);
  }

  /** What heats a draft, with its levels or settings; nothing where it is pressed cold. */
  heater(draft: Draft) {
    const rollers = draft.hotRollers && this.rollers(draft.machineId);
    if (rollers) return { name: rollers.name, levels: rollers.settings };
    const platform = this.platform(draft.onPlatform?.platformId);
    return platform && { name: platform.name, levels: platform.levels };
  }

  /** Which of its levels or settings is chosen. */
  level(draft: Draft) {
    return draft.hotRollers?.setting ?? draft.onPlatform?.level ?? 0;
  }

  /** The tool in the stack, or what laid the design. */
  tool(draft: Draft) {
    const id = draft.layers.find((l) => l.kind === 'PLATE')?.id ?? draft.designId;
    return this.all.plates.find((k) => k.item.id === id)?.item;
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
