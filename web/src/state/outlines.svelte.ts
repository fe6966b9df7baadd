import { api, asked, type Schemas } from '../api/client';

/** Outlines of plates, fetched once each; path text in mm, y upwards. */
class Outlines {
  #known = $state<Record<string, Schemas['OutlineView']>>({});
  #asked = new Set<string>();

  of(plateId: string): string {
    return this.#known[plateId]?.path ?? '';
  }

  /** Fetches what is not known yet; to be called from an effect, not while drawing. */
  want(plateIds: string[]) {
    for (const id of plateIds) {
      if (this.#asked.has(id)) continue;
      this.#asked.add(id);
      asked(api.GET('/api/plates/{id}/outline', { params: { path: { id } } }))
        .then((outline) => (this.#known[id] = outline))
        .catch(() => this.#asked.delete(id));
    }
  }

  /** A plate was changed. */
  forget(plateId: string) {
    this.#asked.delete(plateId);
    delete this.#known[plateId];
  }
}

export const outlines = new Outlines();
