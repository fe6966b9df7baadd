import { api, asked, type Schemas } from '../api/client';

type Words = Schemas['Vocabulary'];

/** The craft's words, ranges and orders, as the server knows them; loaded before any place is shown. */
class Vocabulary {
  #words = $state<Words>();

  async load() {
    this.#words = await asked(api.GET('/api/vocabulary'));
  }

  get now(): Words {
    if (!this.#words) throw new Error('The vocabulary is not loaded yet');
    return this.#words;
  }

  /** Words of the craft and what they mean; none until they are loaded. */
  get terms() {
    return this.#words?.glossary ?? [];
  }

  term(word: string) {
    return this.terms.find((t) => t.word === word);
  }

  /** What a way of peeling is called. */
  peel({ cooling, seconds }: Schemas['Draft']['peel']): string {
    const usual = this.now.peels.find((p) => p.peel.cooling === cooling && p.peel.seconds === seconds);
    return usual?.name ?? `after ${seconds} s`;
  }

  form(shelf: string) {
    const form = this.now.forms.find((f) => f.shelf === shelf);
    if (!form) throw new Error(`There is no form for ${shelf}`);
    return form;
  }

  /** What a kind of thing is called. */
  kind(shelf: string, kind: string): string {
    const field = this.form(shelf).fields.find((f) => f.key === 'kind' && f.part === '');
    return field?.options.find((o) => o.key === kind)?.label ?? kind;
  }
}

export const vocabulary = new Vocabulary();
