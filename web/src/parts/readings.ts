import { getContext, setContext } from 'svelte';

/** Reads what is typed in a field; false if it cannot be read. */
type Reader = () => Promise<boolean>;

/**
 * The fields of one form that are read by the server, or may hold what cannot be read. Keeping a form waits for every
 * reading under way, and is refused while anything in it is unread.
 */
export class Readings {
  #readers = new Set<Reader>();

  add(reader: Reader): () => void {
    this.#readers.add(reader);
    return () => this.#readers.delete(reader);
  }

  /** True if everything typed was read. */
  async settled(): Promise<boolean> {
    const read = await Promise.all([...this.#readers].map((reader) => reader()));
    return read.every(Boolean);
  }
}

const KEY = Symbol('readings');

/** To be called where a form is made. */
export function readings(): Readings {
  return setContext(KEY, new Readings());
}

/** The form a field stands in, if it stands in one. */
export function formReadings(): Readings | undefined {
  return getContext<Readings | undefined>(KEY);
}
