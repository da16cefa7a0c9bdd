import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { CueKind } from '@hopsk/core/plan/cue';
import type { RunEvent } from '@hopsk/core/log/event';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { Store } from '@ngrx/store';
import { Sounds } from '../../ports/sounds';
import { Speech } from '../../ports/speech';
import { runActions, runFeature } from '../../data/run';
import { RunTime } from '../../data/run-time';
import { TeachingStore } from '../../data/teaching';
import { athlete, event, keptRun } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { RunScreen } from './run-screen';

const [ada, bo] = [athlete({ name: 'Ada' }), athlete({ name: 'Bo' })];
const work = { kind: 'work', set: 1, round: 1, done: [] as [number, number][] } as const;
const exercise = (name: string, watch: string[], view: 'side' | 'front') => ({
  name,
  stage: crypto.randomUUID(),
  steps: 'split',
  watch,
  view,
});
const cue = (at: number, kind: CueKind, say: string, couldGoOn: boolean | null = null) => ({
  at,
  kind,
  say,
  show: say,
  sound: null,
  couldGoOn,
});

/** Ten seconds open to the coach, then twenty called, with a freeze. */
const twoStages: SessionPlan = {
  exercises: [exercise('Held', ['tall'], 'side'), exercise('Called', ['crossed'], 'front')],
  reps: [{ seconds: 2, chances: { repetition: [0] } }],
  phases: [
    { ...work, start: 0, end: 10, exercise: 0, open: true },
    { ...work, start: 10, end: 30, exercise: 1, open: false },
  ],
  cues: [cue(0, 'go', 'stand'), cue(10, 'go', 'turn'), cue(12, 'call', 'left'), cue(20, 'freeze', 'freeze', true), cue(30, 'end', 'done')],
  landings: 0,
};

