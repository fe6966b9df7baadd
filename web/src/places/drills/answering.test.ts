import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answering, KEYS } from './answering.svelte';

interface Sent {
  seed: number;
  basis: number;
  answers: string[][];
  sure: boolean;
}

const option = (key: string) => ({ key, label: `option ${key}` });
const choice = { kind: 'CHOICE', asks: 'Which?', options: ['a', 'b', 'c'].map(option) };
const order = { kind: 'ORDER', asks: 'In which order?', options: ['a', 'b', 'c'].map(option) };
const number = { kind: 'NUMBER', asks: 'How many?', options: [] };
const stack = { kind: 'STACK', asks: 'Lay it', options: ['plate', 'shim'].map(option) };

const server = vi.hoisted(() => ({
  questions: [] as unknown[],
  sent: [] as Sent[],
  refuses: false,
  given: 0,
}));

vi.mock('../../api/client', () => ({
  api: {
    GET: (path: string) =>
      Promise.resolve(
        path.endsWith('/next')
          ? { seed: 7 + server.given++, basis: 3, questions: server.questions, pictures: 0 }
          : { met: 1, topics: 53 },
      ),
    POST: (_: string, { body }: { body: Sent }) => {
      server.sent.push(body);
      return server.refuses
        ? Promise.reject(new Error('made of other things now'))
        : Promise.resolve({ right: true });
    },
  },
  asked: (answer: Promise<unknown>) => answer,
  refusal: (trouble: Error) => trouble.message,
}));
vi.mock('../../state/messages.svelte', () => ({ tell: vi.fn() }));

async function put(...questions: unknown[]) {
  server.questions = questions;
  await answering.next();
}

describe('answering a drill', () => {
  beforeEach(() => {
    server.sent = [];
    server.refuses = false;
  });

  it('has a key for every option and none for saying that one is sure', () => {
    expect(new Set(KEYS).size).toBe(KEYS.length);
    expect(KEYS).not.toContain('s');
  });

  it('takes one option of a choice, the last that was chosen', async () => {
    await put(choice);
    expect(answering.ready).toBe(false);
    answering.choose('a');
    answering.choose('c');
    expect(answering.answer).toEqual(['c']);
    expect(answering.ready).toBe(true);
  });

  it('takes each of an order once, and the last back', async () => {
    await put(order);
    for (const key of ['b', 'a', 'b']) answering.choose(key);
    expect(answering.answer).toEqual(['b', 'a']);
    expect(answering.ready).toBe(false);
    answering.choose('c');
    expect(answering.ready).toBe(true);
    answering.back();
    expect(answering.answer).toEqual(['b', 'a']);
  });

  it('takes a layer of a stack as often as it is wanted', async () => {
    await put(stack);
    for (const key of ['plate', 'shim', 'shim']) answering.choose(key);
    expect(answering.answer).toEqual(['plate', 'shim', 'shim']);
  });

  it('takes a number from 0 to 20', async () => {
    await put(number);
    for (const [said, ready] of [
      ['', false],
      ['21', false],
      ['-1', false],
      ['x', false],
      ['0', true],
      [' 20 ', true],
      ['7', true],
    ] as const) {
      answering.say(said);
      expect(answering.ready, `“${said}”`).toBe(ready);
    }
  });

  it('goes on question by question, then sends all answers with what they are to', async () => {
    await put(choice, number);
    await answering.on();
    expect(answering.at).toBe(0);
    answering.choose('b');
    await answering.on();
    expect(answering.at).toBe(1);
    answering.say('12');
    answering.sure = true;
    const { seed } = answering.drill ?? { seed: 0 };
    await answering.on();
    expect(server.sent).toEqual([{ seed, basis: 3, answers: [['b'], ['12']], sure: true }]);
    expect(answering.grade).toEqual({ right: true });
  });

  it('changes nothing once it is graded, and Enter brings the next one afresh', async () => {
    await put(choice);
    answering.choose('a');
    answering.sure = true;
    await answering.on();
    answering.choose('b');
    answering.back();
    expect(answering.answers).toEqual([['a']]);
    const before = answering.drill?.seed;
    await answering.on();
    expect(answering.drill?.seed).not.toBe(before);
    expect(answering.grade).toBeUndefined();
    expect(answering.sure).toBe(false);
    expect(answering.answers).toEqual([[]]);
  });

  it('keeps the answers when they are refused, and says why', async () => {
    await put(choice);
    answering.choose('a');
    server.refuses = true;
    await answering.on();
    expect(answering.wrong).toBe('made of other things now');
    expect(answering.answer).toEqual(['a']);
    server.refuses = false;
    await answering.on();
    expect(answering.wrong).toBe('');
    expect(server.sent).toHaveLength(2);
  });
});
