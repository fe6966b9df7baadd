import { describe, expect, it, vi } from 'vitest';
import { vocabulary } from '../state/vocabulary.svelte';
import { colour, facing, hatch, strata, subtitle, type Item } from './materials';

const thing = (more: object) => ({ id: 'x', name: 'X', thicknessMm: 1, ...more }) as unknown as Item;

describe('where bands and labels go', () => {
  const thicknesses = [3, 0.5, 0.34, 0.012, 1.6, 9];

  it('keeps bands touching, in order, thick ones taller', () => {
    const { bands, height } = strata(thicknesses, 400);
    for (let i = 1; i < bands.length; i++) {
      const [before, band] = [bands[i - 1]!, bands[i]!];
      expect(band.top).toBeCloseTo(before.top + before.height);
    }
    expect(bands.at(-1)!.top + bands.at(-1)!.height).toBeCloseTo(height);
    expect(bands[5]!.height).toBeGreaterThan(bands[4]!.height);
    expect(bands[3]!.height).toBeGreaterThanOrEqual(8);
  });

  it('grows with its layers, each label level with its band', () => {
    for (const room of [200, 330, 500]) {
      const { bands, height } = strata([...thicknesses, 0.1, 0.1, 0.1], room);
      for (const band of bands) expect(band.label).toBeCloseTo(band.top + band.height / 2);
      for (let i = 1; i < bands.length; i++) {
        expect(bands[i]!.label - bands[i - 1]!.label).toBeGreaterThanOrEqual(35.9);
      }
      expect(height).toBeGreaterThanOrEqual(36 * bands.length);
    }
  });

  it('fills the room it has and no more than is pleasant', () => {
    expect(strata(thicknesses, 400).height).toBeLessThanOrEqual(401);
    expect(strata([1], 4000).height).toBeLessThan(60);
  });
});

describe('how things look', () => {
  it('gives each material its hatch', () => {
    expect(hatch('PLATE', thing({}))).toBe('brass');
    expect(hatch('BOARD', thing({ material: 'STEEL' }))).toBe('metal');
    expect(hatch('BOARD', thing({ material: 'POLYCARBONATE' }))).toBe('clear');
    expect(hatch('BOARD', thing({ material: 'TISSUE' }))).toBe('card');
    expect(hatch('BOARD', undefined)).toBe('card');
  });
  it('names faces in words', () => {
    expect(facing('FILM', false)).toBe('colour down');
    expect(facing('PLATE', true)).toBe('design up');
    expect(facing('BOARD', true)).toBe('');
  });
  it('colours only foil and stock', () => {
    expect(colour('FILM', thing({ colour: '#b8683a' }))).toBe('#b8683a');
    expect(colour('BOARD', thing({ colour: '#b8683a' }))).toBeUndefined();
  });
  it('says what stands under a name', () => {
    vi.spyOn(vocabulary, 'kind').mockImplementation((shelf, kind) => `${shelf}: ${kind}`);
    const gsm = (v: number) => `${v} g/m²`;
    expect(subtitle('STOCK', thing({ gsm: 300, kind: 'CARD' }), gsm)).toBe('300 g/m²');
    expect(subtitle('STOCK', thing({ gsm: 0, kind: 'RIBBON' }), gsm)).toBe('stocks: RIBBON');
    expect(subtitle('BOARD', undefined, gsm)).toBe('not in your kit');
  });
});
