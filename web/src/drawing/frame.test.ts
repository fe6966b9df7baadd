import { describe, expect, it } from 'vitest';
import { boxThrough, matrix, px, py, through, upright, type Frame } from './frame';

const frame: Frame = { scale: 2, x: 10, y: 100 };

describe('a frame', () => {
  it('puts millimetres where they belong, y upwards', () => {
    expect(px(frame, 5)).toBe(20);
    expect(py(frame, 5)).toBe(90);
    expect(upright(frame)).toBe('translate(10 100) scale(2 -2)');
  });

  it('writes a matrix as SVG reads it', () => {
    expect(matrix([1, 0, 0, 1, 3, 4])).toBe('matrix(1 0 0 1 3 4)');
  });

  it('takes points through a matrix', () => {
    expect(through([1, 0, 0, 1, 3, 4], 1, 1)).toEqual([4, 5]);
    expect(through([0, 1, -1, 0, 0, 0], 2, 0)).toEqual([0, 2]);
    expect(through([], 7, 8)).toEqual([7, 8]);
  });

  it('keeps a box a box when it is mirrored or turned', () => {
    const box = { left: 1, right: 4, bottom: 2, top: 8 };
    expect(boxThrough([-1, 0, 0, 1, 0, 0], box)).toEqual({ left: -4, right: -1, bottom: 2, top: 8 });
    expect(boxThrough([0, 1, -1, 0, 0, 0], box)).toEqual({ left: -8, right: -2, bottom: 1, top: 4 });
  });

  it('mirrors twice to where it was', () => {
    const mirror = [-1, 0, 0, 1, 50, 0];
    const [x, y] = through(mirror, 12, 7);
    expect(through(mirror, x, y)).toEqual([12, 7]);
  });
});
