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

/** A pull that is read off pictures: they, the corners a person set, the reading, and the answers given. */
export class PullReading {
  files = $state.raw<File[]>([]);
  corners = $state.raw<number[]>();
  setting = $state(false);
  answers = $state<Record<string, boolean>>({});
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
    this.corners = undefined;
    this.setting = false;
    await this.add(files);
  }

  async read(corners: number[] | undefined = this.corners) {
    this.corners = corners;
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
    if (this.corners) body.append('corners', this.corners.map((c) => c.toFixed(1)).join(','));
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch('/api/readings', { method: 'POST', body, headers, signal });
    const answer: unknown = await response.json();
    if (!response.ok) throw trouble(response.status, answer);
    return answer as Reading;
  }

  /** What a person answers is reckoned with; nothing is measured again. */
  async answer(asking: string, yes: boolean) {
    const reading = this.question.answer;
    if (!reading) return;
    this.answers = { ...this.answers, [asking]: yes };
    const body = { ...this.#which, signs: reading.signs, answers: this.answers };
    const why = await asked(api.POST('/api/readings/why', { body }));
    // What to change of the set-up was reckoned with the picture, and stays as it was.
    const drafts = [reading.why.best, reading.why.telling];
    const known = (next: Why['best']) => drafts.find((d) => d.remedy === next.remedy) ?? next;
    this.why = { ...why, best: known(why.best), telling: known(why.telling) };
  }

  get refused(): Trouble | undefined {
    return this.question.trouble;
  }

  /** Writes it into the logbook as it was read, with its picture. */
  async log(title: string, saved: SavedSetUp | undefined, note: string): Promise<string> {
    const reading = this.question.answer;
    if (!reading) throw new Error('Nothing was read');
    const { pullId, runId } = this.#which;
    const id = pullId ?? (await this.#logged(title, runId, saved, note, reading)).id;
    await this.keepPicture(id);
    return id;
  }

  #logged(title: string, runId: string | undefined, saved: SavedSetUp | undefined, note: string, r: Reading) {
    const body = { ...r.log, title, note, keepFoil: true, ...(runId ? { runId } : { draft: saved?.draft }) };
    return asked(api.POST('/api/pulls', { body }));
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
