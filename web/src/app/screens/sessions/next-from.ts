import type { Book } from '@hopsk/contract/book';
import type { View } from '@hopsk/core/catalogue/fault';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { nextSession, type NextWant } from '@hopsk/core/evidence/next-session';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import { stageInWords } from '@hopsk/core/plan/build/built';
import type { LeftOut } from '@hopsk/core/plan/build/messages';
import type { Stage } from '@hopsk/core/plan/session/stage';
import { buildWords, faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Studies } from '../../compute/studies';
import type { BuildAsk } from '../../compute/study.worker';
import type { Built } from './built-in-words';

const catalogue = faultsByCode();

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
export async function nextStages({ asking, book, focus, today, club, performers, options }: From): Promise<Required<Built>> {
  const wants = nextSession(book.entries, book.first, book.decisions, focus, today);
  const said = buildWords();
  const stages: Stage[] = [];
  const leftOut: LeftOut[] = [];
  const why = new Map<string, string>();
  /** Each fault has its own. */
  const remedies = new Set<string>();
  for (const want of wants) {
    const answer = await asking.ask('forFault', { fault: want.fault, club, performers, options: { ...options, kinds: want.kinds } });
    for (const built of answer?.built.stages ?? []) {
      const stage = { ...stageInWords(built, said), part: want.part };
      const told = whyOf(want);
      if (built.name.code === 'remedy') remedies.add(stage.id);
      const at = stages.findIndex((one) => !remedies.has(stage.id) && !remedies.has(one.id) && isSame(one, stage));
      const before = stages[at];
      const view = before && viewOf(before, want.fault);
      // The same is done once, and looked at for both: their cues take turns.
      if (before && view) stages[at] = { ...before, view, watch: [...before.watch, ...stage.watch], cues: [...before.cues, ...stage.cues] };
      else stages.push(stage);
      why.set(before && view ? before.id : stage.id, before && view ? `${why.get(before.id) ?? ''} ${told}` : told);
    }
    leftOut.push(...(answer?.built.leftOut ?? []));
  }
  return { name: words.build.nextName(today), stages, leftOut, why, last: lastOf(book) };
}

const SAME = ['kind', 'part', 'steps', 'school', 'hand', 'lead', 'dose', 'tempo'] as const;
/** Whether what a stage does is done in another one already, for one fault. */
const isSame = (before: Stage, stage: Stage): boolean => before.watch.length === 1 && SAME.every((name) => before[name] === stage[name]);

/** From where both its fault and another one can be seen; nothing where that is nowhere, or it is the same one. */
function viewOf({ watch: [watched = ''] }: Stage, fault: string): View | undefined {
  const views = catalogue.get(fault)?.views ?? [];
  return watched === fault ? undefined : catalogue.get(watched)?.views.find((view) => views.includes(view));
}

const whyOf = ({ fault, reason }: NextWant): string => words.build.whyNext(faultLabel(fault), reason);

/** What was watched on the last evening, and how it came out. */
function lastOf({ entries, to }: Book): string {
  if (to === null) return '';
  const told = entries.flatMap(({ fault, sessions }) =>
    sessions.flatMap(({ day, rate }) => (day === to && rate !== null ? [words.build.rateOf(faultLabel(fault), rate)] : [])),
  );
  return words.build.lastTime(to, told);
}
