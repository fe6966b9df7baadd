/** A sheet on the table seen slantwise: from mm of the sheet to pixels, and back. */
export interface Slant {
  /** Pixels to the millimetre. */
  scale: number;
  /** What a millimetre to the right is, px. */
  across: [number, number];
  /** What a millimetre upwards on the sheet is, px. */
  along: [number, number];
  /** How far the sheet reaches to the left of its lower left corner, px. */
  left: number;
  height: number;
  back: (dx: number, dy: number) => [number, number];
}

const ACROSS = [0.97, -0.25] as const;
const ALONG = [-0.4, -0.42] as const;
const LARGEST = 2.6;

export function slanted(widthMm: number, heightMm: number, roomPx: number): Slant {
  const wide = ACROSS[0] * widthMm - ALONG[0] * heightMm;
  const scale = Math.max(0.4, Math.min(LARGEST, roomPx / wide, 420 / (0.25 * widthMm + 0.42 * heightMm)));
  const across: [number, number] = [ACROSS[0] * scale, ACROSS[1] * scale];
  const along: [number, number] = [ALONG[0] * scale, ALONG[1] * scale];
  const area = across[0] * along[1] - along[0] * across[1];
  return {
    scale,
    across,
    along,
    left: -along[0] * heightMm,
    height: -across[1] * widthMm - along[1] * heightMm,
    back: (dx, dy) => [(dx * along[1] - dy * along[0]) / area, (across[0] * dy - across[1] * dx) / area],
  };
}

/** Labels beside places, in the order of the places, from the lowest up, none nearer to the one below than a gap. */
export function spread<P extends { x: number; y: number }>(
  places: P[],
  gap: number,
): (P & { label: number })[] {
  let last = Infinity;
  const labels = new Map<P, number>();
  for (const place of [...places].sort((a, b) => b.y - a.y)) {
    last = Math.min(place.y, last - gap);
    labels.set(place, last);
  }
  return places.map((place) => ({ ...place, label: labels.get(place) ?? place.y }));
}
