import { api, asked, type RunView } from '../api/client';
import { tell } from './messages.svelte';

/** The run that is on: pushed by the server, counted on between pushes. */
class Running {
  run = $state<RunView>();
  #heardAt = 0;
  #events?: EventSource;
  #ticked: Promise<void> = Promise.resolve();

  async open(id: string) {
    this.close();
    this.#hear(await asked(api.GET('/api/runs/{id}', { params: { path: { id } } })));
    this.#events = new EventSource(`/api/runs/${id}/events`);
    this.#events.addEventListener('run', (event) =>
      this.#hear(JSON.parse((event as MessageEvent<string>).data)),
    );
  }

  close() {
    this.#events?.close();
    this.#events = undefined;
    this.run = undefined;
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

  async act(action: 'NEXT' | 'BACK' | 'REVERSE_OUT' | 'RELIGHT' | 'LEAVE') {
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

  async speed(speed: number) {
    if (!this.run) return;
    const params = { path: { id: this.run.id }, query: { speed } };
    this.#hear(await asked(api.PUT('/api/runs/{id}/speed', { params })));
  }
}

export const running = new Running();
