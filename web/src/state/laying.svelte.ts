import {
  api,
  asked,
  Trouble,
  type Draft,
  type LayoutDraft,
  type LayoutStep,
  type LayoutView,
} from '../api/client';
import { editing } from './editing.svelte';
import { tell } from './messages.svelte';
import { outlines } from './outlines.svelte';

export type Drawing = 'PIECE' | 'PLATFORM';

/** The Layout place: what the server makes of the draft's layout, what is chosen, and what a hand is doing to it. */
class Laying {
  view = $state<LayoutView>();
  chosen = $state<string[]>([]);
  moving = $state(false);
  /** How far the hand is ahead of the last answer, mm on the piece: what is moved is drawn there at once. */
  ahead = $state({ x: 0, y: 0 });
  wrong = $state('');
  #hand = { x: 0, y: 0 };
  #answered = { x: 0, y: 0 };
  #held?: Draft;
  #waiting?: LayoutStep[];
  #busy = false;
  #of?: string;
  #shown = 0;
  #doing: Promise<void> = Promise.resolve();

  /** Works the draft out anew, unless a hand is moving something. Nothing of another set-up stays in view. */
  async show(draft: Draft) {
    if (this.moving) return;
    const of = editing.saved?.id;
    if (of !== this.#of) this.view = undefined;
    this.#of = of;
    const mine = ++this.#shown;
    await this.#look(draft, [], { wanted: () => mine === this.#shown });
  }

  choose(key: string, more: boolean) {
    if (more)
      this.chosen = this.chosen.includes(key) ? this.chosen.filter((k) => k !== key) : [...this.chosen, key];
    else if (!this.chosen.includes(key)) this.chosen = [key];
  }

  /** Does something and keeps it as one step to undo; keys pressed fast are done one after the other. */
  do(step: Partial<LayoutStep> & { kind: LayoutStep['kind'] }): Promise<void> {
    const keys = this.chosen;
    this.#doing = this.#doing.then(async () => {
      const draft = editing.draft;
      if (!draft) return;
      this.wrong = '';
      await this.#look(draft, [{ keys, ...step }], { loud: true });
      this.keep();
    });
    return this.#doing;
  }

  /** A change of the layout that needs no working out. */
  part(part: Partial<LayoutDraft>) {
    const layout = this.view?.layout;
    if (layout) editing.part({ layout: { ...layout, ...part } });
  }

  /** Begins to move what is chosen. */
  grab() {
    this.#hand = this.#answered = { x: 0, y: 0 };
    this.#held = editing.draft;
    this.moving = true;
  }

  /** Moved so far from where it was grabbed, mm. The newest question wins; none waits for another. */
  dragTo(rightMm: number, upMm: number, drawing: Drawing, snapMm: number) {
    this.#waiting = [{ kind: 'MOVE', keys: this.chosen, rightMm, upMm, drawing, snapMm }];
    this.#hand = this.#onPiece(rightMm, upMm, drawing);
    this.ahead = { x: this.#hand.x - this.#answered.x, y: this.#hand.y - this.#answered.y };
    if (!this.#busy) this.#drain();
  }

  /** The drawing of the platform is turned and mirrored, so a movement there is undone by the matrix laid flat. */
  #onPiece(right: number, up: number, drawing: Drawing) {
    const [a = 1, b = 0, c = 0, d = 1] = drawing === 'PLATFORM' ? (this.view?.toPlatform ?? []) : [];
    return { x: a * right + b * up, y: c * right + d * up };
  }

  async #drain() {
    this.#busy = true;
    while (this.#waiting && this.#held) {
      const steps = this.#waiting;
      const asked = this.#hand;
      this.#waiting = undefined;
      await this.#look(this.#held, steps);
      this.#answered = asked;
      this.ahead = { x: this.#hand.x - asked.x, y: this.#hand.y - asked.y };
    }
    this.#busy = false;
    if (!this.moving) this.keep();
  }

  drop(cancelled = false) {
    if (!this.moving) return;
    this.moving = false;
    this.ahead = { x: 0, y: 0 };
    if (cancelled && this.#held) this.#look(this.#held, []);
    else if (!this.#busy) this.keep();
    this.#held = undefined;
  }

  /** Keeps the layout as it is now in the draft. */
  keep() {
    const layout = this.view?.layout;
    if (layout && editing.draft && JSON.stringify(layout) !== JSON.stringify(editing.draft.layout)) {
      if (this.view) this.view.guides = [];
      editing.part({ layout: $state.snapshot(layout) as LayoutDraft });
    }
  }

  async #look(draft: Draft, steps: LayoutStep[], { loud = false, wanted = (): boolean => true } = {}) {
    try {
      const view = await asked(api.POST('/api/layouts', { body: { draft, steps } }));
      // Answers may come in another order than they were asked for.
      if (!wanted()) return;
      this.view = view;
      const keys = [...view.plates, ...view.cuts].map((p) => p.key);
      this.chosen = this.chosen.filter((k) => keys.includes(k));
      outlines.want([...view.plates, ...view.cuts].map((p) => p.plateId));
    } catch (trouble) {
      const field = trouble instanceof Trouble ? trouble.fields[0] : undefined;
      if (loud && field) this.wrong = `${field.message}. Accepted: ${field.accepted}.`;
      else tell(trouble);
    }
  }
}

export const laying = new Laying();
