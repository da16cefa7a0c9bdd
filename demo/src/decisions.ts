import type { ClubFile } from '@hopsk/contract/club-file';
import type { DecisionRecord } from '@hopsk/contract/decisions';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { faultBook } from '@hopsk/core/evidence/book';
import type { DecidedBy } from '@hopsk/core/evidence/book-rules';
import { saidBy, type Decided } from '@hopsk/core/evidence/decisions';
import { countRun } from '@hopsk/core/log/count';
import type { Chance } from './chance.js';

interface Told {
  readonly who: string;
  readonly fault: string;
  /** After which of their evenings. */
  readonly after: number;
  readonly decided: Decided;
  readonly rule: DecidedBy;
  readonly why: string;
}

/** What the coaches decided over the season, in the order of time. */
const TOLD: readonly Told[] = [
  {
    ...{ who: 'Ines', fault: 'split-late', after: 4, decided: 'back', rule: 'thumb' },
    why: 'Split alone to the beat before anything is fed, until it lands on time.',
  },
  {
    who: 'Bo',
    fault: 'slow-first',
    after: 5,
    decided: 'stay',
    rule: 'running',
    why: 'It comes and goes with the evening: the same again.',
  },
  { who: 'Ines', fault: 'split-late', after: 9, decided: 'next', rule: 'thumb', why: 'On time for three evenings: back to the feed.' },
  {
    who: 'Kjell',
    fault: 'long-step',
    after: 7,
    decided: 'back',
    rule: 'thumb',
    why: 'Lost over the weeks away: the stop on half the lunge first.',
  },
];

/** Decisions of the demo club's season, with what the rules said of the evenings up to each. */
export function decisionsOf(file: Pick<ClubFile, 'athletes' | 'runs'>, chance: Chance): DecisionRecord[] {
  return TOLD.map(({ who, fault, after, decided, rule, why }): DecisionRecord => {
    const athlete = file.athletes.find(({ name }) => name === who)?.id ?? '';
    const theirs = file.runs.filter(({ run }) => run.athletes.includes(athlete));
    const day = [...new Set(theirs.map(({ run }) => run.day))][after - 1] ?? '';
    const upTo = theirs.filter(({ run }) => run.day <= day);
    const tallies = upTo.flatMap(({ run, events }) =>
      countRun(run.plan, events, faultsByCode(), run.tapDelay)
        .tallies.filter((tally) => tally.athlete === athlete && tally.fault === fault)
        .map((tally) => ({ ...tally, day: run.day })),
    );
    const [entry] = faultBook(tallies);
    return {
      ...{ id: chance.uuid(), athlete, fault, day, decided, rule, why },
      said: entry ? saidBy(rule, entry.decision, entry.running) : 'not enough',
      at: `${day}T20:30:00.000Z`,
      takenBackAt: null,
    };
  });
}
