import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { planAt } from '@hopsk/core/log/clock';
import type { RunLog } from '@hopsk/core/log/run-log';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { NoteRow } from './run-notes';

/** Whether something of somebody's health may be kept: of those under 16 only when a guardian agreed; of whom nothing is known, nothing. */
export const mayTellPain = (athlete: Pick<Athlete, 'ageGroup' | 'agreed'> | undefined): boolean =>
  athlete !== undefined && (!isUnder16(athlete.ageGroup) || athlete.agreed !== null);

/** Notes of a run that stand, with when and of whom. */
export const noteRows = (log: RunLog | null, nameOf: (id: string) => string): NoteRow[] =>
  (log?.notes() ?? []).map(({ id, text, athlete, m }) => ({
    ...{ id, text, who: athlete === null ? '' : nameOf(athlete) },
    at: log ? clockText(Math.max(0, planAt(log.clock, m))) : '',
  }));
