import { athlete, me } from '../testing/run';
import { draft, evening, stage } from '../testing/sessions';
import { newId } from '../data/ids';
import { planOf } from '../compute/session';
import { sessionBegun } from './session-run';

describe('how a session’s run begins', () => {
  const ada = athlete({ name: 'Ada' });
  const plan = planOf(evening());

  it('with everything it needs later written into it, and the first stage’s board', () => {
    const id = newId();
    const begun = sessionBegun({
      me,
      club: { views: {}, faults: [] },
      draft: draft([stage('30 s', { watch: ['crossed'], view: 'front' })]),
      sessionId: id,
      plan,
      here: [ada],
      now: new Date(2026, 10, 20, 23, 30),
    });
    if (typeof begun === 'string') throw new Error(begun);
    expect([begun.head.sessionId, begun.head.patternId, begun.head.day, begun.head.name]).toEqual([id, null, '2026-11-20', 'Tuesday']);
    expect([begun.board, begun.view, begun.names]).toEqual([['crossed'], 'front', { [ada.id]: 'Ada' }]);
  });

  it('not at all where the server would refuse it: the sentence says why', () => {
    const nobody = sessionBegun({ me, club: { views: {}, faults: [] }, draft: draft([stage('30 s')]), sessionId: null, plan, here: [] });
    expect(nobody).toBe('athletes needs somebody');
    const empty = sessionBegun({
      me,
      club: { views: {}, faults: [] },
      draft: draft([stage('30 s')]),
      sessionId: null,
      plan: { exercises: [], reps: [], phases: [], cues: [], landings: 0 },
      here: [ada],
    });
    expect(empty).toContain('stages needs at least 1');
  });

  it('has a name even when nobody gave it one', () => {
    const begun = sessionBegun({
      me,
      club: { views: {}, faults: [] },
      draft: draft([stage('30 s')], { name: ' ' }),
      sessionId: null,
      plan,
      here: [ada],
    });
    expect(typeof begun === 'string' ? begun : begun.head.name).toBe('Session');
  });
});
