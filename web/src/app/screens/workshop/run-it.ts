import type { Me } from '@hopsk/contract/club';
import type { Athlete } from '@hopsk/contract/people';
import { MOST_HERE } from '@hopsk/contract/run';
import type { OwnViews } from '@hopsk/core/catalogue/fault';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import type { Beginning } from '../../data/desk';
import { begun, BOARD_HOLDS } from '../../parts/run-setup';
import type { Draft } from '../../parts/session-draft';

/** What a session's run is made of. */
interface SessionBegun {
  readonly me: Me;
  /** From where faults show, as the club has it. */
  readonly views: OwnViews;
  readonly draft: Draft;
  /** Null where it was never saved. */
  readonly sessionId: string | null;
  readonly plan: RunPlan;
  readonly here: readonly Athlete[];
  readonly now?: Date;
}

/** The run of a session as it begins; a sentence where it cannot. The board is that of its first stage. */
export function sessionBegun({ me, views, draft, sessionId, plan, here, now }: SessionBegun): Beginning | string {
  const first = draft.stages[0];
  return begun({
    me,
    views,
    name: draft.name.trim() === '' ? words.build.unnamed : draft.name,
    plan,
    sessionId,
    people: here.slice(0, MOST_HERE),
    board: (first?.watch ?? []).slice(0, BOARD_HOLDS),
    view: first?.view ?? 'front',
    ...(now && { now }),
  });
}
