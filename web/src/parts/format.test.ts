import { describe, expect, it } from 'vitest';
import { area, clock, duration, fraction, length, said, temperature, weight, type Units } from './format';

const metric: Units = { length: 'MM', temperature: 'C', weight: 'GSM' };
const us: Units = { length: 'IN', temperature: 'F', weight: 'LB_COVER' };

describe('lengths', () => {
  it('keeps two decimals of a millimetre for what a caliper reads', () => {
    expect(length(0.45, metric)).toBe('0.45 mm');
    expect(length(0.012, metric)).toBe('0.012 mm');
    expect(length(14, metric)).toBe('14 mm');
  });
  it('prints inches as fractions, thin things in thousandths', () => {
    expect(length(107.95, us)).toBe('4 1/4 in');
    expect(length(0.34, us)).toBe('0.013 in');
    expect(fraction(0.999)).toBe('1');
    expect(fraction(1 / 32)).toBe('1/32');
  });
});

describe('other quantities', () => {
  it('follows the person', () => {
    expect(temperature(112, us)).toBe('234 °F');
    expect(weight(297.4, us)).toBe('110 lb cover');
    expect(duration(240)).toBe('4 min');
    expect(duration(75)).toBe('75 s');
    expect(clock(9.9)).toBe('0:09');
  });
  it('says areas in square centimetres or square inches', () => {
    expect(said('short by {cm2:64.5}', metric)).toBe(`short by ${area(64.5, metric)}`);
    expect(area(64.5, metric)).toMatch(/^64.5 cm²$/);
    expect(area(64.5, us)).toMatch(/^10 sq in$/);
  });
  it('prints the marks in a sentence', () => {
    expect(said('{mm:0.45} more, {k:10} hotter at {c:112}, {s:30}', us)).toBe(
      '0.018 in more, 18 °F hotter at 234 °F, 30 s',
    );
  });
});
