import type { FilmWork } from '@hopsk/contract/film-work';
import { stampsOf } from '@hopsk/core/film/stamps';
import type { Clip } from '../../compute/clip';

/** Of a clip itself what the times of all that was marked, tapped or said in it are made of: that outlives the clip. */
export function filmOf({ frames: all, picture }: Clip, work: FilmWork): NonNullable<FilmWork['film']> {
  const { marks, again, prints, stills, decisions, phases } = work;
  const seen = [...marks, ...again, ...prints, ...stills, ...decisions, ...phases].flatMap(({ frame }) => (frame === null ? [] : [frame]));
  return { ...picture, ...stampsOf(all, seen) };
}
