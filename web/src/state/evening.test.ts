import { describe, expect, it, vi } from 'vitest';
import { evening } from './evening.svelte';

vi.mock('../api/client', () => ({ api: {}, asked: (answer: unknown) => answer, Trouble: Error }));

type Evening = NonNullable<typeof evening.now>;
const planned = (id: string) => Promise.resolve({ id, version: 1, searching: false } as Evening);

describe('an evening that was thrown away', () => {
  it('takes no other with it that was planned meanwhile', async () => {
    await evening.take(planned('old'));
    await evening.take(planned('new'));
    evening.forget('old');
    expect(evening.now?.id).toBe('new');
    evening.forget('new');
    expect(evening.now).toBeUndefined();
  });

  it('is no longer shown before another is planned', async () => {
    await evening.take(planned('old'));
    evening.forget();
    expect(evening.now).toBeUndefined();
  });
});
