import { api, asked, type Job, type JobPiece, type SavedJob, type Schemas } from '../api/client';
import { Question } from '../asking/question.svelte';
import { Drafts } from '../editing/drafts.svelte';
import { world } from './world.svelte';

/** A piece that is called otherwise stays where it is mounted. */
function renamed(card: Job['card'], before?: string, now?: string): Job['card'] {
  if (!card || !now || now === before) return card;
  const called = (piece: string) => (piece === before ? now : piece);
  return {
    ...card,
    base: { ...card.base, piece: called(card.base.piece) },
    mounted: card.mounted.map((m) => ({ ...m, piece: called(m.piece) })),
  };
}

/** The job on the Job place, and what the server says of it. */
class Planning extends Drafts<Job, SavedJob> {
  all = $state<SavedJob[]>([]);
  looked = new Question<Schemas['JobLook']>();

  saved = $derived(this.kept);
  job = $derived(this.now);
  look = $derived(this.looked.answer);

  constructor() {
    super({
      kind: 'job',
      read: async (id) => {
        const all = await asked(api.GET('/api/jobs'));
        const found = all.find((s) => s.id === id);
        if (!found) throw new Error('This job is gone.');
        return found;
      },
      write: ({ id, version }, body, atLast) => {
        const params = { path: { id }, query: { version } };
        return asked(api.PUT('/api/jobs/{id}', { params, body, keepalive: atLast }));
      },
      value: (saved) => saved.job,
      adopts: true,
    });
    world.watch(() => this.shown());
  }

  /** Opens the job that is named, or the first there is; answers whether the one named is there. */
  async load(id?: string): Promise<boolean> {
    await this.settle();
    this.all = await asked(api.GET('/api/jobs'));
    const named = this.all.find((s) => s.id === id);
    const found = named ?? (id === undefined ? this.all[0] : undefined);
    // What was read may be older by now than what a quick hand has changed here.
    const other = found?.id !== this.saved?.id;
    if (!found || other || (!this.pending && found.version > (this.saved?.version ?? 0))) {
      this.looked.clear();
      this.show(found);
    }
    return id === undefined || named !== undefined;
  }

  /** The list of jobs calls it as it is called now. */
  protected override wrote() {
    const saved = this.kept;
    if (saved) this.all = this.all.map((s) => (s.id === saved.id ? saved : s));
  }

  protected override shown() {
    const body = this.job;
    if (body) void this.looked.ask((signal) => asked(api.POST('/api/jobs/look', { body, signal })));
  }

  piece(index: number, part: Partial<JobPiece>) {
    if (!this.job) return;
    const before = this.job.pieces[index]?.name;
    const pieces = this.job.pieces.map((p, i) => (i === index ? { ...p, ...part } : p));
    this.change({ ...this.job, pieces, card: renamed(this.job.card, before, part.name) });
  }

  async begin(job: Job): Promise<string> {
    return (await world.kept(asked(api.POST('/api/jobs', { body: job })))).id;
  }
}

export const planning = new Planning();
