import { messages, tell } from './messages.svelte';

const UNDO_MS = 8000;

/**
 * Throwing something away can be undone: it is out of sight at once, and out of the workshop only when the word for it has
 * gone, or the page closes.
 */
class Throwing {
  /** Keys of what is out of sight. */
  gone = $state<string[]>([]);
  #pending = new Map<string, () => void>();

  constructor() {
    globalThis.addEventListener?.('pagehide', () => [...this.#pending.values()].forEach((now) => now()));
  }

  /**
   * Throws something away.
   *
   * @param done really does it; called at most once, perhaps as the page closes, so it asks with keepalive
   */
  away(key: string, said: string, done: () => Promise<unknown>, after: () => void = () => {}) {
    this.gone = [...this.gone, key];
    const now = () => {
      if (!this.#pending.delete(key)) return;
      clearTimeout(timer);
      done()
        .catch(tell)
        .finally(() => {
          this.gone = this.gone.filter((k) => k !== key);
          after();
        });
    };
    this.#pending.set(key, now);
    const timer = setTimeout(now, UNDO_MS);
    messages.add(said, false, {
      label: 'Undo',
      run: () => {
        clearTimeout(timer);
        this.#pending.delete(key);
        this.gone = this.gone.filter((k) => k !== key);
      },
    });
  }
}

export const throwing = new Throwing();
