import { PLAN_LIMITS, unfoldsTo } from '@hopsk/core/plan/unfolds';
import { SignIn } from './club.js';
import { CLUB_FILE } from './club-format.js';
import { ClubFile } from './club-file.js';
import { Rounds } from './pattern.js';
import { AthleteDraft } from './people.js';
import { fieldsOf } from './problem.js';
import { PlanChange, RunHead } from './run.js';
import { EarlierUpload } from './run-sent.js';
import { sampleAthlete, sampleRun, sampleSession } from './testing/samples.js';

const athlete = sampleAthlete;
const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 };
function said(schema: typeof AthleteDraft | typeof Rounds | typeof RunHead, input: unknown): string[] {
  const result = schema.safeParse(input);
  return result.success
    ? []
    : fieldsOf(result.error, input).map(({ path, code, values }) => [path, code, ...Object.values(values).map(String)].join(' '));
}

describe('what crosses the wire', () => {
  it('takes names in any script, with emoji', () => {
    for (const name of ['Ada', 'נועה', '山田 花', 'Zoë 🏓', 'O’Brien-Núñez']) expect(said(AthleteDraft, { ...athlete, name })).toEqual([]);
  });

  it('says field and code for what cannot be', () => {
    expect(said(AthleteDraft, { ...athlete, name: '  ', height: 17, hand: 'both' })).toEqual([
      'name empty',
      'hand one-of left,right',
      'height between 0.8 2.4 m',
    ]);
    expect(said(AthleteDraft, { ...athlete, name: 'a\u202eb' })).toEqual(['name unseen']);
    expect(said(AthleteDraft, { ...athlete, name: undefined })).toEqual(['name missing']);
    expect(said(AthleteDraft, { ...athlete, name: 'x'.repeat(81) })[0]).toBe('name longer 80');
    expect(said(AthleteDraft, { ...athlete, school: 'Tri Pod' })).toEqual(['school code']);
    // A measured time says what it is of and when it was taken.
    const time = { seconds: 0.5, spread: null, n: null, from: 'typed', day: '2026-11-30' };
    expect(said(AthleteDraft, { ...athlete, tempo: { gather: time, lunge: { ...time, from: 'tapped', n: 12, spread: 0.03 } } })).toEqual(
      [],
    );
    expect(said(AthleteDraft, { ...athlete, tempo: { gather: { ...time, seconds: 30 } } })).toEqual([
      'tempo.gather.seconds between 0.05 10 s',
    ]);
    expect(said(AthleteDraft, { ...athlete, tempo: { gather: { ...time, day: 'today' } } })).toEqual(['tempo.gather.day day']);
    expect(said(AthleteDraft, { ...athlete, tempo: { hurdles: time } }).length).toBe(1);
  });

  it('keeps doses within a day’s sense', () => {
    expect(said(Rounds, dose)).toEqual([]);
    expect(said(Rounds, { ...dose, rest: null })).toEqual([]);
    expect(said(Rounds, { ...dose, rounds: 10_000 })).toEqual(['rounds between 1 100 ']);
    expect(said(Rounds, { ...dose, rest: -5 })).toEqual(['rest between 0 3600 s']);
    expect(said(Rounds, { ...dose, work: 3000, rounds: 20 })).toEqual(['rounds together 6']);
    expect(said(Rounds, { ...dose, mode: 'reps', work: 2.5 })[0]).toContain('work reps');
    expect(said(Rounds, { ...dose, work: NaN })[0]).toBe('work number');
  });

  it('takes no plan that comes to more than anybody runs, and counts that without making it', () => {
    const plan = (more: object, chances: object) => ({
      ...{ ...sampleRun, id: crypto.randomUUID(), athletes: [crypto.randomUUID()] },
      plan: { dose: { ...dose, mode: 'seconds', rest: 0, setRest: 0, sets: 1, ...more }, rep: { seconds: 0.05, chances } },
    });
    // What froze a server for eight seconds: 1.2 kB.
    const many = Array.from({ length: 200 }, (_, i) => i / 5000);
    expect(said(RunHead, plan({ work: 3600, rounds: 6 }, { step: many }))).toEqual([`plan unfolds occasions ${PLAN_LIMITS.occasions}`]);
    expect(said(RunHead, plan({ work: 10, rounds: 2 ** 40, mode: 'reps' }, { step: [0] }))[0]).toContain('plan.dose.rounds between');
    expect(said(RunHead, plan({ work: 1000, rounds: 1 }, { step: many }))).toEqual([`plan unfolds chances ${PLAN_LIMITS.chances}`]);
    expect(said(RunHead, plan({ work: 1100, rounds: 1 }, { step: [0], split: many.slice(0, 10) }))).toEqual([]);
    expect(
      unfoldsTo({
        dose: { mode: 'seconds', work: 1100, rounds: 1, sets: 1, rest: 0, setRest: 0 },
        rep: { seconds: 0.05, chances: { step: [0] } },
      }),
    ).toEqual({
      occasions: 22_000,
      chances: 22_000,
    });
  });

  it('reads an address in small letters and refuses an event it does not know', () => {
    expect(SignIn.parse({ email: 'Coach@Example.test', password: 'x' }).email).toBe('coach@example.test');
    const go = { id: sampleRun.id, n: 0, at: 0, t: -5, kind: 'go' };
    expect(EarlierUpload.safeParse({ run: sampleRun, events: [go] }).success).toBeTrue();
    const read = EarlierUpload.safeParse({ run: sampleRun, events: [go, { ...go, kind: 'explode' }] });
    expect(read.error?.issues.map((issue) => issue.path.slice(0, 2))).toEqual([['events', 1]]);
  });
});

