import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Trouble } from '../api/client';
import { remember, remembered } from './backup';
import { Drafts, type Kept } from './drafts.svelte';

interface Note extends Kept {
  value: { text: string };
}

const store = new Map<string, string>();
vi.stubGlobal('localStorage', {
  getItem: (key: string) => store.get(key) ?? null,
  setItem: (key: string, text: string) => store.set(key, text),
  removeItem: (key: string) => store.delete(key),
});
vi.stubGlobal('window', globalThis);
const closing: (() => void)[] = [];
vi.stubGlobal('addEventListener', (kind: string, done: () => void) => {
  if (kind === 'pagehide') closing.push(done);
});

let server: { note: Note; writes: { text: string; atLast: boolean }[]; away: boolean };

function drafts() {
  return new Drafts<{ text: string }, Note>({
    kind: 'note',
    read: () => Promise.resolve(structuredClone(server.note)),
    write: (kept, value, atLast) => {
      server.writes.push({ text: value.text, atLast });
      if (server.away) return Promise.reject(new Trouble(0, 'away'));
      if (kept.version !== server.note.version) return Promise.reject(new Trouble(409, 'changed'));
      server.note = { ...kept, version: kept.version + 1, value: structuredClone(value) };
      return Promise.resolve(server.note);
    },
    value: (kept) => kept.value,
  });
}

describe('an editor of drafts', () => {
  beforeEach(() => {
    store.clear();
    closing.length = 0;
    server = { note: { id: 'n', version: 4, value: { text: 'old' } }, writes: [], away: false };
  });

  it('says that nothing is saved while the server is away, and saves it once it is back', async () => {
    const page = drafts();
    await page.open('n');
    server.away = true;
    page.change({ text: 'new' });
    await page.settle();
    expect(page.unsaved).toBe(true);
    server.away = false;
    await page.settle();
    expect(page.unsaved).toBe(false);
    expect(server.note).toMatchObject({ version: 5, value: { text: 'new' } });
  });

  it('keeps what was typed right before a reload', async () => {
    const page = drafts();
    await page.open('n');
    page.change({ text: 'at the last moment' });
    expect(remembered('note', 'n')).toMatchObject({ version: 4, value: { text: 'at the last moment' } });
    const again = drafts();
    await again.open('n');
    expect(again.now?.text).toBe('at the last moment');
    await again.settle();
    expect(server.note.value.text).toBe('at the last moment');
    again.undo();
    expect(again.now?.text).toBe('old');
  });

  it('sends what is not saved as the page closes, and does not send it twice', async () => {
    const page = drafts();
    await page.open('n');
    page.change({ text: 'closing' });
    closing.forEach((close) => close());
    expect(server.writes).toEqual([{ text: 'closing', atLast: true }]);
    const again = drafts();
    await again.open('n');
    await again.settle();
    expect(again.now?.text).toBe('closing');
    expect(server.writes).toHaveLength(1);
  });

  it('asks which goes on where another tab saved meanwhile', async () => {
    remember('note', 'n', { version: 2, value: { text: 'mine' } });
    const page = drafts();
    await page.open('n');
    expect(page.conflict).toBe(true);
    await page.takeTheirs();
    expect(page.now?.text).toBe('old');
    page.undo();
    expect(page.now?.text).toBe('mine');
  });

  it('follows what is changed elsewhere, unless something here is not saved yet', async () => {
    const page = drafts();
    await page.open('n');
    server.note = { ...server.note, version: 5, value: { text: 'changed by a reading' } };
    await page.follow();
    expect(page.now?.text).toBe('changed by a reading');
    page.undo();
    expect(page.now?.text).toBe('old');
    await page.settle();
    expect(server.note.value.text).toBe('old');
    page.change({ text: 'typing' });
    server.note = { ...server.note, version: 9, value: { text: 'theirs' } };
    await page.follow();
    expect(page.now?.text).toBe('typing');
    await page.settle();
    expect(page.conflict).toBe(true);
  });

  it('shows the last that was asked for, however the answers come', async () => {
    const page = drafts();
    const first = page.open('a');
    server.note = { ...server.note, id: 'b' };
    await Promise.all([first, page.open('b')]);
    expect(page.kept?.id).toBe('b');
  });
});
