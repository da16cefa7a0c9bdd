import { fieldsOf, MOST_HERE, RunHead, type Athlete, type Me } from '@hopsk/contract';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { inALine, saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { newId } from '../../data/ids';
import { BOARD_HOLDS, dayOf } from '../../parts/run-setup';
import type { Beginning } from '../../data/desk';
import type { Draft } from '../../parts/session-draft';

/** The run of a session as it begins; a sentence where it cannot. The board is that of its first stage. */
export function sessionHead(
  me: Me,
  draft: Draft,
  progressionId: string | null,
  plan: RunPlan,
  here: readonly Athlete[],
  now = new Date(),
): Beginning | string {
  const people = here.slice(0, MOST_HERE);
  const first = draft.stages[0];
  const head: RunHead = {
    id: newId(),
    name: draft.name.trim() === '' ? words.build.unnamed : draft.name,
    day: dayOf(now),
    startedAt: now.toISOString(),
    patternId: null,
    progressionId,
    steps: null,
    plan: plan,
    athletes: people.map((athlete) => athlete.id),
    tapDelay: me.coach.tapDelay,
  };
  // What the server would refuse later is said now.
  const checked = RunHead.safeParse(head);
  if (!checked.success) return inALine(saidFields(fieldsOf(checked.error, head)));
  return {
    head,
    clubId: me.club.id,
    names: Object.fromEntries(people.map((athlete) => [athlete.id, athlete.name])),
    board: (first?.watch ?? []).slice(0, BOARD_HOLDS),
    view: first?.view ?? 'front',
  };
}
