import type { Body } from './body.js';
import { BALL_FROM_HEEL, BIG_TOE_INWARD } from './foot.js';

const RAD = Math.PI / 180;

/** A size between the marks: so many times a body measure, or a rule that follows from where heel or toe stand. */
export type Span =
  | { readonly rule: 'times'; readonly n: number; readonly of: 'hip' | 'shoulder' | 'foot' | 'leg' }
  | { readonly rule: 'metres'; readonly metres: number }
  | { readonly rule: 'big-toe-through-rear-heel' }
  | { readonly rule: 'heels-on-one-line' }
  | { readonly rule: 'heels-apart'; readonly feet: number };

type Heel = 'down' | 'light' | 'up';

/** How a school stands; what it is called is said by words. Toe angles are outward positive, degrees. */
export interface School {
  readonly code: string;
  /** Whether one foot leads. */
  readonly staggered: boolean;
  readonly width: Span;
  readonly length: Span;
  readonly toes: { readonly lead: number; readonly rear: number };
  /** Share of weight on the lead foot, or on the left one in a square stance. */
  readonly leadShare: number;
  readonly heels: { readonly lead: Heel; readonly rear: Heel };
  /** Whether the feet stand on a line on purpose, so that a narrow base is no fault. */
  readonly onLine: boolean;
}

/** A club's own stance, in its own words. The model has no knees: their line is words only. */
export interface OwnSchool extends School {
  readonly name: string;
  readonly says: string;
  readonly knees: string;
}

/** Stances to begin with (common practice, no source). */
export const SCHOOLS: readonly [School, ...School[]] = [
  {
    code: 'square-ready',
    staggered: false,
    width: { rule: 'times', n: 1.2, of: 'shoulder' },
    length: { rule: 'times', n: 0, of: 'shoulder' },
    toes: { lead: 10, rear: 10 },
    leadShare: 0.5,
    heels: { lead: 'light', rear: 'light' },
    onLine: false,
  },
  {
    code: 'wide-ready',
    staggered: false,
    width: { rule: 'times', n: 1.5, of: 'shoulder' },
    length: { rule: 'times', n: 0, of: 'shoulder' },
    toes: { lead: 15, rear: 15 },
    leadShare: 0.5,
    heels: { lead: 'up', rear: 'up' },
    onLine: false,
  },
  {
    code: 'drop-ready',
    staggered: false,
    width: { rule: 'times', n: 1.1, of: 'shoulder' },
    length: { rule: 'times', n: 0, of: 'shoulder' },
    toes: { lead: 10, rear: 10 },
    leadShare: 0.5,
    heels: { lead: 'light', rear: 'light' },
    onLine: false,
  },
  {
    code: 'staggered-striking',
    staggered: true,
    width: { rule: 'times', n: 1, of: 'hip' },
    length: { rule: 'times', n: 1, of: 'shoulder' },
    toes: { lead: -20, rear: 45 },
    leadShare: 0.5,
    heels: { lead: 'down', rear: 'up' },
    onLine: false,
  },
  {
    code: 'squarer-kicking',
    staggered: true,
    width: { rule: 'times', n: 1, of: 'hip' },
    length: { rule: 'times', n: 0.6, of: 'shoulder' },
    toes: { lead: 0, rear: 30 },
    leadShare: 0.4,
    heels: { lead: 'down', rear: 'light' },
    onLine: false,
  },
  {
    code: 'mixed-45',
    staggered: true,
    width: { rule: 'big-toe-through-rear-heel' },
    length: { rule: 'times', n: 0.8, of: 'shoulder' },
    toes: { lead: 15, rear: 45 },
    leadShare: 0.5,
    heels: { lead: 'down', rear: 'up' },
    onLine: false,
  },
  {
    code: 'long-bladed',
    staggered: true,
    width: { rule: 'times', n: 0.4, of: 'hip' },
    length: { rule: 'times', n: 1.3, of: 'shoulder' },
    toes: { lead: 0, rear: 60 },
    leadShare: 0.5,
    heels: { lead: 'down', rear: 'up' },
    onLine: false,
  },
  {
    code: 'bladed-guard',
    staggered: true,
    width: { rule: 'heels-on-one-line' },
    length: { rule: 'heels-apart', feet: 1.75 },
    toes: { lead: 0, rear: 90 },
    leadShare: 0.5,
    heels: { lead: 'down', rear: 'down' },
    onLine: true,
  },
  {
    code: 'two-handed-guard',
    staggered: true,
    width: { rule: 'times', n: 1, of: 'shoulder' },
    // Two half steps, each a small step of 0.15 of leg length.
    length: { rule: 'times', n: 0.3, of: 'leg' },
    toes: { lead: 0, rear: 75 },
    leadShare: 0.5,
    heels: { lead: 'down', rear: 'down' },
    onLine: false,
  },
];

/**
 * A stance by its code: one of the club's own first, then those to begin with.
 * @example schoolOf('square-ready').staggered // false
 */
export function schoolOf(code: string, own: readonly School[] = []): School | undefined {
  return [...own, ...SCHOOLS].find((school) => school.code === code);
}

/** Metres across (width) or along (length) the facing line that a school's span means for this body. */
export function spanMetres(span: Span, school: School, body: Body): number {
  const foot = body.foot.metres;
  const { lead, rear } = school.toes;
  switch (span.rule) {
    case 'times':
      return span.n * body[span.of].metres;
    case 'metres':
      return span.metres;
    case 'big-toe-through-rear-heel': {
      // Across the facing line: from the lead mark inward to its big toe, then from the rear heel outward to its mark.
      const bigToe = BIG_TOE_INWARD * body.breadth.metres * Math.cos(lead * RAD) - (1 - BALL_FROM_HEEL) * foot * Math.sin(lead * RAD);
      return bigToe + BALL_FROM_HEEL * foot * Math.sin(rear * RAD);
    }
    case 'heels-on-one-line':
      return BALL_FROM_HEEL * foot * (Math.sin(rear * RAD) + Math.sin(lead * RAD));
    case 'heels-apart':
      return span.feet * foot + BALL_FROM_HEEL * foot * (Math.cos(lead * RAD) - Math.cos(rear * RAD));
  }
}
