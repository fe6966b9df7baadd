import { Trouble } from '../api/client';
import { world } from '../state/world.svelte';

/** An answer that takes longer is announced as being calculated. */
const PATIENCE_MS = 300;

/**
 * A question to the server: its answer, whether it is still out, and what went wrong. A new asking drops the one before;
 * an old answer stays in view, marked stale, until the new one is there.
 */
export class Question<T> {
  answer = $state<T>();
  trouble = $state<Trouble>();
  loading = $state(false);
  /** It has been out so long that what is shown is old. */
  slow = $state(false);
  #out?: AbortController;
  #last?: (signal: AbortSignal) => Promise<T>;

  stale = $derived(this.answer !== undefined && (this.loading || this.trouble !== undefined));

  /** Asks; resolves to the answer, or to nothing if another asking took its place or it failed. */
  async ask(fetched: (signal: AbortSignal) => Promise<T>): Promise<T | undefined> {
    this.#out?.abort();
    const out = new AbortController();
    this.#out = out;
    this.#last = fetched;
    this.loading = true;
    const patience = setTimeout(() => (this.slow = true), PATIENCE_MS);
    try {
      const answer = await fetched(out.signal);
      if (out.signal.aborted) return undefined;
      this.answer = answer;
      this.trouble = undefined;
      return answer;
    } catch (trouble) {
      if (!out.signal.aborted) this.trouble = asTrouble(trouble);
      return undefined;
    } finally {
      clearTimeout(patience);
      if (!out.signal.aborted) this.loading = this.slow = false;
    }
  }

  /**
   * For an effect: asks again whenever what the effect reads changes, or the world does; drops the question when the effect
   * is over.
   */
  follow(fetched: (signal: AbortSignal) => Promise<T>): () => void {
    void world.revision;
    void this.ask(fetched);
    return () => this.abort();
  }

  retry() {
    if (this.#last) void this.ask(this.#last);
  }

  abort() {
    this.#out?.abort();
    this.loading = this.slow = false;
  }

  /** Forgets everything, because something else is looked at. */
  clear() {
    this.abort();
    this.answer = undefined;
    this.trouble = undefined;
  }
}

function asTrouble(cause: unknown): Trouble {
  if (cause instanceof Trouble) return cause;
  console.error(cause);
  return new Trouble(-1, 'Something went wrong on this page. Nothing saved is lost.');
}
