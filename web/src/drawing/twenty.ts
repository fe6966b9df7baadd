import type { Expected, RouteView } from '../api/client';

export type Twenty = Expected['twenty'];

/** What outcomes are called where no route says it. */
const PLAIN = { tooLittle: 'under', good: 'clean', tooMuch: 'over' };

/** The marks of twenty pulls, in the order in which they are drawn. */
export function marks({ under, clean, over, refused }: Twenty) {
  return [
    ...Array.from({ length: under }, () => 'UNDER' as const),
    ...Array.from({ length: clean }, () => 'CLEAN' as const),
    ...Array.from({ length: over }, () => 'OVER' as const),
    ...Array.from({ length: refused }, () => 'REFUSED' as const),
  ];
}

/** The same twenty in a sentence; its counts are those of the marks. */
export function sentence({ under, clean, over, refused }: Twenty, route?: RouteView): string {
  const { tooLittle, good, tooMuch } = route ?? PLAIN;
  const missed = [
    over && `${over} ${tooMuch}`,
    under && `${under} ${tooLittle}`,
    refused && `the press won't take ${refused}`,
  ].filter(Boolean);
  return [`${clean} of 20 should come out ${good}`, ...missed].join(', ');
}

/** Why the others are not good, in twenty; what is counted here is what is marked. */
export function reasons({ reasons: all }: Twenty): string {
  const said = all.map(({ label, pulls }) => `in ${pulls} of 20 ${label}`).join('; ');
  return said.charAt(0).toUpperCase() + said.slice(1);
}
