import { PlaybookSchema } from '@hopsk/contract';
import * as z from 'zod/mini';

const back = z.array(z.object({ name: z.string(), steps: z.string() }));
const answers = z.array(z.object({ technique: z.string(), steps: z.string(), back }));

/** What this device keeps of a playbook being typed: it may not be fit to save yet. */
export const KeptBook = z.extend(PlaybookSchema, {
  name: z.string(),
  sport: z.string(),
  situations: z.array(z.object({ situation: z.string(), answers })),
});
