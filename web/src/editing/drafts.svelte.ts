import { Trouble } from '../api/client';
import { tell } from '../state/messages.svelte';
import { world } from '../state/world.svelte';
import { forget, remember, remembered } from './backup';

const SAVE_AFTER_MS = 500;
const AGAIN_AFTER_MS = 3000;
const MOST_UNDO = 100;

/** Something as the server keeps it. */
export interface Kept {
  id: string;
  version: number;
}

/** How a kind of thing is read and written. */
export interface Keeping<T, K extends Kept> {
  kind: string;
  read: (id: string) => Promise<K>;
  /** Writes it on the version it was read as; at last, as the page closes, without waiting for an answer. */
  write: (kept: K, value: T, atLast: boolean) => Promise<K>;
  value: (kept: K) => T;
  /** Whether the server may keep it otherwise than it was sent: that is shown then. */
  adopts?: boolean;
}

/**
 * The one editor of things that are kept: what is on the page, undo, saving, and what happens when it cannot be saved.
 * Nothing typed is lost: what the server does not have yet stays in the browser, and is sent again until it has it.
 */
export class Drafts<T extends object, K extends Kept> {
  kept = $state<K>();
  now = $state<T>();
  conflict = $state(false);
  /** What is on the page is not on the server, and the last try failed. */
  unsaved = $state(false);
  #past = $state<T[]>([]);
  #future = $state<T[]>([]);
  #keeping: Keeping<T, K>;
  #changes = 0;
  #written = 0;
  #timer = 0;
  #wanted = '';
  #saving: Promise<void> = Promise.resolve();

  canUndo = $derived(this.#past.length > 0);
  canRedo = $derived(this.#future.length > 0);

  constructor(keeping: Keeping<T, K>) {
    this.#keeping = keeping;
    globalThis.addEventListener?.('pagehide', () => this.#atLast());
    globalThis.addEventListener?.('online', () => void this.settle());
    world.watch(() => void this.follow());
  }

  /** Whether something here is not on the server yet. */
  protected get pending(): boolean {
    return this.#changes !== this.#written;
  }

  /** What follows from what is on the page now. */
  protected shown(): void {}

  async open(id: string) {
    this.#wanted = id;
    await this.settle();
    const kept = await this.#keeping.read(id);
    if (this.#wanted === id) this.show(kept);
  }

  /** Shows something as it is kept, or as it was left on a page that closed before it was saved. */
  show(kept: K | undefined) {
    clearTimeout(this.#timer);
    this.kept = kept;
    this.now = kept && this.#keeping.value(kept);
    this.conflict = this.unsaved = false;
    this.#past = [];
    this.#future = [];
    this.#changes = this.#written = 0;
    if (kept) this.#bringBack(kept);
    this.shown();
  }

  /**
   * Takes in what was changed elsewhere: on another page, in another tab, or by the server with something else. What is not saved
   * here yet stays; saving it finds out. Undo brings back what stood here before.
   */
  async follow() {
    const { kept } = this;
    if (!kept || this.#changes !== this.#written || this.conflict) return;
    const again = await this.#keeping.read(kept.id).catch(() => undefined);
    const still = this.kept?.id === kept.id && this.#changes === this.#written;
    if (!again || !still || again.version <= (this.kept?.version ?? 0)) return;
    if (this.now) this.#past = [...this.#past.slice(-MOST_UNDO), this.now];
    this.#future = [];
    this.kept = again;
    this.now = this.#keeping.value(again);
    this.shown();
  }

  /** What follows once it is saved. */
  protected wrote(): void {}

  #bringBack(kept: K) {
    const left = remembered<T>(this.#keeping.kind, kept.id);
    if (!left) return;
    if (left.sent && kept.version === left.version + 1) {
      forget(this.#keeping.kind, kept.id);
      return;
    }
    this.#past = this.now ? [this.now] : [];
    this.now = left.value;
    this.#changes++;
    if (left.version === kept.version) this.#later();
    else this.conflict = true;
  }

  change(changed: T) {
    if (!this.now) return;
    this.#past = [...this.#past.slice(-MOST_UNDO), this.now];
    this.#future = [];
    this.#show(changed);
  }

  undo() {
    const before = this.#past.at(-1);
    if (!before || !this.now) return;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, this.now];
    this.#show(before);
  }

  redo() {
    const after = this.#future.at(-1);
    if (!after || !this.now) return;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, this.now];
    this.#show(after);
  }

  #show(value: T) {
    this.now = value;
    this.touched();
    this.shown();
  }

  /** Something changed: it is remembered here at once, and kept on the server soon. */
  protected touched() {
    this.#changes++;
    const { kept, now } = this;
    if (kept && now) {
      const value = $state.snapshot(now) as T;
      remember(this.#keeping.kind, kept.id, { version: kept.version, value });
    }
    this.#later();
  }

  #later(ms = SAVE_AFTER_MS) {
    clearTimeout(this.#timer);
    this.#timer = window.setTimeout(() => void this.settle(), ms);
  }

  /** Saves what is not saved yet. */
  settle(): Promise<void> {
    clearTimeout(this.#timer);
    this.#saving = this.#saving.then(() => this.#save());
    return this.#saving;
  }

  async #save() {
    const { kept, now } = this;
    const change = this.#changes;
    if (!kept || !now || change === this.#written || this.conflict) return;
    try {
      const again = await this.#keeping.write(kept, $state.snapshot(now) as T, false);
      if (this.kept?.id !== kept.id) return;
      this.kept = again;
      this.#written = change;
      this.unsaved = false;
      if (this.#changes !== change) this.touched();
      else {
        forget(this.#keeping.kind, kept.id);
        if (this.#keeping.adopts) this.now = this.#keeping.value(again);
      }
      this.wrote();
      world.changedHere();
    } catch (trouble) {
      this.#failed(trouble, kept.id);
    }
  }

  #failed(trouble: unknown, id: string) {
    if (this.kept?.id !== id) return;
    if (trouble instanceof Trouble && trouble.status === 409) {
      this.conflict = true;
      return;
    }
    const away = !(trouble instanceof Trouble) || trouble.status === 0 || trouble.status >= 500;
    if (!this.unsaved || !away) tell(trouble);
    this.unsaved = true;
    if (away) this.#later(AGAIN_AFTER_MS);
  }

  #atLast() {
    const { kept, now } = this;
    if (!kept || !now || this.#changes === this.#written || this.conflict) return;
    const value = $state.snapshot(now) as T;
    remember(this.#keeping.kind, kept.id, { version: kept.version, value, sent: true });
    this.#keeping.write(kept, value, true).catch(() => {});
  }

  /** After a conflict: keeps what is on this page, over what another tab saved. */
  async keepMine() {
    if (!this.kept) return;
    this.kept = await this.#keeping.read(this.kept.id);
    this.conflict = false;
    this.touched();
    await this.settle();
  }

  /** After a conflict: takes what another tab saved. Undo brings this page's back. */
  async takeTheirs() {
    const mine = this.now;
    if (!this.kept || !mine) return;
    forget(this.#keeping.kind, this.kept.id);
    this.show(await this.#keeping.read(this.kept.id));
    this.#past = [mine];
  }
}
