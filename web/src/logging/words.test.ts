import { describe, expect, it } from 'vitest';
import type { RouteView } from '../api/client';
import { outcomeWords } from './words';

describe('outcome words', () => {
  it('speak of foil where no route is known', () => {
    expect(outcomeWords(undefined)).toMatchObject({ UNDER: 'under', OVER: 'over', share: 'coverage' });
  });

  it('speak of the blade where it cuts', () => {
    const route = { mechanism: 'CUT', tooLittle: 'not through', tooMuch: 'into the plate' } as RouteView;
    expect(outcomeWords(route)).toMatchObject({
      UNDER: 'not through',
      BOTH: 'not through and into the plate',
      share: 'cut through',
    });
  });
});
