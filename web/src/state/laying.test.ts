import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Draft, LayoutView } from '../api/client';
import { editing } from './editing.svelte';
import { laying } from './laying.svelte';

interface Body {
  draft: Draft;
  steps: { kind: string; rightMm?: number; upMm?: number; keys: string[] }[];
}

/** A server that answers when it is told to, with the layout moved by what it was asked. */
const server = vi.hoisted(() => ({ asked: [] as { body: unknown; answer: (view: unknown) => void }[] }));

vi.mock('../api/client', () => ({
  api: {
    POST: (path: string, { body }: { body: unknown }) =>
      path === '/api/layouts'
        ? new Promise((answer) => server.asked.push({ body, answer }))
        : Promise.resolve(undefined),
    GET: () => Promise.resolve({ path: 'M0 0L1 0L1 1Z' }),
  },
  asked: (answer: Promise<unknown>) => answer,
  Trouble: class extends Error {},
}));

function view(body: Body): LayoutView {
  return {
    layout: { ...(body.draft.layout ?? {}), moved: body.steps },
    toPlatform: [-1, 0, 0, 1, 0, 0],
    plates: [
      { key: 'first', plateId: 'first' },
      { key: 'bee', plateId: 'bee' },
    ],
    cuts: [],
    measures: [],
    findings: [],
    guides: [],
  } as unknown as LayoutView;
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 5));

async function answerNext() {
  await settle();
  const next = server.asked.shift();
  const body = next?.body as Body;
  next?.answer(view(body));
  await settle();
  return body;
}

describe('laying out by hand', () => {
  beforeEach(() => {
    server.asked.length = 0;
    vi.restoreAllMocks();
    editing.now = { layers: [], layout: { plates: [] } } as unknown as Draft;
    vi.spyOn(editing, 'part').mockImplementation((part) => {
      editing.now = { ...editing.now, ...part } as Draft;
    });
    laying.chosen = ['first'];
    laying.moving = false;
  });

  it('does one thing after another, however fast they are asked', async () => {
    const first = laying.do({ kind: 'MOVE', rightMm: 1 });
    const second = laying.do({ kind: 'MOVE', rightMm: 2 });
    await settle();
    expect(server.asked.length).toBe(1);
    await answerNext();
    await answerNext();
    await Promise.all([first, second]);
    expect(editing.part).toHaveBeenCalledTimes(2);
  });

  it('asks for the newest place only while an answer is on its way', async () => {
    laying.view = view({ draft: editing.draft as Draft, steps: [] });
    laying.grab();
    laying.dragTo(1, 0, 'PIECE', 0);
    laying.dragTo(2, 0, 'PIECE', 0);
    laying.dragTo(3, 0, 'PIECE', 0);
    const first = await answerNext();
    const second = await answerNext();
    expect(first.steps[0]?.rightMm).toBe(1);
    expect(second.steps[0]?.rightMm).toBe(3);
    expect(server.asked.length).toBe(0);
    laying.drop();
  });

  it('draws what is moved ahead of the answer, and no longer once it has come', async () => {
    laying.view = view({ draft: editing.draft as Draft, steps: [] });
    laying.grab();
    laying.dragTo(4, 2, 'PIECE', 0);
    expect(laying.ahead).toEqual({ x: 4, y: 2 });
    await answerNext();
    expect(laying.ahead).toEqual({ x: 0, y: 0 });
    laying.drop();
  });

  it('knows that right on the platform is left on the piece', async () => {
    laying.view = view({ draft: editing.draft as Draft, steps: [] });
    laying.grab();
    laying.dragTo(4, 2, 'PLATFORM', 0);
    expect(laying.ahead).toEqual({ x: -4, y: 2 });
    await answerNext();
    laying.drop();
  });

  it('keeps a drag as one step', async () => {
    laying.view = view({ draft: editing.draft as Draft, steps: [] });
    laying.grab();
    for (let i = 1; i < 5; i++) {
      laying.dragTo(i, 0, 'PIECE', 0);
      await answerNext();
    }
    expect(editing.part).not.toHaveBeenCalled();
    laying.drop();
    expect(editing.part).toHaveBeenCalledTimes(1);
  });

  it('chooses one, or several with Shift', () => {
    laying.choose('bee', false);
    expect(laying.chosen).toEqual(['bee']);
    laying.choose('first', true);
    expect(laying.chosen).toEqual(['bee', 'first']);
    laying.choose('bee', true);
    expect(laying.chosen).toEqual(['first']);
  });

  it('shows the newest, though its answer comes first', async () => {
    const old = { layers: [], layout: { plates: [] }, passes: 1 } as unknown as Draft;
    const first = laying.show(old);
    const second = laying.show(editing.draft as Draft);
    await settle();
    const [late, early] = server.asked.splice(0);
    early?.answer({ ...view(early.body as Body), guides: ['new'] });
    late?.answer({ ...view(late.body as Body), guides: ['old'] });
    await Promise.all([first, second]);
    expect(laying.view?.guides).toEqual(['new']);
  });

  it('does not work a draft out while a hand is on it', async () => {
    laying.grab();
    await laying.show(editing.draft as Draft);
    expect(server.asked.length).toBe(0);
    laying.drop();
  });
});
