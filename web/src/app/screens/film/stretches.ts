import { spanOfAttempt } from '@hopsk/core/film/beside';
import type { Frames } from '@hopsk/core/film/frames';
import type { Attempt, MarkKind } from '@hopsk/core/film/marks';
import { words } from '@hopsk/words/words';
import type { Option } from '../../ui/options';

/** A part of a clip that can be looped over, seconds. */
export interface Stretch extends Option<string> {
  readonly span: readonly [number, number];
}

/** All of a clip, each attempt, and in each from one mark to the next. @param label what a mark is called. */
export function stretchesOf(frames: Frames, attempts: readonly Attempt[], label: (kind: MarkKind) => string): Stretch[] {
  const { film } = words;
  const when = (frame: number): number => frames[frame] ?? 0;
  return [
    { value: '', label: film.wholeClip, span: [0, frames.at(-1) ?? 0] },
    ...attempts.flatMap((marks, i): Stretch[] => [
      { value: `${i}`, label: film.attemptN(i + 1), span: spanOfAttempt(frames, marks) },
      ...marks.slice(1).flatMap((to, k): Stretch[] => {
        const from = marks[k];
        if (!from || from.frame === to.frame) return [];
        const between = film.fromTo(i + 1, label(from.kind), label(to.kind));
        return [{ value: `${i} ${k}`, label: between, span: [when(from.frame), when(to.frame)] }];
      }),
    ]),
  ];
}
