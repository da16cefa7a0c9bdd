import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';
import { field } from './problem.js';

/** When each record of a list was saved last: who has it as it was then need not ask for it. */
export const Latest = z.array(z.object({ id: Id, savedAt: z.iso.datetime() }));
export type Latest = Wire<typeof Latest>;

/** Records that are asked for at once, at most. */
export const LIST_AT_ONCE = 40;

const split = (ids: string): string[] => ids.split(',');

/** Which records of a list are wanted, `ids=ID,ID,…`; null: all of them. */
export const ListAsked = z.object({
  ids: z._default(
    z.nullable(
      z.pipe(
        z.string().check(
          z.refine((ids) => split(ids).length <= LIST_AT_ONCE, { error: field('too-many', { most: LIST_AT_ONCE }), abort: true }),
          z.refine((ids) => split(ids).every((id) => Id.safeParse(id).success), field('id', {})),
        ),
        z.transform(split),
      ),
    ),
    null,
  ),
});
