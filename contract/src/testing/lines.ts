import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import type { Vec } from '@hopsk/core/body/vec';
import { readWith } from '@hopsk/core/judge/study';
import { printPattern } from '@hopsk/core/language/print';
import { simulate } from '@hopsk/core/motion/simulate';
import { totalsOf } from '@hopsk/core/motion/totals';
import type { ClubFile } from '../club-file.js';

/** What a line of steps that was saved means: how it prints, its time, contacts and end on a body of 1.70 m, and what of it is not read. */
export interface LineMeaning {
  readonly steps: string;
  readonly school: string;
  readonly hand: 'left' | 'right';
  readonly lead: 'left' | 'right' | 'none';
  readonly print: string;
  readonly seconds: number;
  readonly contacts: { readonly left: number; readonly right: number };
  /** Where it ends, millimetres right and ahead, and degrees: left mark, right mark, heading. */
  readonly end: readonly [left: Place, right: Place, heading: number];
  /** Codes of what is wrong. */
  readonly errors: readonly string[];
}

type Place = readonly [right: number, ahead: number];

/** Whole numbers; what is next to nothing is 0 whatever its sign. */
const rounded = (n: number): number => Math.round(n) + 0;
const placeOf = ({ x, y }: Vec): Place => [rounded(x * 1000), rounded(y * 1000)];

type Line = Pick<LineMeaning, 'steps' | 'school' | 'hand' | 'lead'>;

/** The meaning of every line in a club's patterns and sessions. */
export function meaningsOf({ patterns, sessions, teaching }: ClubFile): LineMeaning[] {
  const lines = [...patterns, ...sessions.flatMap(({ stages }) => stages)];
  const met = new Map(lines.map((line) => [JSON.stringify([line.steps, line.school, line.hand, line.lead]), line]));
  return [...met.values()].map((line) => meaningOf(line, teaching));
}

/** The meaning of one line with what a club teaches. */
export function meaningOf({ steps, school, hand, lead }: Line, teaching: ClubFile['teaching']): LineMeaning {
  const read = readWith(steps, teaching?.moves);
  const performer = {
    body: bodyOf({ height: 1.7 }),
    school: schoolOf(school, teaching?.stances) ?? SCHOOLS[0],
    lead: lead === 'none' ? null : lead,
    playing: hand,
  };
  const simulation = simulate(read, performer);
  const { seconds, contacts } = totalsOf(simulation);
  const { feet, heading } = simulation.end;
  return {
    ...{ steps, school, hand, lead },
    print: printPattern(read),
    seconds: Math.round(seconds * 1000) / 1000,
    contacts,
    end: [placeOf(feet.left), placeOf(feet.right), rounded(heading)],
    errors: read.errors.map((error) => error.code),
  };
}
