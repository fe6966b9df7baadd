import { expect, test } from 'vitest';
import { words as all } from '../scripts/words.mjs';

/** Summaries of the API are for developers. */
const words = all().filter(({ where }) => !/Controller\.java/.test(where));

const MOST_WORDS = 22;
/** Words that nobody has to translate stand in their place. */
const RETIRED =
  /\b(thr(ow|own) (it |this |“{…}” )?away|take(n)? (one |it |what was sent )?in\b(?! )|as a table|to the calendar|send as a file|give this run up|walk-through|just so|lie true|reckoning|laying (it|the \w+) out…|so far it runs|none is called|it comes back|refuses the stack|lies ready)/i;
/** What a person types, and what is printed at true scale whatever the units are. */
const TYPED =
  /Wording|Quantities|Held\.svelte|MountedForm|Print\.svelte|printAlone|Template|SvgReader|Fitted|HoneyShow/;

const broken = (rule) =>
  words.filter(({ said, where }) => rule(said, where)).map(({ where, said }) => `${where}: ${said}`);

test('the list is as long as what there is to say', () => expect(words.length).toBeGreaterThan(2000));

test('no word is used that was retired', () => expect(broken((said) => RETIRED.test(said))).toEqual([]));

test('no sentence is longer than one breath', () =>
  expect(
    broken((said) => said.split(/(?<=[.!?:;])\s/).some((s) => s.split(/\s+/).length > MOST_WORDS)),
  ).toEqual([]));

test('a sentence ends with one full stop', () =>
  expect(broken((said) => /(^|[^.])\.\.($|[^.])/.test(said))).toEqual([]));

test('quantities are put into the person’s units', () =>
  expect(broken((said, where) => !TYPED.test(where) && /\d ?(mm|°C|g\/m²)\b/.test(said))).toEqual([]));
