import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { SessionDraft } from '@hopsk/contract/session-draft';
import { AIMS } from '@hopsk/core/catalogue/aims';
import { words } from '@hopsk/words/words';
import { DeviceStore } from '../../data/device-store';
import { athlete, pattern } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { EVENING, session, stage } from '../../testing/sessions';
import { GridMap } from './grid-map';
import { Sessions } from './sessions';
import { Sheets } from './sheets';
import { StartFrom } from './start-from';

const ada = athlete({ name: 'Ada', focus: ['split-late'] });
const evening = pattern({ name: 'Evening', steps: EVENING });

/** The draft that was put on the device for the page that opens next. */
async function begun(router: jasmine.Spy): Promise<SessionDraft> {
  const [path] = router.calls.mostRecent().args as [string[]];
  const kept = (await TestBed.inject(DeviceStore).recall(`build:${path[1]}`)) as { draft: SessionDraft };
  return kept.draft;
}

describe('where a session begins', () => {
  let router: jasmine.Spy;
  let screen: Screen<StartFrom>;
  const stages = () => screen.all('aside ol li').map((one) => one.textContent.replace(/\s+/g, ' ').trim());
  async function open(inputs: Record<string, unknown> = {}): Promise<void> {
    await house({ people: [ada], patterns: [evening] });
    router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    screen = await Screen.of(StartFrom, inputs);
  }
  async function take(): Promise<SessionDraft> {
    const go = screen.all<HTMLButtonElement>('.page > button')[0];
    await screen.until(() => go?.disabled === false);
    go?.click();
    await screen.until(() => router.calls.count() > 0);
    return begun(router);
  }

  it('a pattern is taken apart and built up, with the rests that were decided, for whom it is', async () => {
    await open({ pattern: evening.id });
    await screen.choose('for', 'Ada');
    screen.type(screen.box('rest in new'), '15', 'change');
    screen.type(screen.box('minutes'), '40', 'change');
    await screen.until(() => stages().some((one) => one.includes('rest 15 s')));
    const draft = await take();
    expect(draft.stages.map((one) => one.kind)).toContain('isolate');
    expect(draft.stages.map((one) => one.kind)).toContain('called');
    expect([draft.name, draft.minutes, draft.athletes, draft.settings.rest]).toEqual(['Evening', 40, [ada.id], 15]);
    expect(draft.stages.every((one) => one.pattern === null || one.pattern.id === evening.id)).toBeTrue();
  });

  it('kinds of stages are chosen; what could not be made says why', async () => {
    await open();
    await screen.until(() => stages().length > 3);
    const before = stages().length;
    screen.button('alone').click();
    await screen.until(() => stages().length > 0 && stages().length < before);
    expect(stages().some((one) => one.includes('alone ·'))).toBeFalse();
    screen.button('situations').click();
    await screen.until(() => screen.words.includes('Not made'));
  });

  it('a fault begins with its remedy, for the one whose focus it is', async () => {
    await open();
    await screen.choose('for', 'Ada');
    screen.button('a fault').click();
    const late = words.faults['split-late'];
    await screen.until(() => stages()[0]?.includes(words.remedies['split-late'] ?? '?') ?? false);
    const draft = await take();
    for (const one of draft.stages) expect([one.watch, one.cues]).toEqual([['split-late'], [late?.cue ?? '']]);
  });

  it('every usual aim gives stages, and a playbook its situations', async () => {
    await open();
    screen.button('a usual aim').click();
    await screen.fixture.whenStable();
    for (const aim of [AIMS[0], AIMS.at(-1)]) {
      await screen.choose('a usual aim', new RegExp(words.aims[aim?.code ?? '']?.name ?? '-'));
      await screen.until(() => screen.words.includes(words.aims[aim?.code ?? '']?.says ?? '?') && stages().length > 2);
    }
    screen.button('a playbook').click();
    await screen.until(() => stages().some((one) => one.includes('situations ·')));
    expect(stages().some((one) => one.includes('alone ·'))).toBeFalse();
  });

  it('an empty page is empty, also while stages of something else are still being built', async () => {
    await open();
    screen.button('an empty page').click();
    await screen.fixture.whenStable();
    const draft = await take();
    expect(draft.stages).toEqual([]);
  });

  it('two to compare need to be two', async () => {
    await open();
    screen.button('two to compare').click();
    await screen.fixture.whenStable();
    expect(screen.all<HTMLButtonElement>('.page > button')[0]?.disabled).toBeTrue();
  });
});

