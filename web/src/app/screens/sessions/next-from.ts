import type { Book } from '@hopsk/contract/book';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { nextSession } from '@hopsk/core/evidence/next-session';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import { forSeveral, type ForOne } from '@hopsk/core/plan/build/several';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Studies } from '../../compute/studies';
import type { BuildAsk } from '../../compute/study.worker';
import { inWords, type Built } from './built-in-words';

interface From {
  readonly asking: Studies;
  readonly book: Book;
  readonly focus: readonly string[];
  /** YYYY-MM-DD. */
  readonly today: string;
  /** The club's lines, and who performs each; the last performer is for a line of our own. */
  readonly club: readonly BuildSource[];
  readonly performers: readonly Performer[];
  readonly options: BuildAsk;
}

/** A session for what somebody's fault book asks for, of each fault in its turn: why each stage is in it, and how the last evening went. */
export async function nextStages({ asking, book, focus, today, club, performers, options }: From): Promise<Built> {
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
  return { ...inWords(built, words.build.nextName(today)), why, last: lastOf(book) };
}

/** What was watched on the last evening, and how it came out. */
function lastOf({ entries, to }: Book): string {
  if (to === null) return '';
  const told = entries.flatMap(({ fault, sessions }) =>
    sessions.flatMap(({ day, rate }) => (day === to && rate !== null ? [words.build.rateOf(faultLabel(fault), rate)] : [])),
  );
  return words.build.lastTime(to, told);
}
