import { Trouble } from '../api/client';

const AGAIN_AFTER_MS = 3000;

/** Whether nobody answered: what was asked may be right, and is worth asking again. */
export function away(cause: unknown): boolean {
  return cause instanceof Trouble && (cause.status === 0 || cause.status >= 500);
}

/** Tries something again in a while, or as soon as the network is back; what comes back calls it off. */
export function again(what: () => void): () => void {
  const timer = setTimeout(once, AGAIN_AFTER_MS);
  globalThis.addEventListener?.('online', once);
  function off() {
    clearTimeout(timer);
    globalThis.removeEventListener?.('online', once);
  }
  function once() {
    off();
    what();
  }
  return off;
}
