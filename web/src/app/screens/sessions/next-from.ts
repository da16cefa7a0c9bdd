import type { Book } from '@hopsk/contract/book';
import { OFFER_LIMITS, type Session } from '@hopsk/contract/session';
import { cut } from '@hopsk/core/language/cut';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { nextSession } from '@hopsk/core/evidence/next-session';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import { forSeveral, type ForOne } from '@hopsk/core/plan/build/several';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Studies } from '../../compute/studies';
import type { BuildAsk } from '../../compute/study.worker';
import { keptStages, leftOutOf, type Draft } from '../../parts/session-draft';
import { inWords, type Built } from './built-in-words';

interface From {
  readonly asking: Studies;
  readonly book: Book;
  readonly focus: readonly string[];
  /** Sessions that were begun so before. */
  readonly before: readonly Session[];
  /** YYYY-MM-DD. */
  readonly today: string;
  /** The club's lines, and who performs each; the last performer is for a line of our own. */
  readonly club: readonly BuildSource[];
  readonly performers: readonly Performer[];
  readonly options: BuildAsk;
}

/** A session for what somebody's fault book asks for, of each fault in its turn: why each stage is in it, and how the last evening went. */
export async function nextStages({ asking, book, focus, before, today, club, performers, options }: From): Promise<Built> {
  const known = faultsByCode({ faults: options.faults });
  const offered = new Set((options.faults ?? [...known.values()]).map(({ code }) => code));
  const asked = ({ fault }: { readonly fault: string }): boolean => offered.has(fault);
  const worked = focus.filter((fault) => offered.has(fault));
  const wants = nextSession(book.entries.filter(asked), book.first.filter(asked), book.decisions, worked, today, book.numbers);
  const all: ForOne[] = [];
  for (const { fault, part, kinds } of wants) {
    const answer = await asking.ask('forFault', { fault, club, performers, options: { ...options, kinds } });
    if (answer) all.push({ fault, part, built: answer.built });
  }
  const { faults, ...built } = forSeveral(all, known);
  const reasons = new Map(wants.map(({ fault, reason }) => [fault, words.build.whyNext(faultLabel(fault), reason)]));
  const why = new Map([...faults].map(([id, of]) => [id, of.map((fault) => reasons.get(fault) ?? '').join(' ')]));
  return {
    ...inWords(built, words.build.nextName(today)),
    why,
    last: [lastOf(book), leftOutLast(before, today)].filter((said) => said !== '').join(' '),
  };
}

/** What was watched on the last evening, and how it came out. */
function lastOf({ entries, to }: Book): string {
  if (to === null) return '';
  const told = entries.flatMap(({ fault, sessions }) =>
    sessions.flatMap(({ day, rate }) => (day === to && rate !== null ? [words.build.rateOf(faultLabel(fault), rate)] : [])),
  );
  return words.build.lastTime(to, told);
}

/** What was offered the last time and left out, and why. @param today of a session that is not sent yet */
function leftOutLast(before: readonly Session[], today: string): string {
  const at = ({ savedAt }: Session): string => savedAt ?? today;
  const last = [...before].sort((a, b) => (at(a) < at(b) ? -1 : 1)).at(-1);
  const left = last ? leftOutOf(last) : [];
  if (!last || left.length === 0) return '';
  const said = left.map(({ name, whyNot }) => words.build.leftOutOne(name, whyNot));
  return words.build.leftOutLast(at(last).slice(0, 10), said.join('; '));
}

/** What was offered to somebody, to be kept with the session that begins from it. */
export const offeredTo = (athlete: string, { stages, why }: Built): NonNullable<Draft['offered']> => ({
  athlete,
  stages: keptStages(stages).map(({ id, name }) => ({
    ...{ stage: id, name, whyNot: '' },
    because: cut(why?.get(id) ?? '', OFFER_LIMITS.because),
  })),
});
