import type { School } from './school.js';

/** What one athlete does other than their school, as measured. Metres and degrees; null: as the school. */
export interface StanceOverride {
  readonly width: number | null;
  readonly length: number | null;
  readonly leadToe: number | null;
  readonly rearToe: number | null;
}

export const NO_OVERRIDE: StanceOverride = { width: null, length: null, leadToe: null, rearToe: null };

/** The school as this athlete stands in it. */
export function overridden(school: School, own: StanceOverride | null): School {
  if (own === null) return school;
  return {
    ...school,
    width: own.width === null ? school.width : { rule: 'metres', metres: own.width },
    length: own.length === null ? school.length : { rule: 'metres', metres: own.length },
    toes: { lead: own.leadToe ?? school.toes.lead, rear: own.rearToe ?? school.toes.rear },
  };
}
