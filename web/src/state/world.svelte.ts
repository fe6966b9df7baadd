/** Tells pages, in this tab and others, that something they may have read has changed: the kit, or everything. */
class World {
  /** Grows with every change; an effect that reads it runs again. */
  revision = $state(0);
  #watchers = new Set<(elsewhere: boolean) => void>();
  #others = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('glanzen');

  constructor() {
    this.#others?.addEventListener('message', () => this.#turn(true));
    // A channel alone must not keep a test, or a page that closes, alive.
    (this.#others as unknown as { unref?: () => void } | undefined)?.unref?.();
  }

  /** Calls back after every change, with whether it was made in another tab. */
  watch(watcher: (elsewhere: boolean) => void) {
    this.#watchers.add(watcher);
  }

  /** To be called after something was changed on the server that others may show. */
  changed() {
    this.#others?.postMessage('changed');
    this.#turn(false);
  }

  /** Waits until something is kept on the server, and tells everyone. */
  async kept<T>(call: Promise<T>): Promise<T> {
    const answer = await call;
    this.changed();
    return answer;
  }

  /** Tells other tabs alone: this one shows already what it has changed. */
  changedHere() {
    this.#others?.postMessage('changed');
  }

  #turn(elsewhere: boolean) {
    this.revision++;
    this.#watchers.forEach((watcher) => watcher(elsewhere));
  }
}

export const world = new World();
