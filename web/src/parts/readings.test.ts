import { describe, expect, it } from 'vitest';
import { plainNumber } from './format';
import { Readings } from './readings';

describe('keeping a form', () => {
  it('waits for a reading that is under way', async () => {
    const form = new Readings();
    let read = 0;
    form.add(async () => {
      await Promise.resolve();
      read = 0.45;
      return true;
    });
    expect(await form.settled()).toBe(true);
    expect(read).toBe(0.45);
  });

  it('is refused while anything in it is unread, and not once that field is gone', async () => {
    const form = new Readings();
    const leave = form.add(() => Promise.resolve(false));
    form.add(() => Promise.resolve(true));
    expect(await form.settled()).toBe(false);
    leave();
    expect(await form.settled()).toBe(true);
  });
});

describe('plain numbers', () => {
  it('are read as people write them, and nothing else is', () => {
    expect(['12', ' 0,5 ', '.25', '-3'].map(plainNumber)).toEqual([12, 0.5, 0.25, -3]);
    expect(['', 'twelve', '1e3', '1.2.3', '0x10'].map(plainNumber)).toEqual(Array(5).fill(undefined));
  });
});
