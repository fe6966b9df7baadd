import type { RouteView } from '../api/client';

/** What outcomes and readings are called on a route. */
export function outcomeWords(route: RouteView | undefined) {
  const { tooLittle, good, tooMuch } = route ?? { tooLittle: 'under', good: 'clean', tooMuch: 'over' };
  const readings = {
    TRANSFER: ['coverage', 'spill past the edge'],
    CUT: ['cut through', 'bite into the plate'],
    EMBOSS: ['depth reached', 'width of cracks'],
    CUT_AND_EMBOSS: ['cut through', 'width of cracks'],
  } as const;
  const [share, excess] = readings[route?.mechanism ?? 'TRANSFER'];
  return {
    UNDER: tooLittle,
    CLEAN: good,
    OVER: tooMuch,
    BOTH: `${tooLittle} and ${tooMuch}`,
    share,
    excess,
  };
}
