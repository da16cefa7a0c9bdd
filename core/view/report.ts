import type { Side } from '../body/foot.js';
import { sizeOf } from '../body/stance.js';
import type { Finding } from '../judge/finding.js';
import type { FindingMessage } from '../judge/messages.js';
import type { StateShares } from '../judge/state.js';
import type { Study } from '../judge/study.js';
import type { Totals } from '../motion/totals.js';
import type { WhatIf } from '../search/what-if.js';

/** Everything that is said of a pattern outside the program; docs/cli.md explains each field. Metres, degrees, seconds. */
export interface Report {
  readonly time: number;
  readonly net: { readonly ahead: number; readonly right: number };
  readonly heading: { readonly accumulated: number; readonly normalised: number };
  readonly lead: { readonly start: Side | null; readonly end: Side | null };
  readonly stance: { readonly length: number; readonly width: number };
  readonly path: { readonly right: readonly [number, number]; readonly ahead: readonly [number, number]; readonly length: number };
  readonly contacts: Totals['contacts'];
  readonly splits: number;
  readonly lunges: Totals['lunges'];
  readonly pivots: Totals['pivots'];
  readonly landings: Totals['landings'];
  readonly hands: Totals['hands'];
  readonly floor: Totals['floor'];
  readonly floorWithReach: Totals['floor'];
  readonly floorTrodden: number;
  readonly states: StateShares;
  readonly answer: { readonly worst: number | null; readonly mean: number | null };
  readonly closed: boolean;
  readonly choices: readonly number[];
  readonly findings: readonly (Pick<Finding, 'level' | 'at' | 'value' | 'limit' | 'excess' | 'fault' | 'intended'> &
    FindingMessage & { readonly text: string | null })[];
  readonly drift: {
    readonly repetitions: number;
    readonly once: Where;
    readonly after: Where;
    readonly closesAfter: number | null;
    readonly stanceLostAfter: number | null;
  } | null;
}

interface Where {
  readonly right: number;
  readonly ahead: number;
  readonly turned: number;
  readonly lead: Side | null;
}

/** A finding's code and what is said with it, and nothing else. */
const messageOf = ({ code, values }: FindingMessage): FindingMessage => ({ code, values }) as FindingMessage;

/** The report of a study, and of its repetitions where they were asked for. */
export function reportOf(study: Study, repeats: WhatIf | null = null): Report {
  const { simulation, totals, drift, answer } = study;
  const end = sizeOf(simulation.end.feet, simulation.end.heading);
  const where = (one: WhatIf['once']): Where => ({ right: one.right, ahead: one.ahead, turned: one.turned, lead: one.leadAfter });
  return {
    time: totals.seconds,
    net: { ahead: drift.ahead, right: drift.right },
    heading: { accumulated: drift.turned, normalised: drift.heading },
    lead: { start: drift.leadBefore, end: drift.leadAfter },
    stance: { length: Math.abs(end.leftAhead), width: end.width },
    path: { right: totals.path.right, ahead: totals.path.ahead, length: totals.distance },
    contacts: totals.contacts,
    splits: totals.splits,
    lunges: totals.lunges,
    pivots: totals.pivots,
    landings: totals.landings,
    hands: totals.hands,
    floor: totals.floor,
    floorWithReach: totals.floorWithReach,
    floorTrodden: totals.trodden,
    states: study.shares,
    answer: { worst: answer.worst, mean: answer.mean },
    closed: drift.closed,
    choices: simulation.choices.map((choice) => choice.taken),
    findings: study.findings.map(({ level, at, value, limit, excess, fault, intended, span, ...says }) => ({
      ...messageOf(says),
      level,
      at,
      value,
      limit,
      excess,
      fault,
      intended,
      text: span === null ? null : study.text.slice(span.from, span.to),
    })),
    drift: repeats && {
      repetitions: repeats.repetitions,
      once: where(repeats.once),
      after: where(repeats.after),
      closesAfter: repeats.closesAfter,
      stanceLostAfter: repeats.lostAfter,
    },
  };
}
