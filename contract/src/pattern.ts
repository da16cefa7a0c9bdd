import { FILE_LIMITS, NOTATION_LIMITS } from '@hopsk/core/language/limits';
import { ROUNDS_LIMITS, type Rounds as KeptRounds } from '@hopsk/core/language/rounds';
import * as z from 'zod/mini';
import { SchoolChoicesSchema } from './teaching.js';
import { between, Code, Id, KEPT, line, note, SideName, text, whole, type Wire } from './common.js';
import { field } from './problem.js';

const seconds = (most: number) => between(0, most, 's');

/** Rounds of a pattern. Rest may stay undecided (null) in a plan; a run asks for it. */
export const Rounds = z
  .object({
    mode: z.enum(['seconds', 'reps']),
    work: between(1, ROUNDS_LIMITS.seconds),
    rounds: whole(1, ROUNDS_LIMITS.rounds),
    sets: whole(1, ROUNDS_LIMITS.sets),
    rest: z.nullable(seconds(ROUNDS_LIMITS.rest)),
    setRest: z.nullable(seconds(ROUNDS_LIMITS.rest)),
  })
  .check(
    z.superRefine((dose, context) => {
      if (dose.mode === 'reps' && !(Number.isInteger(dose.work) && dose.work <= ROUNDS_LIMITS.reps)) {
        context.addIssue({ code: 'custom', path: ['work'], message: field('reps', { most: ROUNDS_LIMITS.reps }) });
      }
      const work = dose.mode === 'seconds' ? dose.work * dose.rounds * dose.sets : 0;
      const rest = dose.sets * (dose.rounds - 1) * (dose.rest ?? 0) + (dose.sets - 1) * (dose.setRest ?? 0);
      if (work + rest > ROUNDS_LIMITS.total)
        context.addIssue({ code: 'custom', path: ['rounds'], message: field('together', { hours: ROUNDS_LIMITS.total / 3600 }) });
    }),
  ) satisfies z.ZodMiniType<KeptRounds>;

/** A pattern's text is kept as typed; line breaks are part of it. */
const Steps = text(NOTATION_LIMITS.characters);

/** What is typed of a pattern, as it is stored; what of it may be saved says `pattern-draft.ts`, which knows floors. */
export const PatternStored = z.object({
  name: line(80),
  steps: Steps,
  sport: note(40),
  school: Code,
  /** For whom the text is written; others get it mirrored. */
  hand: SideName,
  lead: z.enum(['left', 'right', 'none']),
  shouldClose: z.boolean(),
  dose: z.nullable(Rounds),
  tags: z._default(z.array(line(24)).check(z.maxLength(FILE_LIMITS.tags)), []),
  /** The floor it is meant for; empty where none is said. */
  area: z._default(note(80), ''),
  /** What this pattern holds where schools differ. */
  schools: z._default(SchoolChoicesSchema, {}),
});

export const Pattern = z.extend(PatternStored, { id: Id, version: z.int(), ...KEPT });
export type Pattern = Wire<typeof Pattern>;
