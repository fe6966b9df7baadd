import {
  api,
  asked,
  type Advice,
  type Draft,
  type SavedSetUp,
  type Schemas,
  type SetUpReport,
} from '../api/client';
import { Question } from '../asking/question.svelte';
import { Drafts } from '../editing/drafts.svelte';
import { world } from './world.svelte';

const ADVISE_AFTER_MS = 500;

/** The set-up on the Layout and the Stack: its draft, what the server says of it, and advice once the hand rests. */
class Editing extends Drafts<Draft, SavedSetUp> {
  report = new Question<SetUpReport>();
  advised = new Question<Advice>();
  #adviceTimer = 0;
  /** Advice will be asked for, as soon as the hand rests. */
  #toAdvise = $state(false);

  saved = $derived(this.kept);
  draft = $derived(this.now);
  answer = $derived(this.report.answer);
  advice = $derived(this.answer?.computable ? this.advised.answer : undefined);
  asking = $derived(this.report.loading);
  advising = $derived(this.#toAdvise || this.advised.loading);
  failed = $derived(this.report.trouble?.message ?? '');

  constructor() {
    super({
      kind: 'set-up',
      read: (id) => asked(api.GET('/api/set-ups/{id}', { params: { path: { id } } })),
      write: ({ id, version, name }, draft, atLast) =>
        asked(
          api.PUT('/api/set-ups/{id}', {
            params: { path: { id }, query: { version } },
            body: { name, draft },
            keepalive: atLast,
          }),
        ),
      value: (saved) => saved.draft,
    });
    // A board that was measured, a film that was spent: what was said of the set-up may be true no more.
    world.watch(() => void this.ask());
  }

  override async open(id: string) {
    this.#adviseNot();
    this.report.clear();
    this.advised.clear();
    await super.open(id);
  }

  protected override shown() {
    void this.ask();
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

  /** Asks for the forecast, dropping the question before; the advice follows once the hand rests. */
  async ask() {
    const draft = this.draft;
    if (!draft) return;
    this.#adviseNot();
    const answer = await this.report.ask((signal) =>
      asked(api.POST('/api/forecasts', { body: draft, signal })),
    );
    if (!answer?.computable) return;
    this.#toAdvise = true;
    this.#adviceTimer = window.setTimeout(() => {
      this.#toAdvise = false;
      void this.advised.ask((signal) => asked(api.POST('/api/advice', { body: draft, signal })));
    }, ADVISE_AFTER_MS);
  }

  #adviseNot() {
    clearTimeout(this.#adviceTimer);
    this.#toAdvise = false;
    this.advised.abort();
  }

  rename(name: string) {
    if (!this.kept || name.trim() === '' || name.trim() === this.kept.name) return;
    this.kept = { ...this.kept, name: name.trim() };
    this.touched();
  }
}

export const editing = new Editing();
