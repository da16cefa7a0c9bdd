import type { LengthUnits } from '@hopsk/core/body/length';

let units: LengthUnits = 'cm';

/** Says lengths in these units from now on: those of the coach who is signed in. */
export function measureIn(said: LengthUnits): void {
  units = said;
}

/** The units in which lengths are said. */
export const measuredIn = (): LengthUnits => units;