describe('the grid of variants', () => {
  it('counts, shows what the athlete did, and builds a session of it', async () => {
    const own = pattern({ name: 'Short', steps: 'split, shuffle right 40 cm' });
    const planned = session({ athletes: [ada.id], stages: [stage('8', { steps: own.steps })] });
    await house({ people: [ada], patterns: [own], sessions: [planned] });
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const screen = await Screen.of(GridMap, { pattern: own.id });
    TestBed.inject(HttpTestingController)
      .match((request) => request.url.includes('/stage-records'))
      .forEach((request) =>
        request.flush([{ stage: planned.stages[0]?.id, sessions: [{ day: '2026-11-10', n: 20, hits: 2, result: null }] }]),
      );
    await screen.until(() => screen.words.includes('6 variants, 3 each = 18'));
    const row = () => screen.all('tbody tr').find((one) => one.textContent.includes('side: as written · count: 1'));
    await screen.until(() => /1\s*1\s*20\s*18\s*$/.test(row()?.textContent ?? ''));
    // What was done once comes after what was never done.
    expect(screen.all('tbody tr').at(-1)).toBe(row());
    screen.type(screen.box('count'), '1, 2', 'change');
    await screen.until(() => screen.words.includes('4 variants, 3 each = 12'));
    screen.button('build session 1').click();
    await screen.until(() => router.calls.count() > 0);
    const draft = await begun(router);
    expect(draft.stages.map((one) => one.dose)).toEqual(['3', '3']);
    expect(draft.athletes).toEqual([ada.id]);
  });

  it('says what cannot be read and what is too much', async () => {
    await house({ people: [], patterns: [pattern({ steps: 'split' })] });
    const screen = await Screen.of(GridMap);
    screen.button('exit').click();
    await screen.fixture.whenStable();
    screen.type(screen.box('exit'), 'odd: wobble 3', 'change');
    await screen.until(() => screen.all('tbody .wrong').length > 0);
    expect(screen.words).toContain('0 variants, 3 each = 0');
    for (const axis of ['direction', 'racket, blade, gloves', 'lead', 'technique', 'retreat', 'way back']) {
      screen.button(axis).click();
      await screen.fixture.whenStable();
    }
    const eight = Array.from({ length: 8 }, (_, i) => `v${i}: hold ${i + 1} s`).join(' | ');
    for (const axis of ['exit', 'technique', 'retreat', 'way back']) {
      screen.type(screen.box(axis), eight, 'change');
      await screen.fixture.whenStable();
    }
    await screen.until(() => screen.words.includes('more than the 2000'));
  });

  it('leaves out an axis of numbers on which something is none, and says so', async () => {
    await house({ people: [], patterns: [pattern({ steps: 'split, shuffle right 40 cm' })] });
    const screen = await Screen.of(GridMap);
    await screen.until(() => screen.words.includes('6 variants'));
    screen.type(screen.box('count'), '1, many', 'change');
    await screen.until(() => screen.words.includes('‘many’ is no number that ‘count’ can take'));
    await screen.until(() => screen.words.includes('2 variants'));
    screen.type(screen.box('side'), 'forehand, backhand', 'change');
    screen.type(screen.box('count'), '1, 2', 'change');
    await screen.until(() => screen.words.includes('4 variants'));
    expect(screen.words).toContain('side: backhand · count: 1');
  });
});

describe('sheets to print', () => {
  const partner = {
    steps: 'advance 20 cm',
    what: 'walks in',
    when: 'after the split',
    reAim: 'chest',
    coming: true,
    kit: 'mask',
    contact: 'touch' as const,
  };
  let screen: Screen<Sheets>;

  beforeEach(async () => {
    const stages = [
      stage('3 × 8, rest 20 s', { name: 'Alone', watch: ['split-late'], cues: ['land as it is hit'], cautions: ['stop on pain'] }),
      stage('2 × 30 s, rest 20 s', { name: 'With somebody', partner, cueing: 'partner' }),
    ];
    const differences = [{ athlete: ada.id, stage: stages[0]?.id ?? '', skip: false, dose: '2 × 8, rest 20 s', note: 'softly' }];
    const whole = session({ name: 'Tuesday', athletes: [ada.id], stages, differences });
    await house({ people: [ada], patterns: [], sessions: [whole] });
    screen = await Screen.of(Sheets, { id: whole.id });
    await screen.until(() => screen.all('tbody tr').length === 2);
  });

  it('the coach’s: every stage with dose, faults, cue, time and a box to tick', async () => {
    await screen.until(() => screen.words.includes('1:35'));
    const [first] = screen.all('tbody tr');
    expect(first?.textContent).toContain('3 × 8, rest 20 s');
    expect(first?.textContent).toContain('land as it is hit');
    expect(screen.words).toContain('Ada');
  });

  it('the partner’s: what, when, where to aim again, kit and contact', async () => {
    screen.button('partner’s cards').click();
    await screen.fixture.whenStable();
    for (const words of ['walks in', 'after the split', 'chest', 'mask', 'touch', 'still coming', 'Children'])
      expect(screen.words).toContain(words);
    expect(screen.words).not.toContain('Alone');
  });

  it('homework for one: only what can be done alone, their own dose, a cue, questions, cautions', async () => {
    screen.button('homework').click();
    await screen.choose(/./, 'Ada');
    await screen.until(() => screen.words.includes('2 × 8, rest 20 s'));
    expect(screen.words).not.toContain('With somebody');
    for (const words of ['softly', 'One cue: land as it is hit', 'Ask yourself', 'split late', 'stop on pain'])
      expect(screen.words).toContain(words);
    await screen.until(() => screen.all('hop-floor svg').length === 1);
  });
});

