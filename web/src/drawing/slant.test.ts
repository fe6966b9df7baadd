import { describe, expect, it } from 'vitest';
import { slanted, spread } from './slant';

describe('a sheet seen slantwise', () => {
  it('leads back to where a pointer is on it', () => {
    const s = slanted(148, 105, 500);
    const dx = s.across[0] * 7 + s.along[0] * -3;
    const dy = s.across[1] * 7 + s.along[1] * -3;
    const [right, up] = s.back(dx, dy);
    expect(right).toBeCloseTo(7);
    expect(up).toBeCloseTo(-3);
  });

  it('fits its room however wide the card is', () => {
    for (const [w, h] of [
      [148, 105],
      [30, 400],
      [400, 30],
    ] as const) {
      const s = slanted(w, h, 500);
      expect(s.left + s.across[0] * w).toBeLessThanOrEqual(501);
      expect(s.height).toBeLessThan(460);
    }
  });

  it('keeps labels apart, each as near to its place as may be', () => {
    const labels = spread(
      [
        { x: 0, y: 100 },
        { x: 0, y: 95 },
        { x: 0, y: 10 },
      ],
      40,
    );
    expect(labels.map((l) => l.label)).toEqual([100, 60, 10]);
  });
});
