import { describe, expect, it } from 'vitest';
import { marks, reasons, sentence, type Twenty } from './twenty';

const twenty: Twenty = {
  under: 2,
  clean: 14,
  over: 1,
  refused: 3,
  reasons: [
    { label: "the press won't take it", side: 'REFUSED', pulls: 3 },
    { label: 'part of it is missing', side: 'UNDER', pulls: 2 },
    { label: 'too much shows', side: 'OVER', pulls: 1 },
  ],
};

describe('twenty pulls', () => {
  it('are one account: sentence, marks and reasons count the same', () => {
    expect(marks(twenty)).toHaveLength(20);
    expect(marks(twenty).filter((m) => m === 'REFUSED')).toHaveLength(3);
    expect(sentence(twenty)).toBe("14 of 20 should come out clean, 1 over, 2 under, the press won't take 3");
    expect(reasons(twenty)).toBe(
      "In 3 of 20 the press won't take it; in 2 of 20 part of it is missing; in 1 of 20 too much shows",
    );
  });

  it('say nothing of what does not happen', () => {
    expect(sentence({ under: 0, clean: 20, over: 0, refused: 0, reasons: [] })).toBe(
      '20 of 20 should come out clean',
    );
  });
});
