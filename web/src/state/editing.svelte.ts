import {
  api,
  asked,
  Trouble,
  type Advice,
  type SetUpReport,
  type Draft,
  type SavedSetUp,
  type Schemas,
} from '../api/client';
import { tell } from './messages.svelte';

const SAVE_AFTER_MS = 500;
const ADVISE_AFTER_MS = 500;
const MOST_UNDO = 100;

/** The set-up on the Stack place: its draft, what the server says of it, and undo. */
class Editing {
  saved = $state<SavedSetUp>();
  draft = $state<Draft>();
  answer = $state<SetUpReport>();
  advice = $state<Advice>();
  advising = $state(false);
  asking = $state(false);
  conflict = $state(false);
  failed = $state('');
  #past = $state<Draft[]>([]);
  #future = $state<Draft[]>([]);
  #question?: AbortController;
  #saveTimer = 0;
  #adviceTimer = 0;
  #saving: Promise<void> = Promise.resolve();

  canUndo = $derived(this.#past.length > 0);
  canRedo = $derived(this.#future.length > 0);

  async open(id: string) {
    await this.settle();
    const saved = await asked(api.GET('/api/set-ups/{id}', { params: { path: { id } } }));
    this.saved = saved;
    // Read back, so that it is the very same draft until something is changed.
    this.draft = this.saved.draft;
    this.answer = undefined;
    this.advice = undefined;
    this.conflict = false;
    this.#past = [];
    this.#future = [];
    this.ask();
  }

  change(changed: Draft) {
    if (!this.draft) return;
    this.#past = [...this.#past.slice(-MOST_UNDO), this.draft];
    this.#future = [];
    this.#show(changed);
  }

  part(part: Partial<Draft>) {
    if (this.draft) this.change({ ...this.draft, ...part });
  }

  /** Reckons with gel that lies on the Bench: its coat, its room, its age. */
  gelOf(panel: Schemas['DryingPanel']) {
    const { coatMm, humidity, driedSeconds } = panel;
    const gel = this.draft?.gel;
    if (gel) this.part({ gel: { ...gel, coatMm, humidity, driedSeconds: Math.round(driedSeconds) } });
  }

  undo() {
    const before = this.#past.at(-1);
    if (!before || !this.draft) return;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, this.draft];
    this.#show(before);
  }

  redo() {
    const after = this.#future.at(-1);
    if (!after || !this.draft) return;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, this.draft];
    this.#show(after);
  }

  #show(draft: Draft) {
    this.draft = draft;
    this.ask();
    clearTimeout(this.#saveTimer);
    this.#saveTimer = window.setTimeout(() => this.settle(), SAVE_AFTER_MS);
  }

  /** Asks for the forecast, dropping the question before; the advice follows once the hand rests. */
  async ask() {
    const draft = this.draft;
    if (!draft) return;
    this.#question?.abort();
    const question = new AbortController();
    this.#question = question;
    this.asking = true;
    clearTimeout(this.#adviceTimer);
    try {
      this.answer = await asked(api.POST('/api/forecasts', { body: draft, signal: question.signal }));
      this.failed = '';
      this.asking = false;
      this.advising = this.answer.expected !== undefined;
      if (this.advising)
        this.#adviceTimer = window.setTimeout(() => this.#advise(draft, question), ADVISE_AFTER_MS);
      else this.advice = undefined;
    } catch (trouble) {
      if (question.signal.aborted) return;
      this.asking = false;
      this.failed = trouble instanceof Trouble ? trouble.message : 'The forecast failed.';
    }
  }

  async #advise(draft: Draft, question: AbortController) {
    try {
      this.advice = await asked(api.POST('/api/advice', { body: draft, signal: question.signal }));
    } catch (trouble) {
      if (!question.signal.aborted) tell(trouble);
    } finally {
      if (!question.signal.aborted) this.advising = false;
    }
  }

  /** Saves what is not saved yet. */
  settle(): Promise<void> {
    clearTimeout(this.#saveTimer);
    this.#saving = this.#saving.then(() => this.#save());
    return this.#saving;
  }

  async #save() {
    const { saved, draft } = this;
    if (!saved || !draft || saved.draft === draft || this.conflict) return;
    try {
      const kept = await asked(
        api.PUT('/api/set-ups/{id}', {
          params: { path: { id: saved.id }, query: { version: saved.version } },
          body: { name: saved.name, draft },
        }),
      );
      if (this.saved?.id === saved.id) this.saved = { ...kept, draft };
    } catch (trouble) {
      if (trouble instanceof Trouble && trouble.status === 409) this.conflict = true;
      else tell(trouble);
    }
  }

  /** After a conflict: keeps what is on this page, over what the other tab saved. */
  async keepMine() {
    if (!this.saved) return;
    const theirs = await asked(api.GET('/api/set-ups/{id}', { params: { path: { id: this.saved.id } } }));
    this.saved = theirs;
    this.conflict = false;
    await this.settle();
  }

  /** After a conflict: takes what the other tab saved. Undo brings this page's back. */
  async takeTheirs() {
    if (!this.saved || !this.draft) return;
    const theirs = await asked(api.GET('/api/set-ups/{id}', { params: { path: { id: this.saved.id } } }));
    this.#past = [...this.#past, this.draft];
    this.saved = theirs;
    this.draft = this.saved.draft;
    this.conflict = false;
    this.ask();
  }

  async rename(name: string) {
    const { saved, draft } = this;
    if (!saved || !draft || name.trim() === saved.name) return;
    try {
      const kept = await asked(
        api.PUT('/api/set-ups/{id}', {
          params: { path: { id: saved.id }, query: { version: saved.version } },
          body: { name, draft },
        }),
      );
      this.saved = { ...kept, draft };
    } catch (trouble) {
      tell(trouble);
    }
  }
}

export const editing = new Editing();
