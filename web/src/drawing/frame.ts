/** Places on paper: from mm, y upwards, to the pixels of a drawing, y downwards. */
export interface Frame {
  /** Pixels to the millimetre. */
  scale: number;
  /** Where the origin lies, px. */
  x: number;
  y: number;
}

export const px = (f: Frame, mm: number) => f.x + mm * f.scale;
export const py = (f: Frame, mm: number) => f.y - mm * f.scale;

/** The group that lets mm with y upwards be drawn as they are. */
export const upright = (f: Frame) => `translate(${f.x} ${f.y}) scale(${f.scale} ${-f.scale})`;

export const matrix = (m: number[]) => `matrix(${m.join(' ')})`;

/** Where a point comes to by an SVG matrix. */
export function through(m: number[], x: number, y: number): [number, number] {
  const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0] = m;
  return [a * x + c * y + e, b * x + d * y + f];
}

export interface Box {
  left: number;
  bottom: number;
  right: number;
  top: number;
}

/** The box of a box's corners, by a matrix of quarter turns and mirrors. */
export function boxThrough(m: number[], box: Box): Box {
  const [x1, y1] = through(m, box.left, box.bottom);
  const [x2, y2] = through(m, box.right, box.top);
  return {
    left: Math.min(x1, x2),
    right: Math.max(x1, x2),
    bottom: Math.min(y1, y2),
    top: Math.max(y1, y2),
  };
}
