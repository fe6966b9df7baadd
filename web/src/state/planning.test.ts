import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Job, SavedJob } from '../api/client';
import { planning } from './planning.svelte';

const job: Job = { name: 'Cards', cards: 4, pieces: [] };

const server = vi.hoisted(() => ({
  kept: undefined as unknown,
  puts: [] as { version: number; job: unknown }[],
  conflict: false,
}));

vi.mock('../api/client', () => {
  class Trouble extends Error {
    status = 409;
  }
  interface Put {
    params: { query: { version: number } };
    body: unknown;
  }
  return {
    api: {
      GET: () => Promise.resolve([server.kept]),
      POST: () => Promise.resolve({ findings: [], lines: [] }),
      PUT: (_: string, { params, body }: Put) => {
        server.puts.push({ version: params.query.version, job: body });
        if (server.conflict) return Promise.reject(new Trouble('changed elsewhere'));
        server.kept = { id: 'job-1', job: body, version: params.query.version + 1 };
        return Promise.resolve(server.kept);
      },
    },
    asked: (answer: Promise<unknown>) => answer,
    Trouble,
  };
});
vi.stubGlobal('window', globalThis);
const puts = () => server.puts as { version: number; job: Job }[];

describe('planning a job', () => {
  beforeEach(async () => {
    server.conflict = false;
    await planning.settle();
    server.kept = { id: 'job-1', job, version: 0 } satisfies SavedJob;
    server.puts = [];
    planning.show(undefined);
    await planning.load();
  });

  it('opens the first job if none is named', () => {
    expect(planning.job?.name).toBe('Cards');
    expect(planning.canUndo).toBe(false);
  });

  it('saves what was changed, with the version it was made on', async () => {
    planning.change({ ...job, cards: 9 });
    await planning.settle();
    planning.change({ ...job, cards: 12 });
    await planning.settle();
    expect(puts().map((p) => p.job.cards)).toEqual([9, 12]);
    expect(puts().map((p) => p.version)).toEqual([0, 1]);
  });

  it('saves nothing where nothing was changed', async () => {
    await planning.settle();
    expect(puts()).toEqual([]);
  });

  it('takes changes back one by one', () => {
    planning.change({ ...job, cards: 9 });
    planning.change({ ...job, cards: 12 });
    planning.undo();
    expect(planning.job?.cards).toBe(9);
    planning.undo();
    expect(planning.job?.cards).toBe(4);
    expect(planning.canUndo).toBe(false);
    planning.undo();
    expect(planning.job?.cards).toBe(4);
  });

  it('changes one piece and leaves the others alone', () => {
    const piece = (name: string) => ({
      name,
      stockId: 's',
      perCard: 1,
      widthMm: 10,
      heightMm: 10,
      operations: [],
    });
    planning.change({ ...job, pieces: [piece('base'), piece('panel')] });
    planning.piece(1, { name: 'window' });
    expect(planning.job?.pieces.map((p) => p.name)).toEqual(['base', 'window']);
  });

  it('does not write over what another tab saved', async () => {
    server.conflict = true;
    planning.change({ ...job, cards: 9 });
    await planning.settle();
    expect(planning.conflict).toBe(true);
    planning.change({ ...job, cards: 10 });
    await planning.settle();
    expect(puts().length).toBe(1);
  });
});