describe('a session under way', () => {
  let screen: Screen<RunScreen>;
  const events = (): readonly RunEvent[] => TestBed.inject(Store).selectSignal(runFeature.selectEvents)();

  /** The run's own time goes as a spec says, not as a busy machine has it: milliseconds. */
  let m: number;
  let asked: jasmine.Spy;
  const to = (second: number): void => void (m = (second + 5) * 1000);

  /** The clock of the run goes and is at this second of the plan, into which it was skipped where open work lies before it. */
  async function open(
    second: number,
    plan: SessionPlan = twoStages,
    people = [ada, bo].map((one) => ({ ...one, focus: [] as string[] })),
  ): Promise<void> {
    await house({ people });
    spyOn(TestBed.inject(Speech), 'say');
    const run = keptRun({ names: { [ada.id]: 'Ada', [bo.id]: 'Bo' } }, { plan, athletes: [ada.id, bo.id] });
    const log = [
      event(1, { kind: 'board', faults: ['tall'], t: -5 }),
      event(2, { kind: 'view', view: 'side', t: -5 }),
      event(3, { kind: 'watch', athlete: ada.id, t: -5 }),
      event(4, { kind: 'go', answers: null, t: -5 }),
    ];
    if (second > 10) log.push(event(5, { kind: 'skip', to: second, answers: log[3]?.id ?? null, t: second }));
    to(second);
    asked = spyOn(TestBed.inject(RunTime), 'now').and.callFake(() => m);
    TestBed.inject(Store).dispatch(runActions.opened({ run, events: log }));
    screen = await Screen.of(RunScreen);
  }
  const said = (): string[] => (TestBed.inject(Speech).say as jasmine.Spy).calls.allArgs().map(([words]) => words as string);

  it('says and shows what falls due, and which stage of how many it is', async () => {
    await open(11.7);
    to(12.1);
    await screen.until(() => said().includes('left'));
    expect(screen.words).toContain('stage 2 of 2');
    expect(screen.words).toContain('Called');
    expect(screen.host.querySelector('.bars')?.children.length).toBe(2);
  });

  it('waits at the end of work that goes on until the coach says so', async () => {
    await open(9.7);
    // Held up for so long that it looks like a jump.
    to(17);
    await screen.until(() => events().some((one) => one.kind === 'pause'));
    expect(events().find((one) => one.kind === 'pause')?.m).toBe(15_000);
    expect(screen.words).toContain('Until they are comfortable');
    // It is still the first stage: what comes next is neither said nor on the board.
    expect(screen.words).toContain('stage 1 of 2');
    expect([said(), events().filter((one) => one.kind === 'board').length]).toEqual([[], 1]);
    screen.button('go on').click();
    await screen.until(() => events().some((one) => one.kind === 'resume'));
    to(17.2);
    await screen.until(() => said().includes('turn'));
    // With the next stage come its faults and the place to stand.
    await screen.until(() => events().some((one) => one.kind === 'board' && one.faults[0] === 'crossed'));
    await screen.until(() => events().some((one) => one.kind === 'view' && one.view === 'front'));
  });

  it('what is to come is left out, and the clock, its bars and the log go by it', async () => {
    await open(3);
    screen.button('to come').click();
    const dialog = (name: string): HTMLElement | null =>
      [...document.querySelectorAll<HTMLElement>('hop-to-come button')].find((one) => one.textContent?.trim() === name) ?? null;
    await screen.until(() => dialog('leave out') !== null);
    dialog('leave out')?.click();
    await screen.until(() => document.querySelector('hop-to-come')?.textContent?.includes('it ends with what is on') === true);
    dialog('go on so')?.click();
    await screen.until(() => events().some((one) => one.kind === 'plan'));
    const change = events().find((one) => one.kind === 'plan');
    expect(change?.kind === 'plan' && [change.after, change.change.from, change.change.phases]).toEqual([null, 1, []]);
    await screen.until(
      () => screen.host.querySelector('.bars')?.children.length === 1 && screen.words.includes('what is to come is changed'),
    );
    expect(screen.words).not.toContain('stage 1 of 2');
  });

  it('a rest is made longer, and its round comes once more: what was handed to sound by the old plan is taken back', async () => {
    const round = (start: number, n: number) => ({ ...work, round: n, start, end: start + 20, exercise: 0, open: false });
    const rest = { kind: 'rest' as const, set: 1, round: 1, start: 20, end: 40, exercise: 0, open: false, done: [] };
    const two = { ...twoStages, phases: [round(0, 1), rest, round(40, 2)], cues: [cue(60, 'end', 'done')] };
    await open(15, two);
    expect(screen.words).not.toContain('15 s more');
    to(25);
    await screen.until(() => screen.words.includes('15 s more'));
    const silence = spyOn(TestBed.inject(Sounds), 'silence').and.callThrough();
    screen.button('15 s more').click();
    await screen.until(() => screen.words.includes('0:30'));
    expect(silence).toHaveBeenCalled();
    screen.button('round once more').click();
    await screen.until(() => events().filter((one) => one.kind === 'plan').length === 2);
    const ends = events().flatMap((one) => (one.kind === 'plan' ? [one.change.phases.map(({ kind, end }) => [kind, end])] : []));
    expect(ends).toEqual([
      [
        ['rest', 55],
        ['work', 75],
      ],
      [
        ['work', 75],
        ['rest', 110],
        ['work', 130],
      ],
    ]);
    // Shorter than what is left of it: no rest ends before now, and nothing is said to have been done.
    to(54);
    screen.button('15 s less').click();
    await screen.until(() => screen.words.includes('0:01'));
    expect(events().filter((one) => one.kind === 'plan').length).toBe(2);
  });

  it('behind the exercise’s own tiles stand those of whoever is watched, as far as the line can show them', async () => {
    const own = twoStages.reps.map((rep) => ({ ...rep, chances: { ...rep.chances, split: [0.5] } }));
    const done = [0, 2, 4].map((at): [number, number] => [at, 0]);
    await open(3, { ...twoStages, reps: own, phases: twoStages.phases.map((one) => ({ ...one, done })) }, [
      { ...ada, focus: ['split-late', 'crossed'] },
      { ...bo, focus: ['tall', 'deep', 'split-late'] },
    ]);
    const tiles = (): (string | null)[] => screen.all('[data-fault]').map((one) => one.getAttribute('data-fault'));
    const watch = (name: string): void =>
      screen
        .all('.chip')
        .find((one) => one.textContent.includes(name))
        ?.click();
    const shown = (...codes: string[]): Promise<void> => screen.until(() => tiles().join() === codes.join());
    // Opened in the middle, the board is what the log says.
    await shown('tall');
    watch('Bo');
    // Nobody crosses in a line without steps. In one order for all: the same fault stands where it stood.
    await shown('tall', 'split-late', 'deep');
    watch('Ada');
    await shown('tall', 'split-late');
    const [board, watching] = events().slice(-2);
    expect([board?.kind, watching?.kind, watching && board && watching.m - board.m]).toEqual(['board', 'watch', 0]);
    screen.button('more …').click();
    await screen.until(() => document.querySelector('hop-fault-picker li button') !== null);
    const narrow = [...document.querySelectorAll<HTMLButtonElement>('hop-fault-picker li button')].find((one) =>
      one.textContent.includes('stance narrow'),
    );
    narrow?.click();
    await shown('tall', 'split-late', 'stance-narrow');
    watch('Bo');
    await shown('tall', 'split-late', 'deep');
  });

  it('what is on the audio clock stays there whatever is tapped, and is taken back when the clock is turned', async () => {
    await open(11.7);
    await screen.until(() => screen.all('[data-fault]').length > 0);
    const silenced = spyOn(TestBed.inject(Sounds), 'silence').and.callThrough();
    screen.all('[data-fault]')[0]?.click();
    await screen.until(() => events().some(({ kind }) => kind === 'fault'));
    await screen.fixture.whenStable();
    expect(silenced).not.toHaveBeenCalled();
    screen.button('next').click();
    await screen.until(() => events().at(-1)?.kind === 'end');
    expect(silenced).toHaveBeenCalled();
  });

  it('a fault that nobody has a name for is made where it is seen: named, tapped, and on the board from then on', async () => {
    await open(11.7);
    const teaching = TestBed.inject(TeachingStore);
    teaching.load();
    TestBed.inject(HttpTestingController).expectOne('/api/teaching').flush({ version: 0, choices: {}, stances: [] });
    await screen.until(() => teaching.ready());
    screen.button('more …').click();
    const box = (): HTMLInputElement | null => document.querySelector('hop-fault-picker input[type=search]');
    await screen.until(() => box() !== null);
    const type = (text: string): void => {
      const input = box();
      if (!input) return;
      input.value = text;
      input.dispatchEvent(new Event('input'));
    };
    const make = (): HTMLButtonElement | null => document.querySelector('hop-fault-picker .make button[mat-flat-button]');
    const said = (): string => document.querySelector('hop-fault-picker .make')?.textContent ?? '';
    type('stance narrow');
    await screen.until(() => document.querySelectorAll('hop-fault-picker li').length < 4);
    // One that there is cannot be made again.
    expect(make()).toBeNull();
    type(`hips ${'x'.repeat(40)}`);
    await screen.until(() => said().includes('40 letters'));
    expect(make()).toBeNull();
    type('  Hips   lag');
    await screen.until(() => make() !== null);
    expect(said()).toContain('‘Hips lag’');
    make()?.click();
    await screen.until(() => screen.all('[data-fault]').length === 2);
    expect(screen.all('[data-fault]').map((one) => [one.getAttribute('data-fault'), one.textContent.includes('Hips lag')])).toEqual([
      ['crossed', false],
      ['hips-lag', true],
    ]);
    expect(
      events()
        .slice(-3)
        .map((one) => [one.kind, one.kind === 'named' && one.per, one.kind === 'fault' && one.fault]),
    ).toEqual([
      ['named', 'repetition', false],
      ['fault', false, 'hips-lag'],
      ['board', false, false],
    ]);
    // It is chosen from the list like any other, with and without a network.
    expect(teaching.faultOptions().at(-1)).toEqual({ value: 'hips-lag', label: 'Hips lag' });
  });

  it('in turn: with each round it is the turn of whoever was seen least, and a swipe over the clock goes on to the next', async () => {
    const done = [0, 2, 4, 6, 8, 10, 12, 14, 16].map((at): [number, number] => [at, 0]);
    const round = (start: number, n: number) => ({ ...work, round: n, start, end: start + 20, exercise: 0, open: false, done });
    const rest = (start: number, n: number) => ({ ...round(start, n), kind: 'rest' as const, end: start + 5, done: [] });
    const phases = [round(0, 1), rest(20, 1), round(25, 2), rest(45, 2), round(50, 3)];
    await open(15, { ...twoStages, phases, cues: [] });
    const watched = (): string[] =>
      events().flatMap((one) => (one.kind === 'watch' && one.athlete ? [one.athlete === ada.id ? 'Ada' : 'Bo'] : []));
    expect(watched()).toEqual(['Ada']);
    screen.button('in turn').click();
    await screen.until(() => screen.button('in turn').getAttribute('aria-pressed') === 'true');
    to(22.5);
    await screen.until(() => watched().length === 2);
    to(47.5);
    await screen.until(() => watched().length === 3);
    expect(watched()).toEqual(['Ada', 'Bo', 'Ada']);
    const clock = screen.host.querySelector('hop-clock-block') as HTMLElement;
    const touch = (x: number): Touch => new Touch({ identifier: 1, target: clock, clientX: x, clientY: 50 });
    clock.dispatchEvent(new TouchEvent('touchstart', { touches: [touch(200)] }));
    clock.dispatchEvent(new TouchEvent('touchend', { changedTouches: [touch(100)] }));
    await screen.until(() => watched().at(-1) === 'Bo');
    screen.button('in turn').click();
  });

  it('a device that slept alone in its run asks whether they went on; a clock that is set moves nothing by itself', async () => {
    await open(3);
    const goes = spyOn(TestBed.inject(RunTime), 'goFrom').and.callThrough();
    const real = Date.now.bind(Date);
    let later = 0;
    spyOn(Date, 'now').and.callFake(() => real() + later);
    const sleep = async (ms: number): Promise<void> => {
      later += ms;
      await screen.until(() => screen.words.includes(`slept for ${clockText(Math.floor(ms / 1000))}`));
    };
    await sleep(750_500);
    screen.button('they stood').click();
    await screen.until(() => !screen.words.includes('slept'));
    expect(goes).not.toHaveBeenCalled();
    await sleep(750_500);
    screen.button('they went on').click();
    await screen.until(() => !screen.words.includes('slept'));
    const [to] = goes.calls.mostRecent().args;
    expect(Math.abs(to - m - 750_500)).toBeLessThan(500);
    // So many ticks have looked.
    const quiet = async (ms: number): Promise<void> => {
      later += ms;
      const ticks = asked.calls.count();
      await screen.until(() => asked.calls.count() > ticks + 3);
      expect(screen.words).not.toContain('slept');
    };
    // Set back, or a little ahead, it asks nothing.
    await quiet(-3_600_000);
    await quiet(10_000);
    // What is not answered yet adds up.
    await sleep(375_900);
    later += 375_900;
    await screen.until(() => screen.words.includes('slept for 12:31'));
    // Where others are in the run, the server says how far it is.
    const other = event(1, { kind: 'watch', athlete: null, t: 4 });
    TestBed.inject(Store).dispatch(runActions.heard({ events: [{ ...other, id: crypto.randomUUID(), device: 'other', order: 9 }] }));
    await screen.until(() => !screen.words.includes('slept'));
    await quiet(750_500);
  });

  it('display, words and beeps stay together when somebody sets the wall’s clock, and when the run’s time is put right', async () => {
    await open(10.5);
    const planned: [number, number][] = [];
    spyOn(TestBed.inject(Sounds), 'plan').and.callFake((_beeps, t) => void planned.push([t, m / 1000 - 5]));
    const real = Date.now.bind(Date);
    spyOn(Date, 'now').and.callFake(() => real() - 3_600_000);
    to(12.1);
    await screen.until(() => said().includes('left'));
    expect(said()).toEqual(['left']);
    const before = planned.length;
    to(26);
    await screen.until(() => planned.length > before && screen.words.includes('0:04'));
    // Nothing of what lies between is said late.
    expect(said()).toEqual(['left']);
    for (const [t, at] of planned) expect(t).toBeCloseTo(at, 1);
  });

  it('asks at a freeze whether they could go on, beside what was simulated, once', async () => {
    await open(19.8);
    to(20.1);
    await screen.until(() => screen.words.includes('Frozen: could they go on?'));
    expect(screen.words).toContain('as simulated: could');
    screen.button('could not').click();
    await screen.until(() => !screen.words.includes('Frozen'));
    const freeze = events().find((one) => one.kind === 'freeze');
    expect(freeze?.kind === 'freeze' && [freeze.could, freeze.athlete]).toEqual([false, ada.id]);
  });
});
