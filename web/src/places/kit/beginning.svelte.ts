import { api, asked, type Schemas } from '../../api/client';
import { Question } from '../../asking/question.svelte';
import { kinds, type Kind } from '../../state/kinds.svelte';
import { kit } from '../../state/kit.svelte';

/** What a person chooses to begin with; its first pull is forecast anew with every change. */
export class Beginning {
  chosen = $state<string[]>([]);
  words = $state('');
  plate = $state.raw<Schemas['Plate']>();
  asking = new Question<Schemas['Begun']>();
  /** Left out on purpose: it does not come back with the next machine. */
  #refused: string[] = [];

  async load() {
    await kinds.load();
    // On shelves that are not empty, nothing is put a second time that was not asked for.
    if (kit.empty) this.#kinds.filter((k) => k.usual).forEach((kind) => this.#choose(kind));
  }

  get groups() {
    return kinds.groups;
  }

  get #kinds(): Kind[] {
    return kinds.all;
  }

  /** What the plate of words says: what was typed, or what such a plate usually does. */
  get says() {
    return (
      this.words || (this.#kinds.find((k) => k.id === 'plate-words')?.things.plates[0]?.motif.text ?? '')
    );
  }

  has(id: string) {
    return this.chosen.includes(id);
  }

  toggle(kind: Kind) {
    if (this.has(kind.id)) {
      this.#refused.push(kind.id);
      const others = this.#kinds.filter((k) => this.has(k.id) && k.id !== kind.id);
      const kept = others.flatMap((k) => k.brings);
      const gone = [kind.id, ...kind.brings.filter((b) => !kept.includes(b))];
      this.chosen = this.chosen.filter((id) => !gone.includes(id));
    } else {
      this.#refused = this.#refused.filter((id) => id !== kind.id);
      this.#choose(kind);
    }
  }

  /** With what usually comes with it. */
  #choose(kind: Kind) {
    const more = [kind.id, ...kind.brings.filter((b) => !this.#refused.includes(b))];
    this.chosen = [...this.chosen, ...more.filter((id) => !this.has(id))];
  }

  get body(): Schemas['Chosen'] {
    return { kinds: $state.snapshot(this.chosen), words: this.words || undefined, plate: this.plate };
  }

  async preview() {
    const body = this.body;
    await this.asking.ask((signal) => asked(api.POST('/api/beginnings', { body, signal })));
  }

  async keep() {
    return asked(api.POST('/api/beginnings', { body: this.body, params: { query: { keep: true } } }));
  }
}
