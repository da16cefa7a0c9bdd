import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import { readWith } from '@hopsk/core/judge/study';
import { printPattern } from '@hopsk/core/language/print';
import { simulate } from '@hopsk/core/motion/simulate';
import { totalsOf } from '@hopsk/core/motion/totals';
import type { ClubFile } from '../index.js';

/** What a line of steps that was saved means: how it prints, its time and contacts on a body of 1.70 m, and what of it is not read. */
export interface LineMeaning {
  readonly steps: string;
  readonly school: string;
  readonly hand: 'left' | 'right';
  readonly lead: 'left' | 'right' | 'none';
  readonly print: string;
  readonly seconds: number;
  readonly contacts: { readonly left: number; readonly right: number };
  readonly errors: readonly string[];
}

/** The meaning of every line in a club's patterns and sessions. */
export function meaningsOf({ patterns, progressions, teaching }: ClubFile): LineMeaning[] {
  const lines = [...patterns, ...progressions.flatMap(({ stages }) => stages)];
  const met = new Map(lines.map((line) => [JSON.stringify([line.steps, line.school, line.hand, line.lead]), line]));
  return [...met.values()].map(({ steps, school, hand, lead }) => {
    const read = readWith(steps, teaching?.moves);
    const performer = {
      body: bodyOf({ height: 1.7 }),
      school: schoolOf(school, teaching?.stances) ?? SCHOOLS[0],
      lead: lead === 'none' ? null : lead,
      playing: hand,
    };
    const { seconds, contacts } = totalsOf(simulate(read, performer));
    return {
      ...{ steps, school, hand, lead },
      print: printPattern(read),
      seconds: Math.round(seconds * 1000) / 1000,
      contacts,
      errors: read.errors.map((error) => error.message),
    };
  });
}
