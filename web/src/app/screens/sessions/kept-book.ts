import { PlaybookSchema } from '@hopsk/contract/playbook';
import * as z from 'zod/mini';

const does = z.optional(z.string());
const back = z.array(z.object({ name: z.string(), steps: z.string(), does }));
const answers = z.array(z.object({ technique: z.string(), steps: z.string(), back }));

/** A playbook being typed: it may not be fit to save yet. */
const Book = z.extend(PlaybookSchema, {
  name: z.string(),
  sport: z.string(),
  partner: z.optional(z.string()),
  situations: z.array(z.object({ situation: z.string(), does, answers })),
});

/** What this device keeps of it, with the one it was typed over; null where it is new, or an earlier version did not know. */
export const KeptBook = z.union([
  z.object({ base: z.nullable(PlaybookSchema), book: Book }),
  z.pipe(
    Book,
    z.transform((book) => ({ base: null, book })),
  ),
]);