describe('what the club has planned', () => {
  it('stands there as it was saved last, forty at once, and is found by name, stage, athlete and day', async () => {
    const many = Array.from({ length: 45 }, (_, i) => session({ name: `Number ${i}`, savedAt: new Date(2026, 9, 1, 12, i).toISOString() }));
    const last = session({ name: 'Last', savedAt: new Date(2026, 10, 20, 18).toISOString(), athletes: [ada.id] });
    const staged = { ...stage('8'), name: 'Rope ladder' };
    const first = session({ name: 'First', savedAt: new Date(2026, 8, 1, 0, 5).toISOString(), stages: [staged] });
    await house({ people: [ada], sessions: [first, ...many, last] });
    const screen = await Screen.of(Sessions);
    const names = () => screen.all('li .name').map((one) => one.textContent.trim());
    expect([names().length, names()[0], names()[1]]).toEqual([40, 'Last', 'Number 44']);
    expect(screen.words).toContain('saved 2026-11-20');
    screen.button('older ones').click();
    await screen.until(() => names().length === 47);
    expect([names().at(-1), screen.all('.page > button').length]).toEqual(['First', 0]);
    const [from, to] = [screen.box('saved from'), screen.box('saved to')];
    // From and to are both days in it, by the clock of the hall.
    screen.type(to, '2026-09-01', 'change');
    await screen.until(() => names().join() === 'First');
    screen.type(to, '', 'change');
    screen.type(from, '2026-11-20', 'change');
    await screen.until(() => names().join() === 'Last');
    screen.type(from, '2026-11-21', 'change');
    await screen.until(() => screen.words.includes('Nothing found'));
    screen.type(from, '', 'change');
    // Another question begins at its first page.
    await screen.until(() => names().length === 40);
    const find = screen.host.querySelector<HTMLInputElement>('#find') as HTMLInputElement;
    for (const [typed, found] of [
      ['ada', 'Last'],
      ['rope', 'First'],
      ['number 44', 'Number 44'],
    ] as const) {
      screen.type(find, typed);
      await screen.until(() => names().join() === found);
    }
  });

  it('templates are begun from, what was put away is brought back, and a file that is none changes nothing', async () => {
    const template = session({ name: 'Template', template: true, stages: [stage('8')] });
    const away = session({ name: 'Away', archivedAt: '2026-11-01T10:00:00.000Z' });
    await house({ sessions: [template, away] });
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const screen = await Screen.of(Sessions);
    expect(screen.words).not.toContain('Away');
    screen.button('begin from it').click();
    await screen.until(() => router.calls.count() > 0);
    const draft = await begun(router);
    expect([draft.template, draft.stages.length]).toEqual([false, 1]);
    expect(draft.stages[0]?.id).not.toBe(template.stages[0]?.id);
    const box = screen.host.querySelector<HTMLInputElement>('input[type=file]') as HTMLInputElement;
    const files = new DataTransfer();
    files.items.add(new File([''], 'empty.txt'));
    box.files = files.files;
    box.dispatchEvent(new Event('change'));
    await screen.until(() => screen.words.includes('Nothing was changed'));
    screen.host.querySelector<HTMLInputElement>('mat-checkbox input')?.click();
    await screen.until(() => screen.words.includes('Away'));
    screen.button('bring back').click();
    TestBed.inject(HttpTestingController)
      .expectOne(`/api/sessions/${away.id}/restore`)
      .flush({ ...away, archivedAt: null });
    await screen.until(() => screen.words.includes('Nothing found'));
  });
});
