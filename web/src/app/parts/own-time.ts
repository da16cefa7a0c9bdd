import type { OwnTime } from '@hopsk/contract/tempo';
import type { TempoKind } from '@hopsk/core/motion/tempo-kinds';
import { words } from '@hopsk/words/words';

/** Where a time that somebody takes for a move is from, in words. */
export const sourceOf = ({ from, day, n, spread }: OwnTime): string =>
  from === 'typed' ? words.tempo.source.typed(day) : words.tempo.source[from](day, n, spread);

/** A measured time with what it is of and where it is from; nothing where there is none. */
export const inWords = (kind: TempoKind, time: OwnTime | undefined): string[] =>
  time ? [`${words.tempo.kinds[kind]} ${time.seconds.toFixed(2)} s: ${sourceOf(time)}`] : [];
