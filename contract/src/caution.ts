import { CAUTION_LIMITS, CAUTION_PARTS, FORBIDDEN, noteOnly, type Caution } from '@hopsk/core/body/caution';
import * as z from 'zod/mini';
import { note, SideName, whole } from './common.js';

/** A standing caution. A line of text, as it was kept before cautions had parts, is a note that forbids nothing. */
export const CautionSchema = z.pipe(
  z.transform((said: unknown) => (typeof said === 'string' ? noteOnly(said) : said)),
  z.object({
    part: z.enum(CAUTION_PARTS),
    side: z.nullable(SideName),
    forbids: z.array(z.enum(FORBIDDEN)).check(z.maxLength(FORBIDDEN.length)),
    landings: z.nullable(whole(0, CAUTION_LIMITS.landings)),
    note: note(CAUTION_LIMITS.note),
  }),
) satisfies z.ZodMiniType<Caution>;
