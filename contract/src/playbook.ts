import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import { PLAYBOOK_LIMITS, type Playbook } from '@hopsk/core/plan/playbook';
import * as z from 'zod/mini';
import { Code, line, note, text } from './common.js';

const steps = text(NOTATION_LIMITS.characters);

/** What the opponent does, where it is said. */
const does = z.optional(steps);

const WayBackSchema = z.object({ name: note(80), steps, does });
/** A club's own decisions, beside those to begin with. */
export const PlaybookSchema = z.object({
  code: Code,
  name: line(60),
  sport: note(40),
  school: Code,
  lead: z.enum(['left', 'right', 'none']),
  partner: z.optional(steps),
  situations: z
    .array(
      z.object({
        situation: line(80),
        does,
        answers: z
          .array(z.object({ technique: line(120), steps, back: z.array(WayBackSchema).check(z.maxLength(PLAYBOOK_LIMITS.back)) }))
          .check(z.maxLength(PLAYBOOK_LIMITS.answers)),
      }),
    )
    .check(z.maxLength(PLAYBOOK_LIMITS.situations)),
}) satisfies z.ZodMiniType<Playbook>;