describe('what an earlier version wrote', () => {
  const { sessionId: _, ...head } = { ...sampleRun, id: crypto.randomUUID(), athletes: [crypto.randomUUID()] };
  const planned = crypto.randomUUID();

  it('a run that a device still holds keeps the session it was a run of', () => {
    expect(EarlierUpload.parse({ run: { ...head, progressionId: planned }, events: [] }).run.sessionId).toBe(planned);
    // A field that has its name of today is what counts.
    const both = { ...head, progressionId: crypto.randomUUID(), sessionId: planned };
    expect(EarlierUpload.parse({ run: both, events: [] }).run.sessionId).toBe(planned);
    expect(EarlierUpload.safeParse({ run: { ...head, progressionId: 'x' }, events: [] }).success).toBeFalse();
    for (const run of [null, 7, 'run', []]) expect(EarlierUpload.safeParse({ run, events: [] }).success).toBeFalse();
  });

  it('a club file of version 1 loses no session, and one of tomorrow is refused', () => {
    const one = { ...sampleSession, id: planned, version: 0 };
    const file = { format: CLUB_FILE, club: { name: 'Lighthouse' }, athletes: [], patterns: [], runs: [] };
    const read = (more: object): unknown => ClubFile.safeParse({ ...file, ...more }).data;
    expect(read({ version: 1, progressions: [one] })).toEqual({ ...file, version: 3, sessions: [one] });
    expect(read({ version: 2, sessions: [one] })).toEqual({ ...file, version: 3, sessions: [one] });
    expect(read({ version: 4, sessions: [one] })).toBeUndefined();
  });

  it('takes a plan up to its limits, and says where one goes over them', () => {
    const stage = '0b5a7a3e-6a53-4b0e-9a36-2f7d6c1e8a11';
    const exercise = { name: 'Alone', stage, steps: 'split', watch: [], view: 'side' };
    const phase = { kind: 'work', start: 0, end: 1, set: 1, round: 1, exercise: 0, open: false, done: [[0, 0]] };
    const rep = { seconds: 1, chances: { split: [0] } };
    const of = (exercises: number, phases: number, reps: number) => ({
      ...sampleRun,
      plan: {
        exercises: Array.from({ length: exercises }, () => exercise),
        reps: Array.from({ length: reps }, () => rep),
        phases: Array.from({ length: phases }, () => phase),
        cues: [],
        landings: null,
      },
    });
    expect(RunHead.safeParse(of(60, 6000, 2000)).success).toBeTrue();
    const change = { from: 1, exercises: [], reps: [], phases: [phase], cues: [] };
    const cue = { at: 0, kind: 'go', say: 'x'.repeat(400), show: 'x'.repeat(400), sound: null, couldGoOn: null };
    const large = { ...change, cues: Array.from({ length: 1500 }, () => cue) };
    const late = { ...change, phases: [{ ...phase, start: 6 * 3600, end: 6 * 3600 + 1 }] };
    expect([change, large, late].map((one) => PlanChange.safeParse(one).success)).toEqual([true, false, false]);
    for (const [over, where] of [
      [of(61, 1, 1), 'exercises'],
      [of(1, 6001, 1), 'phases'],
      [of(1, 1, 2001), 'reps'],
      [of(1, 0, 1), 'phases'],
    ] as const) {
      const { error } = RunHead.safeParse(over);
      expect(error && fieldsOf(error, over).map(({ path }) => path)).toEqual([`plan.${where}`]);
    }
  });
});
