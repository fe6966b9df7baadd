import type { Board, Draft, Film, Plate, Stock } from '../api/client';
import { vocabulary } from '../state/vocabulary.svelte';

export type LayerKind = Draft['layers'][number]['kind'];
export type Item = { id: string; name: string; thicknessMm: number };

/** Each material has its own hatch, as in workshop drawings. */
export function hatch(kind: LayerKind, item: Item | undefined): string {
  if (kind === 'PLATFORM') return 'metal';
  if (kind === 'PLATE') return toolHatch(item as Plate | undefined);
  if (kind === 'FILM') return 'foil';
  if (kind === 'STOCK') return 'stock';
  const board = item as Board | undefined;
  switch (board?.material) {
    case 'STEEL':
    case 'ALUMINIUM':
    case 'BRASS':
      return 'metal';
    case 'POLYCARBONATE':
    case 'ACETATE':
      return 'clear';
    case 'LAMINATE':
      return 'laminate';
    case 'RUBBER':
      return 'rubber';
    default:
      return 'card';
  }
}

/** What fills it: foil and stock have their own colour, everything else that of its material. */
export function fillOf(kind: LayerKind, item: Item | undefined): string {
  return colour(kind, item) ?? `var(--fill-${hatch(kind, item)})`;
}

function toolHatch(tool: Plate | undefined): string {
  if (tool?.material === 'STEEL' || tool?.material === 'ALUMINIUM') return 'metal';
  return tool?.material === 'POLYCARBONATE' || tool?.material === 'POLYPROPYLENE' ? 'clear' : 'brass';
}

/** How a tool's face is drawn. */
export type Face = 'design' | 'edge' | 'folder' | 'open' | 'none';
export function toolFace(tool: Plate | undefined): Face {
  switch (tool?.kind) {
    case 'THIN_DIE':
    case 'THICK_DIE':
    case 'STEEL_RULE':
      return 'edge';
    case 'FLAT_FOLDER':
    case 'DEEP_FOLDER':
    case 'CUTTING_FOLDER':
      return 'folder';
    case 'STENCIL':
      return 'open';
    default:
      return 'design';
  }
}

/** What stands under a layer's name. */
export function subtitle(kind: LayerKind, item: Item | undefined, print: (gsm: number) => string): string {
  if (!item) return 'not in your kit';
  if (kind === 'PLATE') return vocabulary.kind('plates', (item as Plate).kind);
  if (kind === 'FILM') return (item as Film).kind === 'FLOCK' ? 'flock' : 'foil';
  if (kind === 'STOCK')
    return (item as Stock).gsm > 0
      ? print((item as Stock).gsm)
      : vocabulary.kind('stocks', (item as Stock).kind);
  return kind === 'BOARD' ? vocabulary.kind('boards', (item as Board).kind) : '';
}

/** Which way a layer's telling face looks, in words; nothing for what has the same face on both sides. */
export function facing(kind: LayerKind, up: boolean, item?: Item, gel = false): string {
  const way = up ? 'up' : 'down';
  if (kind === 'PLATE') {
    const face = toolFace(item as Plate | undefined);
    return face === 'design' || face === 'edge' ? `${face} ${way}` : '';
  }
  if (kind === 'FILM')
    return `${(item as Film | undefined)?.kind === 'FLOCK' ? 'fuzzy face' : 'colour'} ${way}`;
  if (kind === 'STOCK')
    return `${gel ? 'gel' : toner(item as Stock | undefined) ? 'toner' : 'good side'} ${way}`;
  return '';
}

const toner = (stock: Stock | undefined) =>
  stock?.kind === 'TONER_SHEET' || stock?.kind === 'TONER_ADHESIVE' || stock?.kind === 'LASER_PRINT';

export function colour(kind: LayerKind, item: Item | undefined): string | undefined {
  return kind === 'FILM' || kind === 'STOCK' ? (item as Film | Stock | undefined)?.colour : undefined;
}

export interface Band {
  top: number;
  height: number;
  label: number;
}

const THINNEST = 9;
const PER_ROOT_MM = 26;
const LABEL_GAP = 36;

/** Where the layers lie, each as tall as its label at least. */
interface Strata {
  bands: Band[];
  height: number;
}

/**
 * Where bands go, top to bottom. Heights follow the root of the thickness, so that a film can be seen beside a platform;
 * none is less than its label, which lies level with it: the drawing grows with its layers.
 */
export function strata(thicknessesTopDown: number[], room: number): Strata {
  const natural = thicknessesTopDown.map((t) => THINNEST + PER_ROOT_MM * Math.sqrt(t));
  const sum = natural.reduce((a, b) => a + b, 0);
  const scale = Math.min(1.25, Math.max(0.6, room / Math.max(1, sum)));
  const bands: Band[] = [];
  let top = 0;
  for (const h of natural) {
    const height = Math.max(LABEL_GAP, h * scale);
    bands.push({ top, height, label: top + height / 2 });
    top += height;
  }
  return { bands, height: top };
}
