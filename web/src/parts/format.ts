/** Prints quantities in a person's units. The server speaks mm, °C, g/m² and s; reading what is typed is its work. */

export interface Units {
  length: 'MM' | 'IN';
  temperature: 'C' | 'F';
  weight: 'GSM' | 'LB_COVER' | 'LB_TEXT' | 'LB_INDEX';
}

const MM_PER_INCH = 25.4;
const CM2_PER_SQ_INCH = 6.4516;
/** An area below this is a speck. */
const SPECK_CM2 = 0.1;
/** Less than half a thousandth is nothing. */
const NO_INCH = 0.0005;
const SMALL_INCH = 0.25;
const FRACTION = 32;
const GSM_PER_LB = { LB_COVER: 2.704, LB_TEXT: 1.48, LB_INDEX: 1.807 };

export function length(mm: number, units: Units): string {
  return `${lengthFigure(mm, units)} ${units.length === 'MM' ? 'mm' : 'in'}`;
}

/** Thin things in thousandths, others in fractions to 1/32, as people do. */
export function lengthFigure(mm: number, units: Units): string {
  if (units.length === 'MM') return millimetres(mm);
  const inches = mm / MM_PER_INCH;
  if (Math.abs(inches) < NO_INCH) return '0';
  return Math.abs(inches) < SMALL_INCH ? inches.toFixed(3) : fraction(inches);
}

function millimetres(mm: number): string {
  const size = Math.abs(mm);
  if (size !== 0 && size < 0.1) return mm.toFixed(3);
  return mm.toFixed(size < 20 ? 2 : size < 100 ? 1 : 0).replace(/\.0+$/, '');
}

export function fraction(inches: number): string {
  const sign = inches < 0 ? '−' : '';
  let over = Math.round(Math.abs(inches) * FRACTION);
  const whole = Math.floor(over / FRACTION);
  over -= whole * FRACTION;
  if (over === 0) return `${sign}${whole}`;
  let under = FRACTION;
  while (over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  return `${sign}${whole > 0 ? `${whole} ` : ''}${over}/${under}`;
}

/** What is laid and trimmed by the eye: a fraction of an inch however small it is. */
export function gapFigure(mm: number, units: Units): string {
  return units.length === 'MM' ? millimetres(mm) : fraction(mm / MM_PER_INCH);
}

export function gap(mm: number, units: Units): string {
  return `${gapFigure(mm, units)} ${units.length === 'MM' ? 'mm' : 'in'}`;
}

/** An area in cm² or square inches; a speck in mm² or hundredths of a square inch. */
export function area(cm2: number, units: Units): string {
  if (units.length === 'MM' && cm2 > 0 && cm2 < SPECK_CM2) return `${Math.round(cm2 * 1000) / 10} mm²`;
  const shown = units.length === 'MM' ? cm2 : cm2 / CM2_PER_SQ_INCH;
  const steps = shown >= 100 ? 1 : shown < SPECK_CM2 ? 1000 : 10;
  const figure = Math.round(shown * steps) / steps;
  return `${figure} ${units.length === 'MM' ? 'cm²' : 'sq in'}`;
}

/** Money, with the sign a person writes it with. */
export function money(value: number, sign: string | undefined, decimals = 2): string {
  return `${sign ? `${sign}\u00a0` : ''}${value.toFixed(decimals)}`;
}

export function temperature(celsius: number, units: Units): string {
  return `${temperatureFigure(celsius, units)} °${units.temperature}`;
}

export function temperatureFigure(celsius: number, units: Units): string {
  return String(Math.round(units.temperature === 'C' ? celsius : celsius * 1.8 + 32));
}

export function degrees(kelvin: number, units: Units): string {
  const shown = units.temperature === 'C' ? kelvin : kelvin * 1.8;
  return `${shown < 10 ? Number(shown.toFixed(1)) : Math.round(shown)} °${units.temperature}`;
}

export function weight(gsm: number, units: Units): string {
  if (units.weight === 'GSM') return `${Math.round(gsm)} g/m²`;
  const kind = units.weight.slice(3).toLowerCase();
  return `${Math.round(gsm / GSM_PER_LB[units.weight])} lb ${kind}`;
}

/** How long something of an evening takes: to the minute, which is all a clock on the wall says. */
export function span(seconds: number): string {
  const minutes = Math.max(1, Math.round(seconds / 60));
  const rest = minutes % 60;
  if (minutes < 60) return `${minutes} min`;
  return `${Math.floor(minutes / 60)} h${rest > 0 ? ` ${rest} min` : ''}`;
}

export function duration(seconds: number): string {
  const s = Math.round(seconds);
  if (s < 90) return `${s} s`;
  if (s >= 48 * 3600) return `${Math.round(s / 86400)} days`;
  if (s >= 2 * 3600) return hours(s);
  const rest = s % 60;
  return rest === 0 ? `${s / 60} min` : `${Math.floor(s / 60)} min ${rest} s`;
}

function hours(s: number): string {
  const minutes = Math.round((s % 3600) / 60);
  const whole = Math.floor(s / 3600) + (minutes === 60 ? 1 : 0);
  return minutes % 60 === 0 ? `${whole} h` : `${whole} h ${minutes} min`;
}

/** A day as people write it, from 2026-11-27. */
export function day(iso: string): string {
  return new Date(`${iso}T12:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
}

/** 0:09, 4:00, 1:02:30. */
export function clock(seconds: number): string {
  const s = Math.max(0, Math.floor(seconds));
  const parts = [Math.floor(s / 3600), Math.floor(s / 60) % 60, s % 60];
  const shown = parts[0] === 0 ? parts.slice(1) : parts;
  return shown.map((n, i) => (i === 0 ? String(n) : String(n).padStart(2, '0'))).join(':');
}

export function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** Puts quantities marked in a sentence, such as {mm:0.45}, into the person's units. */
export function said(text: string, units: Units): string {
  return text.replace(/\{(mm|cm2|c|k|s|gsm):(-?[\d.]+)\}/g, (_, kind: string, digits: string) => {
    const value = Number(digits);
    switch (kind) {
      case 'mm':
        return length(value, units);
      case 'cm2':
        return area(value, units);
      case 'c':
        return temperature(value, units);
      case 'k':
        return degrees(value, units);
      case 'gsm':
        return weight(value, units);
      default:
        return duration(value);
    }
  });
}

/** A plain number as people write it, with point or comma; nothing if it is none. */
export function plainNumber(text: string): number | undefined {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : undefined;
}

/** A word with its article. */
export const one = (word: string) => `${/^[aeiou]/i.test(word) ? 'an' : 'a'} ${word}`;
