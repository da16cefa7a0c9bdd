import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { HallRun } from '@hopsk/contract/hall';
import { COUNT_DOWN } from '@hopsk/core/log/clock';
import { Screen } from '../../testing/screen';
import { event } from '../../testing/run';
import { Hall } from './hall';

const [ada, bea] = [crypto.randomUUID(), crypto.randomUUID()];
const phase = (start: number, end: number, kind: 'work' | 'rest', wave: number) => ({
  ...{ kind, start, end, set: 1, round: 1, exercise: 0, open: false, done: [], wave },
});
/** Two take turns: the first twenty seconds one of them is at it, then the other. */
const hallRun = (more: Partial<HallRun> = {}): HallRun => ({
  id: crypto.randomUUID(),
  name: 'Evening',
  club: 'Old Net Loft',
  plan: {
    exercises: [{ name: 'Corner', stage: crypto.randomUUID(), steps: '', watch: [], view: 'side' }],
    reps: [],
    phases: [phase(0, 20, 'work', 1), phase(20, 40, 'work', 2)],
    cues: [],
    landings: null,
  },
  athletes: [ada, bea],
  names: { [ada]: 'Ada', [bea]: '2' },
  line: null,
  stances: [],
  moves: [],
  events: [event(1, { kind: 'go', answers: null, m: 0 })],
  arrival: 3,
  now: (COUNT_DOWN + 5) * 1000,
  ...more,
});

describe('a hall screen', () => {
  let http: HttpTestingController;
  let screen: Screen<Hall>;
  beforeEach(() => {
    sessionStorage.clear();
    // Nobody hints in a spec: it is asked every two seconds.
    spyOn(window, 'EventSource' as never).and.returnValue({ close: () => undefined, addEventListener: () => undefined } as never);
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    http = TestBed.inject(HttpTestingController);
  });
  const opened = async (): Promise<void> => void (screen = await Screen.of(Hall));
  const away = (url: string): void => http.expectOne(url).error(new ProgressEvent('error'), { status: 0 });

  it('shows who is at it and whose turn comes, by the time that the server says', async () => {
    await opened();
    http.expectOne('/api/hall').flush(hallRun());
    await screen.until(() => screen.words.includes('round 1 of 1'));
    expect(screen.words).toContain('group 1 of 2');
    expect(screen.all('.names bdi').map((one) => one.textContent)).toEqual(['Ada', '2']);
    expect(screen.all('.names .waits').map((one) => one.textContent?.trim())).toEqual(['next turn:', '2']);
  });

  it('shows who is at which station', async () => {
    await opened();
    const run = hallRun();
    if (!('exercises' in run.plan)) throw new Error('it is a session');
    const plan = {
      ...run.plan,
      exercises: run.plan.exercises.map((one) => ({ ...one, stations: ['mirror', 'lunges'] })),
      phases: [phase(0, 60, 'work', 1)],
    };
    http.expectOne('/api/hall').flush({ ...run, plan });
    await screen.until(() => screen.all('dt').length === 2);
    expect(screen.all('dt, dd').map((one) => one.textContent?.trim())).toEqual(['mirror', 'Ada', 'lunges', '2']);
  });

  it('loaded anew without a network goes on where the run must be by now, and says so', async () => {
    const run = hallRun();
    sessionStorage.setItem('hall', JSON.stringify({ run, m: (COUNT_DOWN + 3) * 1000, at: Date.now() - 22_000 }));
    await opened();
    away('/api/hall');
    await screen.until(() => screen.words.includes('group 2 of 2'));
    expect(screen.words).toContain('No network');
    // The run ended meanwhile, as it says when it can be asked again.
    await screen.until(() =>
      http
        .match('/api/hall/events?after=3')
        .some((one) => (one.flush({ error: 'code-over', values: {}, fields: [] }, { status: 410, statusText: 'Gone' }), true)),
    );
    await screen.until(() => screen.words.includes('It is over'));
    expect(sessionStorage.getItem('hall')).toBeNull();
  });

  it('without anything kept asks for a code', async () => {
    await opened();
    http.expectOne('/api/hall').flush({ error: 'signed-out', values: {}, fields: [] }, { status: 401, statusText: 'Unauthorized' });
    await screen.until(() => screen.words.includes('the run’s code'));
    expect(screen.box('the run’s code').value).toBe('');
  });

  it('is somebody’s own phone: a light that is touched once a call, a counter; what is not heard waits, over a reload too', async () => {
    localStorage.clear();
    const cues = [{ at: 4, kind: 'call', say: 'left', show: 'left', sound: 'chime', couldGoOn: null } as const];
    const run = hallRun();
    const plan = { ...run.plan, cues } as HallRun['plan'];
    const said = (): { readonly as: string; readonly said: readonly { readonly kind: string; readonly seq: number }[] }[] =>
      http.match('/api/hall/said').map((one) => {
        const body = one.request.body as { as: string; said: { kind: string; seq: number }[] };
        one.flush({ stored: body.said.at(-1)?.seq ?? 0, called: 'Ada' });
        return body;
      });
    /** Answers what the phone says until it says that; gives the numbers of what it says then. */
    const heard = async (kind: string): Promise<number[]> => {
      let seqs: number[] = [];
      await screen.until(
        () => (seqs = said().flatMap(({ said: all }) => all.filter((one) => one.kind === kind).map(({ seq }) => seq))).length > 0,
      );
      return seqs;
    };
    await opened();
    http.expectOne('/api/hall').flush({ ...run, plan });
    await screen.until(() => screen.words.includes('round 1 of 1'));
    screen.button('a light').click();
    await screen.until(() => screen.words.includes('Ask the coach to say whose it is'));
    expect(await heard('thing')).toEqual([1]);
    await screen.until(() => screen.words.includes('Ada'));
    expect(screen.all('.own.lit').length).toBe(1);
    const touch = (): void => void screen.host.querySelector('.touch')?.dispatchEvent(new Event('pointerdown'));
    touch();
    touch();
    expect(await heard('reaction')).toEqual([2]);
    await screen.until(() => screen.words.includes(' ms'));
    screen.button('a screen for all').click();
    expect(await heard('thing')).toEqual([3]);
    await screen.until(() => screen.all('.shown').length > 0);
    screen.button('a counter').click();
    expect(await heard('thing')).toEqual([1]);
    await screen.until(() => screen.all('.touch .num').length > 0);
    for (let i = 0; i < 2; i++) screen.host.querySelector<HTMLButtonElement>('.touch')?.click();
    await screen.until(() => screen.words.includes('2 kept here, not sent yet'));
    screen.fixture.destroy();
    http.match('/api/hall/said').forEach((one) => one.cancelled || one.error(new ProgressEvent('error'), { status: 0 }));
    await opened();
    await screen.until(() => http.match('/api/hall').map((one) => one.flush({ ...run, plan })).length > 0);
    await screen.until(
      () =>
        screen
          .all('.touch .num')
          .map((one) => one.textContent)
          .join() === '2',
    );
    expect(await heard('reps')).toEqual([2, 3]);
    localStorage.clear();
  });
});
