import { asked, Trouble, trouble, api, token, type SavedSetUp, type Schemas } from '../../api/client';
import { Question } from '../../asking/question.svelte';

export type Reading = Schemas['ReadingView'];
export type Why = Schemas['WhyView'];

/** Which pull is read: by its set-up, the run it came of, or as it stands in the logbook. */
export interface Which {
  setUpId?: string;
  runId?: string;
  pullId?: string;
}

/** What a person marked in the first picture: the sheet's corners or the design's two ends, px. */
export interface Marked {
  kind: 'corners' | 'ends';
  px: number[];
}

/** A pull that is read off pictures: they, the marks a person set, the reading, and the answers given. */
export class PullReading {
  files = $state.raw<File[]>([]);
  marked = $state.raw<Marked>();
  setting = $state(false);
  answers = $state<Record<string, boolean>>({});
  /** What the reading is at, as it is told. */
  stage = $state.raw<Schemas['ReadingStage']>();
  why = $state.raw<Why>();
  readonly question = new Question<Reading>();
  readonly #which: Which;

  constructor(which: Which) {
    this.#which = which;
  }

  /** Pictures of the same pull with light from different sides join; four at most. */
  async add(files: Iterable<File>) {
    const pictures = [...files].filter((f) => f.type.startsWith('image/'));
    if (pictures.length === 0) return;
    this.files = [...this.files, ...pictures].slice(-4);
    await this.read();
  }

  async restart(files: Iterable<File>) {
    this.files = [];
    this.marked = undefined;
    this.setting = false;
    await this.add(files);
  }

  async read(marked: Marked | undefined = this.marked) {
    this.marked = marked;
    const found = await this.question.ask((signal) => this.#send(signal));
    if (found) {
      this.why = found.why;
      this.answers = {};
      this.setting = false;
    }
  }

  async #send(signal: AbortSignal): Promise<Reading> {
    const body = new FormData();
    for (const file of this.files) body.append('picture', file);
    for (const [key, value] of Object.entries(this.#which)) if (value) body.append(key, String(value));
    if (this.marked) body.append(this.marked.kind, this.marked.px.map((c) => c.toFixed(1)).join(','));
    const headers = { 'X-XSRF-TOKEN': token() };
    const ticket = `${Date.now()}-${Math.random().toString(36).slice(2)}`;
    body.append('ticket', ticket);
    const stop = this.#watch(ticket, signal);
    try {
      const response = await fetch('/api/readings', { method: 'POST', body, headers, signal });
      const answer: unknown = await response.json();
      if (!response.ok) throw trouble(response.status, answer);
      return answer as Reading;
    } finally {
      stop();
    }
  }

  /** Asks now and then what a reading is at; one that is no longer wanted is ended. */
  #watch(ticket: string, signal: AbortSignal): () => void {
    const params = { path: { ticket } };
    this.stage = undefined;
    const timer = setInterval(() => {
      void asked(api.GET('/api/readings/underway/{ticket}', { params })).then(
        (stage) => (this.stage = stage),
        () => (this.stage = undefined),
      );
    }, 250);
    const end = () => void api.DELETE('/api/readings/underway/{ticket}', { params });
    signal.addEventListener('abort', end);
    return () => {
      clearInterval(timer);
      signal.removeEventListener('abort', end);
    };
  }

  /** What a person answers is reckoned with; nothing is measured again. */
  async answer(asking: string, yes: boolean) {
    const reading = this.question.answer;
    if (!reading) return;
    this.answers = { ...this.answers, [asking]: yes };
    const { signs, kept } = reading;
    const body = { ...this.#which, signs, kept, answers: this.answers };
    this.why = await asked(api.POST('/api/readings/why', { body }));
  }

  get refused(): Trouble | undefined {
    return this.question.trouble;
  }

  /** What is kept with the pull of its reading: with the causes as they stand after the answers. */
  get kept(): Reading['log']['read'] | undefined {
    const log = this.question.answer?.log;
    return log && { ...log.read, shares: this.why?.shares ?? log.read.shares };
  }

  /** Writes it into the logbook as it was read, with its picture. */
  async log(title: string, saved: SavedSetUp | undefined, next?: Why['best']): Promise<string> {
    const reading = this.question.answer;
    if (!reading) throw new Error('Nothing was read');
    const { pullId, runId } = this.#which;
    if (pullId) {
      await this.#keepWith(pullId, next);
      return pullId;
    }
    const body = {
      ...reading.log,
      read: this.kept,
      next: next?.remedy,
      title,
      note: '',
      keepFoil: true,
      ...(runId ? { runId } : { draft: saved?.draft }),
    };
    const { id } = await asked(api.POST('/api/pulls', { body }));
    await this.keepPicture(id);
    return id;
  }

  async #keepWith(id: string, next?: Why['best']) {
    const params = { path: { id } };
    await this.keepPicture(id);
    if (this.kept) await asked(api.PUT('/api/pulls/{id}/read', { params, body: this.kept }));
    if (next && this.why) {
      const body = { remedy: next.remedy, shares: this.why.shares };
      await asked(api.PUT('/api/pulls/{id}/next', { params, body }));
    }
  }

  async keepPicture(id: string) {
    const file = this.files[0];
    if (!file) return;
    const body = new FormData();
    body.append('picture', file);
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch(`/api/pulls/${id}/picture`, { method: 'POST', body, headers });
    if (!response.ok) throw trouble(response.status, await response.json());
  }
}
