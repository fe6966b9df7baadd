import type { PullView } from '../../api/client';

/** Whether a pull was read off its photograph, so that it can be seen straight from above. */
export function seenStraight(pull: PullView): boolean {
  return pull.pictured && Boolean(pull.read?.verdict);
}

/** The picture of a pull: straight from above where it was read, else its photograph, else a drawing. */
export function pictureOf(pull: PullView, width: number, height: number): string {
  return seenStraight(pull)
    ? `/api/pulls/${pull.id}/straight`
    : `/api/pulls/${pull.id}/picture?width=${width}&height=${height}`;
}
