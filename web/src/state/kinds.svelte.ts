import { api, asked, type Schemas } from '../api/client';
import { kit } from './kit.svelte';

export type Kind = Schemas['Kind'];
export type KindGroup = Schemas['KindGroup'];

/** Unbranded kinds of things, with their usual figures; loaded when first wanted. */
class Kinds {
  groups = $state.raw<KindGroup[]>([]);
  #loading?: Promise<void>;

  load(): Promise<void> {
    this.#loading ??= asked(api.GET('/api/beginnings')).then(
      (groups) => void (this.groups = groups),
      (trouble) => {
        this.#loading = undefined;
        throw trouble;
      },
    );
    return this.#loading;
  }

  get all(): Kind[] {
    return this.groups.flatMap((g) => g.kinds);
  }

  /** Puts one on the shelves; resolves to what stands there then. */
  async add(kind: Kind): Promise<Kind['things']> {
    const body = { kinds: [kind.id] };
    const begun = await asked(api.POST('/api/beginnings', { body, params: { query: { keep: true } } }));
    await kit.changed();
    return begun.kit;
  }
}

export const kinds = new Kinds();
