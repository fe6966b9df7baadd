import { Trouble } from '../api/client';

interface Message {
  id: number;
  text: string;
  bad: boolean;
  /** What can still be done about it. */
  action?: { label: string; run: () => void };
}

const SHOWN_MS = 9000;

class Messages {
  list = $state<Message[]>([]);
  #next = 1;

  add(text: string, bad: boolean, action?: Message['action']) {
    const id = this.#next++;
    this.list.push({ id, text, bad, action });
    setTimeout(() => this.remove(id), SHOWN_MS);
  }

  remove(id: number) {
    this.list = this.list.filter((m) => m.id !== id);
  }
}

export const messages = new Messages();

/** Says what was done, or what went wrong. */
export function tell(what: unknown) {
  if (typeof what === 'string') messages.add(what, false);
  else if (what instanceof Trouble) messages.add(what.message, true);
  else if (!(what instanceof DOMException)) {
    console.error(what);
    messages.add('Something went wrong on this page. Reload it; nothing saved is lost.', true);
  }
}
