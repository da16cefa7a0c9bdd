import type { FilmWork } from '@hopsk/contract/film-work';
import { framesFrom } from '@hopsk/core/film/stamps';
import type { Clip } from './clip';

/** A clip that is not here: its times and its size, as what was marked in it keeps them, and nothing to be seen. */
export function lostClip({ width, height, frames, at }: NonNullable<FilmWork['film']>): Clip {
  const nothing = new OffscreenCanvas(1, 1);
  return {
    ...{ frames: framesFrom({ frames, at }), picture: { width, height }, taken: null },
    at: () => Promise.resolve(nothing),
    close: () => undefined,
  };
}
