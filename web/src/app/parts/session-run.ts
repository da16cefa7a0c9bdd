import type { Me } from '@hopsk/contract/club';
import type { Athlete } from '@hopsk/contract/people';
import { MOST_HERE } from '@hopsk/contract/run';
import type { Teaching } from '@hopsk/contract/teaching';
import { boardFor } from '@hopsk/core/log/tiles';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import type { Beginning } from '../data/desk';
import { begun } from './run-setup';
import type { Draft } from './session-draft';

/** What a session's run is made of. */
interface SessionBegun {
  readonly me: Me;
  /** Faults as the club has them. */
  readonly club: Pick<Teaching, 'views' | 'faults'>;
  readonly draft: Draft;
  /** Null where it was never saved. */
  readonly sessionId: string | null;
  readonly plan: RunPlan;
  readonly here: readonly Athlete[];
  readonly now?: Date;
}

/** The run of a session as it begins; a sentence where it cannot. The board is that of its first stage. */
export function sessionBegun({ me, club, draft, sessionId, plan, here, now }: SessionBegun): Beginning | string {
  const first = draft.stages[0];
  return begun({
    me,
    club,
    name: draft.name.trim() === '' ? words.build.unnamed : draft.name,
    plan,
    sessionId,
    people: here.slice(0, MOST_HERE),
    board: boardFor({ everybodys: first?.watch ?? [], own: [], order: [] }),
    view: first?.view ?? 'front',
    ...(now && { now }),
  });
}
