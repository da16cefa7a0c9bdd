import { FAULT_UNITS, PHASES, SHOWN_BY, VIEWS, type ClubFault, type FaultEntry } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { roundabout, type Merges } from '@hopsk/core/catalogue/merges';
import * as z from 'zod/mini';
import { between, Code, line, note } from './common.js';
import { field } from './problem.js';

/** Faults that a club has otherwise than the catalogue. */
export const MOST_FAULTS = 120;
/** How much more or less than another a fault may count. */
export const COSTS = [0.25, 4] as const;
/** Letters of what is said of a fault. */
export const FAULT_TEXTS = { label: 40, says: 200, usually: 120, cue: 80, remedy: 160 } as const;

const UNITS = new Map(FAULTS.map(({ code, per }) => [code, per]));
/** Words one behind the other; none of them holds anything that means more in an expression. */
const SHOWS = new RegExp(`^(?:${SHOWN_BY.join('|')})(?:, (?:${SHOWN_BY.join('|')})){0,7}$`);
const shownBy = z.string().check(z.maxLength(300), z.regex(SHOWS, field('one-of', { known: SHOWN_BY })));

const entry = {
  code: Code,
  phase: z.enum(PHASES),
  views: z.array(z.enum(VIEWS)).check(z.minLength(1, field('too-few', { least: 1 })), z.maxLength(VIEWS.length)),
  per: z.enum(FAULT_UNITS),
  shownBy,
  causes: z.array(Code).check(z.maxLength(12)),
  safety: z.optional(z.literal(true)),
};

/** What a run counts by: it keeps what its club had, whatever becomes of it later. */
export const RunFaults = z.array(z.object(entry) satisfies z.ZodMiniType<FaultEntry>).check(z.maxLength(MOST_FAULTS));

/** Faults that are counted as others. */
export const MergesSchema = z.record(Code, Code) satisfies z.ZodMiniType<Merges>;

export const ClubFaultSchema = z.object({
  ...entry,
  label: line(FAULT_TEXTS.label),
  says: note(FAULT_TEXTS.says),
  usually: note(FAULT_TEXTS.usually),
  cue: note(FAULT_TEXTS.cue),
  remedy: note(FAULT_TEXTS.remedy),
  cost: between(...COSTS),
  hidden: z.boolean(),
  into: z.nullable(Code),
}) satisfies z.ZodMiniType<ClubFault>;

/** A club's faults: each once and called otherwise than the others; a fault of the catalogue keeps its unit, or nothing of it could be compared. */
export const ClubFaults = z.array(ClubFaultSchema).check(
  z.maxLength(MOST_FAULTS),
  z.superRefine((faults, context) => {
    // Checks go on behind what failed.
    if (context.issues.length > 0) return;
    const known = new Set([...UNITS.keys(), ...faults.map(({ code }) => code)]);
    const [codes, labels] = [new Set<string>(), new Set<string>()];
    const wrong = (path: (string | number)[], message: string): void => void context.addIssue({ code: 'custom', path, message });
    faults.forEach(({ code, label, per, into, causes }, i) => {
      const unit = UNITS.get(code);
      if (codes.has(code)) wrong([i, 'code'], field('twice', {}));
      if (labels.has(label.toLowerCase())) wrong([i, 'label'], field('twice', {}));
      if (unit !== undefined && unit !== per) wrong([i, 'per'], field('unit-stands', { unit }));
      if (into !== null && !known.has(into)) wrong([i, 'into'], field('unknown-fault', {}));
      if (causes.some((cause) => !known.has(cause) || cause === code)) wrong([i, 'causes'], field('unknown-fault', {}));
      codes.add(code);
      labels.add(label.toLowerCase());
    });
    const round = roundabout(faults);
    if (round !== null) wrong([faults.findIndex(({ code }) => code === round), 'into'], field('roundabout', {}));
  }),
);
