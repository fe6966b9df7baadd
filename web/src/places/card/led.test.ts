import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepLed, ledSoFar } from './led';

const kept = new Map<string, string>();

describe('leading the hands', () => {
  beforeEach(() => {
    kept.clear();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    });
  });

  it('goes on where it stopped, each job for itself', () => {
    keepLed('job-1', { at: 3, card: 2, until: 99 });
    keepLed('job-2', { at: 0, card: 1 });
    expect(ledSoFar('job-1')).toEqual({ at: 3, card: 2, until: 99 });
    expect(ledSoFar('job-2')?.card).toBe(1);
  });

  it('begins anew once all is done', () => {
    keepLed('job-1', { at: 3, card: 2 });
    keepLed('job-1', undefined);
    expect(ledSoFar('job-1')).toBeUndefined();
  });

  it('takes nothing it cannot read', () => {
    kept.set('glanzen-led-job-1', '{"at": "three"}');
    expect(ledSoFar('job-1')).toBeUndefined();
    kept.set('glanzen-led-job-1', '{');
    expect(ledSoFar('job-1')).toBeUndefined();
  });

  it('leads all the same where nothing can be kept', () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('private');
      },
      setItem: () => {
        throw new Error('full');
      },
    });
    expect(() => keepLed('job-1', { at: 1, card: 1 })).not.toThrow();
    expect(ledSoFar('job-1')).toBeUndefined();
  });
});
