import { describe, expect, it } from 'vitest';
import { OPERATIONS, word } from './words';

describe('operations', () => {
  it('have the craft’s own words', () => {
    expect(word('HOT_FOIL')).toBe('hot foil');
    expect(word('GEL_DRY')).toBe('let the gel dry');
  });

  it('stand once each, in the order in which they are usually done', () => {
    const kinds = OPERATIONS.map(([kind]) => kind);
    expect(new Set(kinds).size).toBe(kinds.length);
    expect(kinds.indexOf('INK')).toBeLessThan(kinds.indexOf('HOT_FOIL'));
    expect(kinds.indexOf('HOT_FOIL')).toBeLessThan(kinds.indexOf('CUT'));
    expect(kinds.at(-1)).toBe('ASSEMBLE');
  });
});
