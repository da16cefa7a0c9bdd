import type { Crossing } from '@hopsk/core/film/crossings';
import { words } from '@hopsk/words/words';

/** What a crossing of a floor's lines is called. */
export function crossingName({ across, along, end, side, n }: Crossing): string {
  const { film } = words;
  const line = (name: string): string => film.lines[name] ?? name;
  const where = [end, side].flatMap((one) => (one === null ? [] : [film.ends[one]])).join(' ');
  return film.crossing(where, line(across), line(along), n);
}
