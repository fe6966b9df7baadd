import type { Shelf } from '../../state/kit.svelte';

/** How the things on each shelf are entered. What is allowed is the server's to say. */
export type Field =
  | {
      key: string;
      label: string;
      kind: 'text' | 'number' | 'flag' | 'colour' | 'film';
      unit?: string;
      part?: string;
    }
  | { key: string; label: string; kind: 'LENGTH' | 'WEIGHT' }
  | { key: string; label: string; kind: 'choice'; options: [string, string][]; part?: string };

export const WORDS: Record<Shelf, { one: string; many: string }> = {
  presses: { one: 'press', many: 'Presses' },
  platforms: { one: 'platform', many: 'Platforms' },
  boards: { one: 'board', many: 'Boards' },
  plates: { one: 'plate', many: 'Plates' },
  stocks: { one: 'stock', many: 'Stock' },
  films: { one: 'foil', many: 'Foils' },
  leftovers: { one: 'leftover', many: 'Leftovers' },
};

const NAME: Field = { key: 'name', label: 'Name', kind: 'text' };
const THICKNESS: Field = { key: 'thicknessMm', label: 'Thickness', kind: 'LENGTH' };
const WIDTH: Field = { key: 'widthMm', label: 'Width', kind: 'LENGTH' };
const HEIGHT: Field = { key: 'heightMm', label: 'Length', kind: 'LENGTH' };
const METALS: [string, string][] = [
  ['BRASS', 'brass, copper, magnesium'],
  ['STEEL', 'steel'],
  ['ALUMINIUM', 'aluminium'],
  ['POLYCARBONATE', 'plastic'],
];

export const FIELDS: Record<Shelf, Field[]> = {
  presses: [
    NAME,
    {
      key: 'kind',
      label: 'Turned by',
      kind: 'choice',
      options: [
        ['CRANK', 'a crank'],
        ['MOTOR', 'a motor'],
      ],
    },
    { key: 'openingMm', label: 'Opening between the rollers', kind: 'LENGTH' },
    { key: 'throatMm', label: 'Throat, widest stack', kind: 'LENGTH' },
    { key: 'rollerRadiusMm', label: 'Roller radius', kind: 'LENGTH' },
    { key: 'stiffnessNPerMm', label: 'Frame stiffness', kind: 'number', unit: 'N/mm' },
    { key: 'maxForceN', label: 'Stalls at', kind: 'number', unit: 'N' },
    { key: 'crown', label: 'Give in the middle, 0.10 steel to 0.20 light', kind: 'number' },
    { key: 'slowMmPerS', label: 'Slow feed', kind: 'number', unit: 'mm/s' },
    { key: 'steadyMmPerS', label: 'Steady feed', kind: 'number', unit: 'mm/s' },
    { key: 'briskMmPerS', label: 'Brisk feed', kind: 'number', unit: 'mm/s' },
  ],
  platforms: [
    NAME,
    THICKNESS,
    WIDTH,
    HEIGHT,
    { key: 'heatCapacityJPerK', label: 'Heat it holds', kind: 'number', unit: 'J/K' },
    { key: 'lossWPerK', label: 'Loses to the room', kind: 'number', unit: 'W/K' },
    { key: 'maxPowerW', label: 'Heater', kind: 'number', unit: 'W' },
    { key: 'offAfterMinutes', label: 'Switches itself off after', kind: 'number', unit: 'minutes' },
  ],
  boards: [
    NAME,
    {
      key: 'kind',
      label: 'What it is for',
      kind: 'choice',
      options: [
        ['SPACER', 'spacer'],
        ['OUTER_PLATE', 'outer plate'],
        ['PLASTIC_SHIM', 'plastic shim'],
        ['METAL_SHIM', 'metal shim'],
        ['MAGNETIC_SHIM', 'magnetic shim'],
        ['CARD_SHIM', 'card or paper shim'],
        ['TISSUE_SHIM', 'tissue shim'],
        ['EMBOSSING_MAT', 'embossing mat'],
        ['EMBOSSING_PLATE', 'embossing plate'],
      ],
    },
    {
      key: 'material',
      label: 'Material',
      kind: 'choice',
      options: [
        ['POLYCARBONATE', 'clear plastic'],
        ['LAMINATE', 'laminate'],
        ['STEEL', 'steel'],
        ['ALUMINIUM', 'aluminium'],
        ['CARD', 'card or paper'],
        ['TISSUE', 'tissue'],
        ['RUBBER', 'rubber'],
      ],
    },
    { ...THICKNESS, label: 'Thickness, by caliper' },
    WIDTH,
    HEIGHT,
    { key: 'owned', label: 'How many', kind: 'number' },
    { key: 'bowMm', label: 'Bow, middle off a flat table', kind: 'LENGTH' },
    { key: 'passes', label: 'Passes so far', kind: 'number' },
    { key: 'lifePasses', label: 'Good for', kind: 'number', unit: 'passes' },
    { key: 'price', label: 'Price, in your money', kind: 'number' },
  ],
  plates: [
    NAME,
    {
      key: 'kind',
      label: 'Kind',
      kind: 'choice',
      options: [
        ['PLATE', 'hot foil plate'],
        ['SOLID_PLATE', 'solid plate'],
        ['THIN_DIE', 'thin die'],
        ['STENCIL', 'stencil'],
      ],
    },
    { key: 'material', label: 'Material', kind: 'choice', options: METALS },
    THICKNESS,
    WIDTH,
    HEIGHT,
    {
      key: 'kind',
      part: 'motif',
      label: 'Design',
      kind: 'choice',
      options: [
        ['WORDS', 'words'],
        ['BEE', 'bee'],
        ['COMB', 'comb'],
        ['ROSETTE', 'rosette'],
        ['BORDER', 'border'],
        ['SOLID', 'solid'],
        ['OUTLINE', 'outline from an SVG file'],
        ['FRAME', 'cutting line, rectangle'],
        ['OVAL', 'cutting line, oval'],
        ['SCALLOP', 'cutting line, scalloped'],
        ['TAG', 'cutting line, tag'],
      ],
    },
    { key: 'text', part: 'motif', label: 'Words, if it has words', kind: 'text' },
    { key: 'set', label: 'Nested set it belongs to', kind: 'text' },
  ],
  stocks: [
    NAME,
    {
      key: 'kind',
      label: 'Kind',
      kind: 'choice',
      options: [
        ['CARD', 'card or paper'],
        ['RIBBON', 'ribbon'],
        ['ACETATE', 'acetate'],
      ],
    },
    {
      key: 'surface',
      label: 'Surface',
      kind: 'choice',
      options: [
        ['COATED', 'smooth coated'],
        ['SMOOTH', 'smooth'],
        ['VELLUM', 'vellum finish'],
        ['TEXTURED', 'textured or watercolour'],
        ['SATIN', 'satin ribbon'],
        ['ACETATE', 'acetate'],
        ['LEATHER', 'leather'],
      ],
    },
    { key: 'gsm', label: 'Weight', kind: 'WEIGHT' },
    { ...THICKNESS, label: 'Thickness, by caliper' },
    WIDTH,
    HEIGHT,
    { key: 'left', label: 'Sheets left', kind: 'number' },
    { key: 'price', label: 'Price of a sheet, in your money', kind: 'number' },
    { key: 'colour', label: 'Colour', kind: 'colour' },
    { key: 'heatProof', label: 'Rated for heat', kind: 'flag' },
    { key: 'protectiveFilm', label: 'Has a protective film', kind: 'flag' },
  ],
  films: [
    NAME,
    THICKNESS,
    { ...WIDTH, label: 'Width of the sheet or roll' },
    { ...HEIGHT, label: 'Length when new' },
    { key: 'leftCm2', label: 'Unspent area left', kind: 'number', unit: 'cm²' },
    { key: 'price', label: 'Price when new, in your money', kind: 'number' },
    { key: 'colour', label: 'Colour', kind: 'colour' },
  ],
  leftovers: [NAME, { key: 'filmId', label: 'Of which film', kind: 'film' }, WIDTH, HEIGHT],
};

