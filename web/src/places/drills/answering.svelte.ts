import { api, asked, refusal, type Schemas } from '../../api/client';
import { tell } from '../../state/messages.svelte';

type Drill = Schemas['DrillView'];

/** Keys by which options are chosen, in their order; S says that one is sure. */
export const KEYS = '123456789abcdefghijklm';

/** A drill being answered, question by question. */
class Answering {
  drill = $state<Drill>();
  /** Which question is put. */
  at = $state(0);
  answers = $state<string[][]>([]);
  sure = $state(false);
  grade = $state<Schemas['DrillGrade']>();
  progress = $state<Schemas['DrillProgress']>();
  wrong = $state('');
  busy = $state(false);

  question = $derived(this.drill?.questions[this.at]);
  answer = $derived(this.answers[this.at] ?? []);
  /** Whether what was chosen is an answer. */
  ready = $derived.by(() => {
    const kind = this.question?.kind;
    if (kind === 'ORDER') return this.answer.length === this.question?.options.length;
    if (kind === 'NUMBER') return /^(1?\d|20)$/.test(this.answer[0] ?? '');
    return this.answer.length > 0;
  });

  async next() {
    this.busy = true;
    try {
      const drill = await asked(api.GET('/api/drills/next', { params: { query: {} } }));
      this.grade = undefined;
      this.at = 0;
      this.answers = drill.questions.map(() => []);
      this.sure = false;
      this.wrong = '';
      this.drill = drill;
      this.#look();
    } catch (trouble) {
      tell(trouble);
    } finally {
      this.busy = false;
    }
  }

  /** How far one is, beside what is being done. */
  #look() {
    void asked(api.GET('/api/drills/progress')).then((now) => (this.progress = now), tell);
  }

  /** Chooses an option: the only one of a choice, the next of an order or a stack. */
  choose(key: string) {
    const question = this.question;
    if (!question || this.grade) return;
    const again = question.kind === 'ORDER' && this.answer.includes(key);
    if (!again) this.answers[this.at] = question.kind === 'CHOICE' ? [key] : [...this.answer, key];
  }

  say(number: string) {
    this.answers[this.at] = [number.trim()];
  }

  back() {
    if (!this.grade) this.answers[this.at] = this.answer.slice(0, -1);
  }

  /** Goes on: to the next question, to what the answer was worth, or to the next drill. */
  async on() {
    if (this.busy) return;
    if (this.grade) return this.next();
    if (!this.drill || !this.ready) return;
    if (this.at < this.drill.questions.length - 1) {
      this.at++;
      return;
    }
    this.busy = true;
    this.wrong = '';
    try {
      const { seed, basis } = this.drill;
      const body = { seed, basis, answers: $state.snapshot(this.answers), sure: this.sure };
      this.grade = await asked(api.POST('/api/drills/answers', { body }));
      this.#look();
    } catch (trouble) {
      this.wrong = refusal(trouble);
    } finally {
      this.busy = false;
    }
  }
}

export const answering = new Answering();
