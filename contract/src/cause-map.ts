import type { CauseMap as CoreMap } from '@hopsk/core/evidence/cause-map';
import { BOOK_ORDER } from '@hopsk/core/evidence/states';
import * as z from 'zod/mini';
import { Together } from './together.js';
import type { Wire } from './common.js';

const Node = z.object({
  ...{ fault: z.string(), state: z.enum([...BOOK_ORDER, 'not looked for']), rate: z.nullable(z.number()) },
  ...{ level: z.int(), root: z.boolean() },
});
const Link = z.object({
  ...{ cause: z.string(), fault: z.string(), log: z.enum(['found', 'not found', 'too few']) },
  showed: z.nullable(z.object({ with: z.int(), ofWith: z.int(), without: z.int(), ofWithout: z.int() })),
});

/** What causes what among the faults of an athlete, as `causeMap` of core has it. */
export const CauseMap = z.object({
  nodes: z.array(Node),
  links: z.array(Link),
  others: z.array(Together),
}) satisfies z.ZodMiniType<CoreMap>;
export type CauseMap = Wire<typeof CauseMap>;
