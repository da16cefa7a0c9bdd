import { fromEarlier, type EarlierEvent as LoggedEarlier } from '@hopsk/core/log/earlier';
import * as z from 'zod/mini';
import { between, Id, line, Version, type Wire } from './common.js';
import { fromEarlier as fromEarlierNames } from './earlier.js';
import { EVENTS_LIMITS, eventsWith, ofRun, RunEvent, RunHead, wallClock } from './run.js';

const earlier = { id: Id, n: z.int().check(z.gte(0), z.lte(1_000_000)), at: wallClock, t: between(-3600, 100_000, 's') };

/** An event as devices wrote it before they numbered their own. */
export const EarlierEvent = eventsWith(earlier, {}, {}) satisfies z.ZodMiniType<LoggedEarlier>;

/** What a device of an earlier version sends: the run with all it knows of it. Sending twice changes nothing. */
export const EarlierUpload = z.object({
  run: fromEarlierNames(RunHead),
  events: z.array(EarlierEvent).check(z.maxLength(5000)),
});
export type EarlierUpload = Wire<typeof EarlierUpload>;

/** A run with its log as files hold it; an earlier version's is read as one of today. */
export const RunWithLog = z.union([
  z.object({ run: fromEarlierNames(RunHead), events: z.array(RunEvent).check(z.maxLength(20_000)) }),
  z.pipe(
    z.object({ run: fromEarlierNames(RunHead), events: z.array(EarlierEvent).check(z.maxLength(20_000)) }),
    z.transform(({ run, events }) => ({ run, events: fromEarlier(run.id, events) })),
  ),
]);

/** Some events of a run. Each is looked at by itself, so that one of a kind that is not known here holds up no other. */
export const EventsUpload = z.object({
  events: z.array(z.unknown()).check(z.minLength(1), z.maxLength(EVENTS_LIMITS.most)),
  /** The run's time (ms) when they are sent, where the device knows it: those who join go by it. */
  m: z._default(z.nullable(ofRun), null),
});

/** After which arrival. */
export const EventsAfter = z.object({ after: z._default(z.coerce.number().check(z.int(), z.gte(0), z.lte(1_000_000_000)), 0) });

/** Naming a run, and joining it to a pattern, afterwards. */
export const RunRename = z.object({ name: line(80), patternId: z.nullable(Id), version: Version });
