import type { Operation } from '../../api/client';

/** The craft's words for what is done to a piece, in the order in which it is usually done. */
export const OPERATIONS: [Operation['kind'], string][] = [
  ['INK', 'ink or paint'],
  ['DRY', 'dry the ink'],
  ['TAPE', 'tape on'],
  ['FILM_OFF_FRONT', 'protective film off the foil side'],
  ['HOT_FOIL', 'hot foil'],
  ['TONER_FOIL', 'toner foil'],
  ['GEL', 'gel through a stencil'],
  ['GEL_DRY', 'let the gel dry'],
  ['GEL_FOIL', 'foil the gel'],
  ['FLOCK', 'flock the gel'],
  ['REACTIVE_FOIL', 'reactive ink and foil'],
  ['FILM_OFF_BACK', 'protective film off the back'],
  ['TAPE_OFF', 'tape off'],
  ['EMBOSS', 'emboss'],
  ['CUT', 'die-cut'],
  ['TRIM', 'trim'],
  ['ASSEMBLE', 'assemble'],
];

export const word = (kind: Operation['kind']) => OPERATIONS.find(([k]) => k === kind)?.[1] ?? kind;
