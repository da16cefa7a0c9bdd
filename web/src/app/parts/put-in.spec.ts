import { TestBed } from '@angular/core/testing';
import { runInInjectionContext, EnvironmentInjector } from '@angular/core';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { OPEN_SETTINGS } from '@hopsk/core/plan/session/session';
import { athlete, pattern } from '../testing/run';
import { house } from '../testing/screen';
import { offersOf, PutIn } from './put-in';

const session = { ...sampleSession, id: 'one', version: 1, archivedAt: null, savedAt: '2026-11-21T18:00:00Z' };

describe('what is put into a run', () => {
  it('is offered from the session that is run first, then from others, then from patterns', () => {
    const other = { ...session, id: 'two', name: 'Other' };
    const offers = offersOf({ sessions: [other, session], patterns: [pattern({ name: 'Alone' })] }, 'one');
    const stages = session.stages.length;
    expect(offers.map(({ of }) => of)).toEqual([...Array(stages).fill(session.name), ...Array(stages).fill('Other'), '']);
    expect(offers.at(-1)?.name).toBe('Alone');
  });

  it('is compiled by the worker with the dose that is typed, and its change-over; what cannot be read is refused with a sentence', async () => {
    const ada = athlete();
    await house({ people: [ada] });
    const makes = runInInjectionContext(TestBed.inject(EnvironmentInjector), () => new PutIn([ada], { ...OPEN_SETTINGS, change: 12 }));
    const stage = await offersOf({ sessions: [session], patterns: [] }, null)[0]?.stage();
    if (!stage) throw new Error('there is one');
    const made = await makes.made(stage, '3 × 20 s, rest 10 s');
    if (typeof made === 'string') throw new Error(made);
    const phases = made.of?.phases.slice(made.first, made.last + 1) ?? [];
    expect(phases[0]?.kind).toBe('change');
    expect((phases[0]?.end ?? 0) - (phases[0]?.start ?? 0)).toBe(12);
    expect(phases.filter(({ kind }) => kind === 'work').map(({ start, end }) => end - start)).toEqual([20, 20, 20]);
    expect(made.of?.exercises[made.exercise]?.stage).toBe(stage.id);
    expect(await makes.made(stage, '3 × banana')).toContain('banana');
    // A rest that nobody decided is asked for, and not left out in silence.
    expect(typeof (await makes.made(stage, '3 × 20 s'))).toBe('string');
  });

  it('a pattern becomes a stage with its own rounds', async () => {
    const offer = offersOf(
      { sessions: [], patterns: [pattern({ dose: { mode: 'reps', work: 6, rounds: 2, sets: 1, rest: 20, setRest: null } })] },
      null,
    )[0];
    expect((await offer?.stage())?.dose).toBe('2 × 6, rest 20 s');
  });
});
