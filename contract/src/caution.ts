import { CAUTION_LIMITS, CAUTION_PARTS, FORBIDDEN, noteOnly, type Caution } from '@hopsk/core/judge/cautions';
import * as z from 'zod';
import { note, SideName, whole } from './common.js';

/** A standing caution. A line of text, as it was kept before cautions had parts, is a note that forbids nothing. */
export const CautionSchema = z.preprocess(
  (said) => (typeof said === 'string' ? noteOnly(said) : said),
  z.object({
    part: z.enum(CAUTION_PARTS),
    side: SideName.nullable(),
    forbids: z.array(z.enum(FORBIDDEN)).max(FORBIDDEN.length),
    landings: whole(0, CAUTION_LIMITS.landings).nullable(),
    note: note(CAUTION_LIMITS.note),
  }),
) satisfies z.ZodType<Caution>;
