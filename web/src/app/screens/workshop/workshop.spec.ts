import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { READ_NOW } from '@hopsk/contract/read-now';
import type { Session } from '@hopsk/contract/session';
import type { SessionSave } from '@hopsk/contract/session-draft';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { sessions } from '../../data/records';
import { athlete, pattern } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { session, stage } from '../../testing/sessions';
import { draftOf } from '../../parts/session-draft';
import { Workshop } from './workshop';

describe('the workshop', () => {
  const ada = athlete({ name: 'Ada' });
  const lefty = athlete({ name: 'Lefty', hand: 'left' });
  const library = pattern({ name: 'Library', steps: 'split, shuffle right 40 cm' });
  let stored: Session;
  let screen: Screen<Workshop>;
  const host = () => screen.host;
  const doses = () => screen.all<HTMLInputElement>('.dose input').map((box) => box.value);
  const titles = () => screen.all('button.title').map((title) => title.textContent.trim());
  const alert = () => host().querySelector('[role=alert]');
  const device = () => TestBed.inject(DeviceStore);
  const http = () => TestBed.inject(HttpTestingController);

  beforeEach(async () => {
    stored = session({
      name: 'Tuesday',
      version: 2,
      stages: [stage('3 × 30 s', { name: 'First' }), stage('8 each side', { name: 'Second' })],
      settings: { change: 20, water: null, rest: null, setRest: null },
    });
    await house({ people: [ada, lefty], patterns: [library], sessions: [stored] });
  });

  /** Drawn, with the worker's answer there. */
  async function open(): Promise<void> {
    screen = await Screen.of(Workshop, { id: stored.id });
    await screen.until(() => host().querySelector('hop-time-bar') !== null);
  }
  function store(more: Partial<Session>): void {
    stored = session(more);
    TestBed.inject(Store).dispatch(sessions.actions.loaded([stored]));
  }
  const total = (): string => host().querySelector('.total')?.textContent.replace(/\s+/g, ' ').trim() ?? '';

  it('shows each stage with its dose, time and what is asked, where it stands', async () => {
    await open();
    await screen.until(() => host().querySelectorAll('hop-thumb').length === 2);
    expect(titles()).toEqual(['First', 'Second']);
    expect(doses()).toEqual(['3 × 30 s', '8 each side']);
    expect(screen.all('li')[0]?.querySelector('.problem.asks')?.textContent).toContain('Rest between rounds not decided');
    expect(total()).toContain('at least');
  });

  it('an answer to what is asked goes into the dose, and the sum is no longer ‘at least’', async () => {
    await open();
    await screen.until(() => host().querySelector('.problem.asks') !== null);
    screen.button('decide').click();
    await screen.until(() => doses()[0] === '3 × 30 s, rest 20 s' && host().querySelector('.problem.asks') === null);
    expect(total()).not.toContain('at least');
    expect(host().textContent).toContain('not saved');
  });

  it('says why a stage was asked for; one that is taken out asks why not, which is kept', async () => {
    const [first, second] = stored.stages.map(({ id, name }) => ({ stage: id, name, because: `because of ${name}`, whyNot: '' }));
    store({ ...stored, athletes: [ada.id], offered: { athlete: ada.id, stages: [first, second] as never } });
    await open();
    const why = screen.all('.problem.note').flatMap((one) => /because.*/.exec(one.textContent) ?? []);
    expect(why).toEqual(['because of First', 'because of Second']);
    expect(host().textContent).not.toContain('left out');
    screen.all('button.title')[1]?.click();
    await screen.until(() => host().querySelector('hop-stage-detail') !== null);
    screen.button('take this stage out').click();
    await screen.until(() => titles().length === 1 && (host().textContent ?? '').includes('because of Second'));
    screen.type(screen.box('why not ‘Second’'), 'sore heel', 'change');
    const kept = (await device().recall(`build:${stored.id}`)) as { draft: Session };
    expect(kept.draft.offered?.stages.map(({ whyNot }) => whyNot)).toEqual(['', 'sore heel']);
    // Whoever is taken out of the group takes along what their book asked for.
    screen
      .all('fieldset.who .chip')
      .find((chip) => chip.textContent.includes('Ada'))
      ?.click();
    await screen.until(() => !(host().textContent ?? '').includes('because of'));
  });

  it('what is typed is kept on the device at once, and is there again', async () => {
    await open();
    screen.type(screen.all<HTMLInputElement>('.dose input')[1] as HTMLInputElement, '12 × or so');
    await screen.until(() => screen.all('.dose input.bad').length === 1);
    const kept = (await device().recall(`build:${stored.id}`)) as { draft: { stages: { dose: string }[] } };
    expect(kept.draft.stages[1]?.dose).toBe('12 × or so');
    screen.fixture.destroy();
    await open();
    await screen.until(() => doses()[1] === '12 × or so');
    expect(screen.fixture.componentInstance.unsaved()).toBeTrue();
  });

  it('stages are moved by the arrows, taken out, doubled and added, and all of it taken back', async () => {
    await open();
    const handle = screen.all<HTMLButtonElement>('button.handle')[0] as HTMLButtonElement;
    handle.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown' }));
    await screen.until(() => titles()[0] === 'Second');
    screen.all('button.handle')[0]?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp' }));
    await screen.fixture.whenStable();
    expect(titles()).toEqual(['Second', 'First']);
    (screen.all('button.title')[0] as HTMLButtonElement).click();
    await screen.until(() => host().querySelector('hop-stage-detail') !== null);
    screen.button('double this stage').click();
    await screen.until(() => titles().length === 3);
    screen.button('take this stage out').click();
    await screen.until(() => titles().length === 2);
    screen.button('add').click();
    await screen.until(() => titles().at(-1) === 'Library');
    for (let i = 0; i < 4; i++) {
      host().querySelector<HTMLButtonElement>('button[aria-label="take back"]')?.click();
      await screen.fixture.whenStable();
    }
    expect(titles()).toEqual(['First', 'Second']);
  });

  it('is saved with its version; what another coach saved meanwhile is asked about', async () => {
    await open();
    screen.type(host().querySelector('input.name') as HTMLInputElement, 'Wednesday');
    await screen.fixture.whenStable();
    screen.button('save').click();
    const sent = http().expectOne(`/api/sessions/${stored.id}`);
    expect(sent.request.body as SessionSave).toEqual({ ...draftOf(stored), name: 'Wednesday', id: stored.id, version: 2, ...READ_NOW });
    const theirs = { ...stored, version: 3, minutes: 55 };
    sent.flush(
      { error: 'stale', values: { what: 'pattern' }, current: theirs, changed: ['minutes'] },
      { status: 409, statusText: 'Conflict' },
    );
    await screen.until(() => alert() !== null);
    expect(alert()?.textContent).toContain('minutes');
    screen.button('save mine over it').click();
    const again = http().expectOne(`/api/sessions/${stored.id}`);
    expect((again.request.body as SessionSave).version).toBe(3);
    again.flush({ ...(again.request.body as object), version: 4, archivedAt: null });
    await screen.until(() => !screen.fixture.componentInstance.unsaved());
  });

  it('a copy opens in the same screen as its own, also of one that was never saved', async () => {
    await open();
    const copy = newId();
    await device().keep(`build:${copy}`, { base: 0, draft: { ...draftOf(stored), name: 'Copy', stages: [stage('8', { name: 'Only' })] } });
    screen.fixture.componentRef.setInput('id', copy);
    await screen.until(() => titles().join() === 'Only');
    expect(host().querySelector<HTMLInputElement>('input.name')?.value).toBe('Copy');
    const third = newId();
    await device().keep(`build:${third}`, { base: 0, draft: { ...draftOf(stored), name: 'Third', stages: [] } });
    screen.fixture.componentRef.setInput('id', third);
    await screen.until(() => host().querySelector<HTMLInputElement>('input.name')?.value === 'Third');
    expect(titles()).toEqual([]);
  });

  it('without a name it is not sent, and says so', async () => {
    await open();
    screen.type(host().querySelector('input.name') as HTMLInputElement, '  ');
    await screen.fixture.whenStable();
    screen.button('save').click();
    await screen.until(() => alert() !== null);
    expect(alert()?.textContent).toContain('name is empty');
    http().expectNone(`/api/sessions/${stored.id}`);
  });

  it('for one of the group: turned round, with what they do otherwise, the others as planned', async () => {
    await open();
    screen.button('Lefty').click();
    await screen.until(() => host().querySelector('aside')?.textContent?.includes('Lefty’s lines are turned round') ?? false);
    (screen.all('button.title')[0] as HTMLButtonElement).click();
    await screen.until(() => host().querySelector('hop-stage-detail') !== null);
    const skips = [...host().querySelectorAll<HTMLInputElement>('hop-stage-detail .station input[type=checkbox]')];
    expect(skips.length).toBe(1);
    skips[0]?.click();
    await screen.fixture.whenStable();
    await screen.choose('as', 'Lefty');
    await screen.until(() => host().querySelector('.skipped') !== null);
    expect(screen.all('li')[0]?.textContent).toContain('Lefty leaves this stage out');
    await screen.choose('as', /the one it is for/);
    await screen.until(() => host().querySelector('.skipped') === null);
  });

  it('fits to the minutes there are only when they are known, and changes nothing before it is taken', async () => {
    store({ name: 'Wide', stages: [stage('1–6 × 30 s, rest 20 s', { name: 'Wide' })], minutes: null });
    await open();
    screen.button('fit to the time').click();
    await screen.until(() => host().textContent?.includes('How many minutes are there?') ?? false);
    screen.type(host().querySelector('.minutes input') as HTMLInputElement, '3', 'change');
    await screen.fixture.whenStable();
    screen.button('fit to the time').click();
    await screen.until(() => host().querySelector('hop-fit-table table') !== null);
    expect(doses()).toEqual(['1–6 × 30 s, rest 20 s']);
    screen.button('take it').click();
    // 3 × 30 and 2 × 20 are 130 s, a fourth round would be 180 s: just the three minutes.
    await screen.until(() => doses()[0] === '4 × 30 s, rest 20 s');
  });

  it('a pattern changed since is said at its stage, and taken when asked for', async () => {
    const old = stage('8', { name: 'Old', steps: 'split', pattern: { id: library.id, version: 0 } });
    store({ stages: [old] });
    await open();
    await screen.until(() => host().textContent?.includes('Its pattern was changed since') ?? false);
    screen.button('take the pattern as it is now').click();
    await screen.until(() => !(host().textContent?.includes('Its pattern was changed since') ?? true));
    const kept = (await device().recall(`build:${stored.id}`)) as { draft: Session };
    expect(kept.draft.stages[0]?.steps).toBe(library.steps);
  });

  it('is run: the plan goes into the run, and the floor opens', async () => {
    store({ name: 'Short', stages: [stage('20 s', { name: 'One', watch: ['split-late'] })], athletes: [ada.id] });
    await open();
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    screen.button('run it').click();
    const box = (): Element | null => document.querySelector('hop-here-box');
    await screen.until(() => box() !== null);
    // Who is expected is ticked; somebody else came too.
    const chips = [...(box()?.querySelectorAll<HTMLButtonElement>('.chip') ?? [])];
    expect(chips.map((chip) => [chip.querySelector('bdi')?.textContent, chip.getAttribute('aria-pressed')])).toEqual([
      ['Ada', 'true'],
      ['Lefty', 'false'],
    ]);
    chips[1]?.click();
    const start = (): HTMLButtonElement | undefined =>
      [...(box()?.querySelectorAll('button') ?? [])].find((one) => one.textContent?.includes('start with 2'));
    await screen.until(() => start() !== undefined);
    start()?.click();
    await screen.until(() => router.calls.count() > 0);
    expect(router.calls.mostRecent().args[0]).toEqual(['/floor/run']);
    const [run] = await device().runs();
    expect([run?.head.sessionId, run?.head.athletes, run?.head.name]).toEqual([stored.id, [ada.id, lefty.id], 'Short']);
    expect(((await device().recall('last')) as { here: string[] }).here).toEqual([ada.id, lefty.id]);
    expect(run && 'exercises' in run.head.plan ? run.head.plan.phases.at(-1)?.end : 0).toBe(20);
  });
});
