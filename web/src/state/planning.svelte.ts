import { api, asked, Trouble, type Job, type JobPiece, type SavedJob, type Schemas } from '../api/client';
import { tell } from './messages.svelte';

const SAVE_AFTER_MS = 500;
const MOST_UNDO = 60;

/** The job on the Job place: what the server says of it, saving, undo. */
class Planning {
  all = $state<SavedJob[]>([]);
  saved = $state<SavedJob>();
  job = $state<Job>();
  look = $state<Schemas['JobLook']>();
  conflict = $state(false);
  #past = $state<Job[]>([]);
  #timer = 0;
  #question?: AbortController;

  canUndo = $derived(this.#past.length > 0);

  async load(id?: string) {
    await this.settle();
    this.all = await asked(api.GET('/api/jobs'));
    const found = this.all.find((s) => s.id === id) ?? this.all[0];
    if (found && found.id !== this.saved?.id) this.#past = [];
    this.saved = found;
    this.job = found?.job;
    this.conflict = false;
    if (found) await this.#ask(found.job);
  }

  change(changed: Job) {
    if (!this.job) return;
    this.#past = [...this.#past.slice(-MOST_UNDO), this.job];
    this.#show(changed);
  }

  piece(index: number, part: Partial<JobPiece>) {
    if (!this.job) return;
    const pieces = this.job.pieces.map((p, i) => (i === index ? { ...p, ...part } : p));
    this.change({ ...this.job, pieces });
  }

  undo() {
    const before = this.#past.at(-1);
    if (!before) return;
    this.#past = this.#past.slice(0, -1);
    this.#show(before);
  }

  #show(job: Job) {
    this.job = job;
    this.#ask(job);
    clearTimeout(this.#timer);
    this.#timer = window.setTimeout(() => this.settle(), SAVE_AFTER_MS);
  }

  async #ask(job: Job) {
    this.#question?.abort();
    const question = new AbortController();
    this.#question = question;
    try {
      this.look = await asked(api.POST('/api/jobs/look', { body: job, signal: question.signal }));
    } catch (trouble) {
      if (!question.signal.aborted) tell(trouble);
    }
  }

  async settle() {
    clearTimeout(this.#timer);
    const { saved, job } = this;
    if (!saved || !job || saved.job === job || this.conflict) return;
    try {
      const params = { path: { id: saved.id }, query: { version: saved.version } };
      const kept = await asked(api.PUT('/api/jobs/{id}', { params, body: job }));
      this.saved = { ...kept, job };
      this.all = this.all.map((s) => (s.id === kept.id ? kept : s));
    } catch (trouble) {
      if (trouble instanceof Trouble && trouble.status === 409) {
        this.conflict = true;
        tell('This job was changed in another tab. Reload to see it; what is on this page is not saved.');
      } else tell(trouble);
    }
  }

  async begin(job: Job): Promise<string> {
    const kept = await asked(api.POST('/api/jobs', { body: job }));
    return kept.id;
  }

  async remove() {
    const { saved } = this;
    if (!saved) return;
    const params = { path: { id: saved.id }, query: { version: saved.version } };
    await asked(api.DELETE('/api/jobs/{id}', { params }));
    this.saved = this.job = undefined;
  }
}

export const planning = new Planning();
