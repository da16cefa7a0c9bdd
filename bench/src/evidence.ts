import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { runPartsOf, type PartRow } from '@hopsk/core/evidence/run-parts';
import { splitsOf } from '@hopsk/core/evidence/splits';
import { median, timed, type Line } from './measure.js';

/** Ten years of one athlete: an evening every nine days, this many faults looked for in each. */
const [EVENINGS, FAULTS] = [400, 20];

function book(evenings: number): SessionTally[] {
  const [begun, day] = [Date.UTC(2016, 0, 1), 24 * 3600_000];
  return Array.from({ length: evenings * FAULTS }, (_, i): SessionTally => {
    const [evening, fault] = [Math.floor(i / FAULTS), i % FAULTS];
    return {
      ...{ day: new Date(begun + evening * 9 * day).toISOString().slice(0, 10), evening, fault: `fault-${fault}` },
      ...{ attempts: 40, faulty: (evening * 7 + fault) % 9, noted: 0, left: 0, right: 0 },
    };
  });
}

/** One fault of them: so many evenings of thirty parts. */
const parts = (evenings: number): PartRow[] =>
  Array.from({ length: evenings * 30 }, (_, i): PartRow => {
    const evening = String(Math.floor(i / 30)).padStart(5, '0');
    return {
      ...{
        run: evening,
        began: evening,
        name: '',
        exercise: i % 7,
        stage: `stage ${i % 7}`,
        kind: '',
        cueing: '',
        implement: '',
        tempo: null,
      },
      ...{ set: 1, round: 1 + (i % 10), sets: 1, rounds: 10, third: 1 + (i % 3), way: '', direction: `way ${i % 9}`, view: 'side' },
      ...{ opponent: '', source: 'floor' },
      ...{ attempts: 5, faulty: i % 4 === 0 ? 2 : 0, left: 1, right: 0 },
    };
  });

/** What a fault book costs where it is computed; the baseline is one of a season. */
export function evidence(): Line[] {
  const [years, season] = [book(EVENINGS), book(24)].map((rows) => median(timed(5, () => faultBook(rows)))) as [number, number];
  const opened = (evenings: number): number => {
    const rows = parts(evenings);
    return median(timed(3, () => splitsOf(runPartsOf(rows, (run) => run))));
  };
  return [
    { name: `one fault of ${EVENINGS} evenings opened`, value: opened(EVENINGS), unit: 'ms', baseline: opened(24), limit: 100 },
    { name: `a fault book of ${EVENINGS} evenings and ${FAULTS} faults`, value: years, unit: 'ms', baseline: season, limit: 100 },
  ];
}
