import { api, asked, type Schemas } from '../api/client';
import { tell } from './messages.svelte';

type Evening = Schemas['EveningView'];

/** The evening that is planned: followed while better plans are looked for. */
class EveningState {
  now = $state<Evening>();
  #events?: EventSource;

  async load(id: string) {
    this.#hear(await asked(api.GET('/api/evenings/{id}', { params: { path: { id } } })));
  }

  /** What a press makes of it; a refusal is said and changes nothing. */
  async take(work: Promise<Evening>): Promise<boolean> {
    try {
      this.#hear(await work);
      return true;
    } catch (trouble) {
      tell(trouble);
      return false;
    }
  }

  /** Whatever is planned is no longer shown; with an id, only if it is that. */
  forget(id = this.now?.id) {
    if (this.now?.id !== id) return;
    this.#events?.close();
    this.#events = undefined;
    this.now = undefined;
  }

  #hear(evening: Evening) {
    if (this.now?.id === evening.id && evening.version < this.now.version) return;
    this.now = evening;
    if (evening.searching && !this.#events) this.#follow(evening.id);
    if (!evening.searching) {
      this.#events?.close();
      this.#events = undefined;
    }
  }

  #follow(id: string) {
    const events = new EventSource(`/api/evenings/${id}/events`);
    events.addEventListener('evening', (event) =>
      this.#hear(JSON.parse((event as MessageEvent<string>).data) as Evening),
    );
    events.addEventListener('error', () => {
      events.close();
      if (this.#events === events) this.#events = undefined;
      // What ended while nobody heard is read once more.
      if (this.now?.id === id && this.now.searching)
        setTimeout(() => void this.load(id).catch(() => {}), 1500);
    });
    this.#events = events;
  }
}

export const evening = new EveningState();
