import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Draft, Schemas } from '../api/client';
import { editing } from './editing.svelte';

const server = vi.hoisted(() => ({
  puts: [] as { version: number; draft: unknown }[],
  asked: [] as unknown[],
}));
const gel = { coatMm: 0.2, driedSeconds: 86400, humidity: 0.5, sprayed: false };
const draft = { route: 'FLOCK', passes: 2, layers: [], gel } as unknown as Draft;

vi.mock('../api/client', () => {
  class Trouble extends Error {
    status = 409;
  }
  interface Put {
    params: { query: { version: number } };
    body: { draft: unknown };
  }
  return {
    api: {
      GET: () => Promise.resolve({ id: 'setup-1', name: 'Badge', version: 3, draft: structuredClone(draft) }),
      POST: (path: string, { body }: { body: unknown }) => {
        server.asked.push(path, body);
        return Promise.resolve({ findings: [] });
      },
      PUT: (_: string, { params, body }: Put) => {
        server.puts.push({ version: params.query.version, draft: body.draft });
        return Promise.resolve({ id: 'setup-1', name: 'Badge', version: params.query.version + 1, ...body });
      },
    },
    asked: (answer: Promise<unknown>) => answer,
    Trouble,
  };
});
vi.stubGlobal('window', globalThis);

describe('editing a set-up', () => {
  beforeEach(async () => {
    await editing.open('setup-1');
    await editing.settle();
    server.puts.length = 0;
  });

  it('keeps nothing while only looked at', async () => {
    await editing.open('setup-1');
    await editing.settle();
    await editing.settle();
    expect(server.puts).toEqual([]);
  });

  it('keeps a change once, and what is undone again', async () => {
    editing.part({ passes: 3 });
    await editing.settle();
    await editing.settle();
    expect(server.puts).toMatchObject([{ version: 3, draft: { passes: 3 } }]);
    editing.undo();
    await editing.settle();
    expect(server.puts[1]).toMatchObject({ version: 4, draft: { passes: 2 } });
    expect(editing.canRedo).toBe(true);
  });

  it('reckons with the gel that lies on the Bench', async () => {
    const panel = { coatMm: 0.35, humidity: 0.6, driedSeconds: 3600.4 } as Schemas['DryingPanel'];
    editing.gelOf(panel);
    expect(editing.draft?.gel).toEqual({ coatMm: 0.35, humidity: 0.6, driedSeconds: 3600, sprayed: false });
    await editing.settle();
    expect(server.puts).toHaveLength(1);
  });
});
