import { api, asked, type RunView } from '../api/client';
import { tell } from './messages.svelte';

const AGAIN_AFTER_MS = 3000;

/** The run that is on: pushed by the server, counted on between pushes. */
class Running {
  run = $state<RunView>();
  /** The server is not heard any more; what is shown may be behind. */
  lost = $state(false);
  #wanted = '';
  #heardAt = 0;
  #events?: EventSource;
  #again?: ReturnType<typeof setTimeout>;
  #ticked: Promise<void> = Promise.resolve();

  async open(id: string) {
    this.close();
    if (this.run?.id !== id) this.forget();
    this.#wanted = id;
    const run = await asked(api.GET('/api/runs/{id}', { params: { path: { id } } }));
    // Whoever left before the answer wants no stream that nobody closes.
    if (this.#wanted !== id) return;
    this.#hear(run);
    const events = new EventSource(`/api/runs/${id}/events`);
    events.addEventListener('run', (event) => this.#hear(JSON.parse((event as MessageEvent<string>).data)));
    events.addEventListener('open', () => (this.lost = false));
    events.addEventListener('error', () => this.#lose(events, id));
    this.#events = events;
  }

  forget() {
    this.run = undefined;
  }

  /** Hears no more of the run. It stays in view until another is opened: what shows it goes a moment later. */
  close() {
    this.#wanted = '';
    this.#events?.close();
    this.#events = undefined;
    this.lost = false;
    clearTimeout(this.#again);
  }

  /** The browser tries a broken stream again by itself, but not one that was refused. */
  #lose(events: EventSource, id: string) {
    this.lost = this.run?.status === 'OPEN';
    if (events.readyState !== EventSource.CLOSED) return;
    events.close();
    this.#again = setTimeout(() => {
      if (this.#wanted === id) void this.open(id).catch(() => this.#lose(events, id));
    }, AGAIN_AFTER_MS);
  }

  #hear(run: RunView) {
    // A push that was on its way before an action must not turn the page back.
    if (this.run && this.run.id === run.id && run.version < this.run.version) return;
    this.run = run;
    this.#heardAt = performance.now();
  }

  /** Seconds of bench time since the step came on. */
  elapsed(): number {
    if (!this.run) return 0;
    return this.run.elapsedSeconds + ((performance.now() - this.#heardAt) / 1000) * this.run.speed;
  }

  async act(action: 'NEXT' | 'BACK' | 'REVERSE_OUT' | 'RELIGHT' | 'PAUSE' | 'RESUME' | 'LEAVE') {
    // A tick on its way changes the version that this is done on.
    await this.#ticked;
    const run = this.run;
    if (!run) return;
    try {
      const params = { path: { id: run.id }, query: { action, version: run.version } };
      this.#hear(await asked(api.POST('/api/runs/{id}/actions', { params })));
    } catch (trouble) {
      tell(trouble);
      this.#hear(await asked(api.GET('/api/runs/{id}', { params: { path: { id: run.id } } })));
    }
  }

  /** One tick after another: a quick hand must not run into its own last tick. */
  tick(line: number, done: boolean) {
    this.#ticked = this.#ticked.then(async () => {
      if (!this.run) return;
      const params = { path: { id: this.run.id, line }, query: { done } };
      this.#hear(await asked(api.PUT('/api/runs/{id}/preflight/{line}', { params })));
    });
    this.#ticked = this.#ticked.catch(tell);
    return this.#ticked;
  }

  /** What heats was switched off by hand. */
  async switchedOff() {
    if (!this.run) return;
    const params = { path: { id: this.run.id } };
    this.#hear(await asked(api.POST('/api/runs/{id}/switched-off', { params })));
  }

  /** The ready light of a platform that was put back is on again. */
  async readyAgain() {
    if (!this.run) return;
    const params = { path: { id: this.run.id } };
    this.#hear(await asked(api.POST('/api/runs/{id}/ready-again', { params })));
  }

  /** Reads it again, because something was logged of it. */
  async refresh() {
    if (!this.run) return;
    this.#hear(await asked(api.GET('/api/runs/{id}', { params: { path: { id: this.run.id } } })));
  }

  async speed(speed: number) {
    if (!this.run) return;
    const params = { path: { id: this.run.id }, query: { speed } };
    this.#hear(await asked(api.PUT('/api/runs/{id}/speed', { params })));
  }
}

export const running = new Running();
