import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { faultBook } from '@hopsk/core/evidence/book';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { SEQUENTIAL, sequential } from '@hopsk/core/evidence/sequential';
import { splitsOf } from '@hopsk/core/evidence/splits';
import { stateIn } from '@hopsk/core/evidence/states';
import { EVIDENCE } from '@hopsk/core/plan/session/evidence-rule';
import { faultLabel, remedyOf } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Source } from './commands.js';
import { readLog } from './log-table.js';
import type { Answer } from './sessions.js';
import { columns } from './table.js';

const per100 = (share: number): string => (share * 100).toFixed(1);

/** Each athlete's lines under their name, where there is one. */
const told = (athletes: readonly { readonly athlete: string; readonly lines: string }[]): string =>
  athletes.map(({ athlete, lines }) => (athlete === '' ? lines : `${athlete}\n${lines}`)).join('\n\n');

/** How often, how sure, what recurs, whether it is better, and where it shows. */
export function rates(source: Source): Answer {
  const athletes = readLog(source).map((log) => ({
    athlete: log.athlete,
    faults: faultBook(log.tallies).map((entry) => ({ ...entry, state: stateIn(entry), splits: splitsOf(log.partsOf(entry.fault)) })),
  }));
  const text = told(
    athletes.map(({ athlete, faults }) => ({
      athlete,
      lines: columns(
        faults.map(({ fault, rate, interval, state, faulty, attempts }) => [
          faultLabel(fault),
          rate === null || interval === null
            ? words.recurrence.states[state]
            : `${per100(rate)} per 100 (${per100(interval.low)}–${per100(interval.high)}), ${faulty} of ${attempts}, ${words.recurrence.states[state]}`,
        ]),
      ),
    })),
  );
  return { text, data: { athletes }, code: 0 };
}

/** What the rule of thumb and the running test say of each fault, and both rules. @param since the day from which the test runs */
export function decided(source: Source, since: string): Answer {
  const athletes = readLog(source).map(({ athlete, tallies }) => ({
    athlete,
    faults: faultBook(tallies).map(({ fault, decision, couldShow, attempts, recurrence, sessions }) => {
      const evenings = sessions.filter(({ day }) => day >= since).map(({ faulty, attempts: n }) => ({ hits: faulty, n }));
      return { fault, decision, couldShow, attempts, recurrence, test: sequential(evenings) };
    }),
  }));
  const text = told(
    athletes.map(({ athlete, faults }) => ({
      athlete,
      lines: columns(
        faults.map(({ fault, decision, test }) => [faultLabel(fault), `${words.book.decision[decision]}; ${words.splits.test(test)}`]),
      ),
    })),
  );
  return { text: `${text}\n\n${words.book.rule(EVIDENCE)}`, data: { rule: EVIDENCE, test: SEQUENTIAL, athletes }, code: 0 };
}

/** What to fix first, why, and the first remedy. A table holds no occasions: what comes together is not known from it. */
export function nextOf(source: Source, focus: readonly string[]): Answer {
  const athletes = readLog(source).map(({ athlete, tallies }) => ({
    athlete,
    first: firstToFix(faultBook(tallies), [], faultsByCode(), focus).map((one) => ({
      ...one,
      remedy: remedyOf(one.fault),
    })),
  }));
  const text = told(
    athletes.map(({ athlete, first }) => ({
      athlete,
      lines: columns(
        first.map((one) => [
          faultLabel(one.fault),
          [words.splits.firstSays(one, faultLabel), one.remedy].filter((said) => said !== '').join(' '),
        ]),
      ),
    })),
  );
  return { text, data: { athletes }, code: 0 };
}
