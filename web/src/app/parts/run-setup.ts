import type { Me } from '@hopsk/contract/club';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import { fieldsOf } from '@hopsk/contract/problem';
import { RunHead } from '@hopsk/contract/run';
import type { Teaching } from '@hopsk/contract/teaching';
import type { OwnViews, View } from '@hopsk/core/catalogue/fault';
import { countedOtherwise, faultsByCode, type Otherwise } from '@hopsk/core/catalogue/faults';
import { mergesOf } from '@hopsk/core/catalogue/merges';
import { mergedFaults, mergedPlan } from '@hopsk/core/log/merged';
import type { Rounds } from '@hopsk/core/language/rounds';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { inALine, saidFields } from '@hopsk/words/naming';
import type { Repetition } from '../compute/repetition';
import { newId } from '../data/ids';
import type { Beginning } from '../data/desk';

/** From where most of the board can be seen. */
export function viewOf(board: readonly string[], faults: Otherwise): View {
  const catalogue = faultsByCode(faults);
  const from = (view: View): number => board.filter((code) => catalogue.get(code)?.views.includes(view)).length;
  return from('front') > from('side') ? 'front' : 'side';
}

/** From where faults show for this coach of this club, where it is other than usual: what the coach says holds before what the club does. */
export const viewsFor = ({ coach }: Me, club: OwnViews): OwnViews => ({ ...club, ...coach.views });

/** The hall's own day, not the one of a far time zone. */
export const dayOf = (now: Date): string => {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** What a run is made of when it begins. */
interface Begun {
  readonly me: Me;
  /** Faults as the club has them. */
  readonly club: Pick<Teaching, 'views' | 'faults'>;
  readonly name: string;
  readonly plan: RunPlan;
  readonly people: readonly Athlete[];
  readonly board: readonly string[];
  readonly view: View;
  readonly patternId?: string | null;
  readonly sessionId?: string | null;
  readonly steps?: string | null;
  readonly now?: Date;
}

/** The run as it begins: everything it needs later is written into it, names too. What the server would refuse later is said now. */
export function begun({
  me,
  club,
  name,
  plan,
  people,
  board,
  view,
  patternId,
  sessionId,
  steps,
  now = new Date(),
}: Begun): Beginning | string {
  const own = viewsFor(me, club.views);
  const [faults, merges] = [countedOtherwise(club.faults), mergesOf(club.faults)];
  const head: RunHead = {
    id: newId(),
    name,
    day: dayOf(now),
    startedAt: now.toISOString(),
    patternId: patternId ?? null,
    sessionId: sessionId ?? null,
    steps: steps ?? null,
    plan: mergedPlan(plan, merges),
    athletes: people.map((athlete) => athlete.id),
    tapDelay: me.coach.tapDelay,
    ...(Object.keys(own).length > 0 && { views: own }),
    ...(faults.length > 0 && { faults }),
  };
  const checked = RunHead.safeParse(head);
  if (!checked.success) return inALine(saidFields(fieldsOf(checked.error, head)));
  return {
    head,
    clubId: me.club.id,
    names: Object.fromEntries(people.map((athlete) => [athlete.id, athlete.name])),
    board: mergedFaults(board, merges),
    view,
  };
}

/** What rounds are made of: of one pattern, or of none, when attempts are tapped. */
interface RoundsBegun extends Pick<Begun, 'me' | 'club' | 'name' | 'people' | 'board' | 'now'> {
  readonly pattern: Pattern | null;
  readonly rep: Repetition | null;
  readonly dose: Rounds;
}

export const roundsBegun = ({ pattern, rep, dose, ...more }: RoundsBegun): Beginning | string =>
  begun({
    ...more,
    patternId: pattern?.id ?? null,
    steps: rep?.steps ?? null,
    plan: { dose, rep: rep?.plan ?? null },
    view: viewOf(more.board, { faults: more.club.faults, views: viewsFor(more.me, more.club.views) }),
  });