/** What a new thing starts from. */
export const STARTS: Record<Shelf, Record<string, unknown>> = {
  presses: {
    kind: 'CRANK',
    openingMm: 14,
    stiffnessNPerMm: 2200,
    rollerRadiusMm: 15,
    throatMm: 155,
    maxForceN: 2600,
    crown: 0.1,
    slowMmPerS: 4,
    steadyMmPerS: 8,
    briskMmPerS: 14,
  },
  platforms: {
    thicknessMm: 9,
    widthMm: 150,
    heightMm: 210,
    heatCapacityJPerK: 900,
    lossWPerK: 0.6,
    maxPowerW: 150,
    offAfterMinutes: 25,
    levels: [{ name: 'low', celsius: 112 }],
  },
  boards: {
    kind: 'PLASTIC_SHIM',
    material: 'POLYCARBONATE',
    thicknessMm: 0.5,
    widthMm: 150,
    heightMm: 210,
    owned: 1,
    bowMm: 0,
    passes: 0,
    lifePasses: 500,
    price: 0,
    turns: 0,
  },
  plates: {
    kind: 'PLATE',
    material: 'BRASS',
    thicknessMm: 1.6,
    widthMm: 60,
    heightMm: 30,
    motif: { kind: 'WORDS', text: '', outline: '' },
    set: '',
  },
  stocks: {
    kind: 'CARD',
    surface: 'SMOOTH',
    thicknessMm: 0.34,
    gsm: 300,
    widthMm: 108,
    heightMm: 140,
    left: 20,
    price: 0,
    heatProof: true,
    protectiveFilm: false,
    colour: '#f6efdd',
  },
  films: {
    bonding: 'HOT_FOIL',
    thicknessMm: 0.012,
    widthMm: 100,
    heightMm: 5000,
    leftCm2: 5000,
    price: 0,
    colour: '#b8683a',
  },
  leftovers: { filmId: '', widthMm: 100, heightMm: 80, outline: '', spent: [] },
};
