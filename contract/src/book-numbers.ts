import { crossedIn, DECIDED_BY, type BookRules, type Crossed } from '@hopsk/core/evidence/book-rules';
import * as z from 'zod/mini';
import { between, whole } from './common.js';
import { field } from './problem.js';

/** Least and most of each of a club's numbers; shares of 1. */
export const NUMBERS = {
  every: [2, 12],
  seen: [1, 12],
  of: [2, 12],
  wrong: [0.01, 0.2],
  reviews: [1, 24],
  gone: [0.02, 0.4],
  next: [0.5, 1],
  back: [0, 0.95],
  attempts: [5, 200],
  sessions: [1, 12],
  good: [0.01, 0.6],
  bad: [0.05, 0.9],
  wrongTest: [0.01, 0.2],
  most: [3, 60],
  breakDays: [7, 120],
  first: [1, 26],
  longest: [1, 104],
} as const satisfies Record<string, readonly [number, number]>;

/** Which field is named where two contradict each other. */
const AT: Readonly<Record<Crossed, readonly [string, string]>> = {
  seen: ['recurrence', 'seen'],
  back: ['thumb', 'back'],
  good: ['running', 'good'],
  look: ['lookAgain', 'first'],
};

/** The numbers by which a club reads its fault books. */
export const BookNumbers = z
  .object({
    recurrence: z.object({
      every: whole(...NUMBERS.every),
      ...{ seen: whole(...NUMBERS.seen), of: whole(...NUMBERS.of) },
      ...{ wrong: between(...NUMBERS.wrong), reviews: whole(...NUMBERS.reviews), gone: between(...NUMBERS.gone) },
    }),
    by: z.enum(DECIDED_BY),
    thumb: z.object({
      ...{ next: between(...NUMBERS.next), back: between(...NUMBERS.back) },
      ...{ attempts: whole(...NUMBERS.attempts), sessions: whole(...NUMBERS.sessions) },
    }),
    running: z.object({
      ...{ good: between(...NUMBERS.good), bad: between(...NUMBERS.bad) },
      ...{ wrongBack: between(...NUMBERS.wrongTest), wrongNext: between(...NUMBERS.wrongTest), most: whole(...NUMBERS.most) },
    }),
    breakDays: whole(...NUMBERS.breakDays),
    lookAgain: z.object({ first: whole(...NUMBERS.first), most: whole(...NUMBERS.longest) }),
  })
  .check(
    z.superRefine((rules, context) => {
      for (const one of crossedIn(rules)) context.addIssue({ code: 'custom', path: [...AT[one]], message: field('crossed', {}) });
    }),
  ) satisfies z.ZodMiniType<BookRules>;
