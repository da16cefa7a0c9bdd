import type { StanceOverride } from '@hopsk/core/body/override';
import { SCHOOLS, type OwnSchool } from '@hopsk/core/body/school';
import { TOPICS, type SchoolChoices } from '@hopsk/core/judge/schools';
import { OWN_MOVE_LIMITS } from '@hopsk/core/language/limits';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { PLAYBOOK_LIMITS } from '@hopsk/core/plan/playbook';
import * as z from 'zod/mini';
import { BookNumbers } from './book-numbers.js';
import { ClubFaults } from './club-faults.js';
import { between, Code, line, note, text, Version, type Wire } from './common.js';
import { PlaybookSchema } from './playbook.js';
import { ReadWith } from './read-with.js';
import { field } from './problem.js';
import { OwnViewsSchema } from './views.js';

/** What is chosen where schools differ: a topic with one of its options; unknown topics are refused. */
export const SchoolChoicesSchema = z.pipe(
  z.record(z.string(), z.string()).check(
    z.superRefine((choices, context) => {
      for (const [topic, option] of Object.entries(choices)) {
        const known = Object.hasOwn(TOPICS, topic) ? TOPICS[topic as keyof typeof TOPICS] : null;
        if (known === null) context.addIssue({ code: 'custom', path: [topic], message: field('topic', {}) });
        else if (!(known.options as readonly string[]).includes(option))
          context.addIssue({ code: 'custom', path: [topic], message: field('one-of', { known: known.options }) });
      }
    }),
  ),
  z.transform((choices) => choices as SchoolChoices),
);

const Span = z.union([
  z.object({ rule: z.literal('times'), n: between(0, 3), of: z.enum(['hip', 'shoulder', 'foot', 'leg']) }),
  z.object({ rule: z.literal('metres'), metres: between(0, 1.5, 'm') }),
  z.object({ rule: z.literal('big-toe-through-rear-heel') }),
  z.object({ rule: z.literal('heels-on-one-line') }),
  z.object({ rule: z.literal('heels-apart'), feet: between(0.5, 4) }),
]);
const toe = between(-60, 120, '°');
const Heel = z.enum(['down', 'light', 'up']);

/** A club's own stance. Its code may not be one that the program knows. */
const OwnStance = z.object({
  code: Code.check(z.refine((code) => !SCHOOLS.some((school) => school.code === code), field('known-stance', {}))),
  name: line(40),
  says: note(200),
  staggered: z.boolean(),
  width: Span,
  length: Span,
  toes: z.object({ lead: toe, rear: toe }),
  leadShare: between(0, 1),
  heels: z.object({ lead: Heel, rear: Heel }),
  onLine: z.boolean(),
  knees: note(120),
}) satisfies z.ZodMiniType<OwnSchool>;

const own = (low: number, high: number, unit: string) => z._default(z.nullable(between(low, high, unit)), null);

/** How one athlete stands other than their school. */
export const OwnWay = z.object({
  width: own(0, 1.5, 'm'),
  length: own(0, 1.5, 'm'),
  leadToe: own(-60, 120, '°'),
  rearToe: own(-60, 120, '°'),
}) satisfies z.ZodMiniType<StanceOverride>;

/** A club's own move: a name for a line of others. */
const OwnMoveSchema = z.object({
  /** One word in small letters; that it means nothing else is seen where lines are read. */
  name: z.string().check(z.maxLength(OWN_MOVE_LIMITS.name), z.regex(/^\p{Ll}[\p{Ll}\p{M}_-]*$/u, field('move-name', {}))),
  steps: text(OWN_MOVE_LIMITS.steps).check(z.minLength(1, field('empty', {}))),
}) satisfies z.ZodMiniType<OwnMove>;

/** What a club teaches: its choices where schools differ, its own stances and moves, and by which numbers it reads. */
export const Teaching = z.object({
  version: Version,
  choices: SchoolChoicesSchema,
  stances: z.array(OwnStance).check(
    z.maxLength(30),
    z.refine((all) => new Set(all.map((one) => one.code)).size === all.length, field('twice', {})),
  ),
  moves: z._default(
    z.array(OwnMoveSchema).check(
      z.maxLength(60),
      z.refine((all) => new Set(all.map((one) => one.name)).size === all.length, field('twice', {})),
    ),
    [],
  ),
  playbooks: z._default(
    z.array(PlaybookSchema).check(
      z.maxLength(PLAYBOOK_LIMITS.books),
      z.refine((all) => new Set(all.map((one) => one.code)).size === all.length, field('twice', {})),
    ),
    [],
  ),
  views: z._default(OwnViewsSchema, {}),
  /** The numbers by which its fault books are read; null: ours. */
  numbers: z._default(z.nullable(BookNumbers), null),
  /** Its own faults, and those of the catalogue that it has otherwise. */
  faults: z._default(ClubFaults, []),
});
export type Teaching = Wire<typeof Teaching>;

/** As it is saved: a page of an earlier version knows no numbers or faults, and leaves them as they are. */
export const TeachingSave = z.extend(Teaching, {
  numbers: z.optional(z.nullable(BookNumbers)),
  faults: z.optional(ClubFaults),
  ...ReadWith,
});
export type TeachingSave = Wire<typeof TeachingSave>;
