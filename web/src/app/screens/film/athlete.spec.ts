import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { LogImport } from '@hopsk/contract/log-table';
import type { AthleteSave } from '@hopsk/contract/people';
import type { RunEvent } from '@hopsk/core/log/event';
import { DeviceStore } from '../../data/device-store';
import { newId } from '../../data/ids';
import { filmed } from '../../testing/filmed';
import { athlete, pattern, runHead } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { FilmScreen } from './film';

describe('a clip and whom it shows', () => {
  const ada = athlete({ name: 'Ada', focus: ['no-split'] });
  /** Who stands side on with a blade, and somebody who holds that a split comes before the ball. */
  const foil = athlete({ name: 'Flo', sport: 'foil', school: 'bladed-guard' });
  const early = athlete({ name: 'Eve', schools: { 'split-timing': 'before' } });
  const bea = athlete({ name: 'Bea', ageGroup: '10–12', agreed: null });
  let clip: File;
  let screen: Screen<FilmScreen>;
  beforeAll(
    async () =>
      void (clip = await filmed(
        Array.from({ length: 90 }, (_, k) => k / 60),
        'mp4',
      )),
  );
  beforeEach(async () => {
    await house({ people: [ada, bea, foil, early], patterns: [pattern({ name: 'Right and home', steps: 'split, shuffle right 40 cm' })] });
    screen = await Screen.of(FilmScreen);
    const box = screen.host.querySelector<HTMLInputElement>('hop-file.first input');
    const files = new DataTransfer();
    files.items.add(clip);
    if (box) box.files = files.files;
    box?.dispatchEvent(new Event('change'));
    await screen.until(() => screen.words.includes('frame 0 of 89'));
    // Two attempts: in the first the split comes 20 frames after the ball, in the second one.
    let frame = 0;
    for (const [to, key] of [
      [10, 'c'],
      [30, 'd'],
      [32, 'f'],
      [50, 'r'],
      [60, 'c'],
      [61, 'd'],
    ] as const) {
      for (; frame < to; frame++) dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight' }));
      dispatchEvent(new KeyboardEvent('keydown', { key }));
    }
    tab('athlete');
    await screen.until(() => screen.words.includes('Whom it shows'));
  });
  afterEach(() => screen.fixture.destroy());

  const tab = (word: string): void =>
    screen
      .all('hop-tabs button')
      .find((one) => one.textContent.trim() === word)
      ?.click();
  const tick = (n: number): HTMLButtonElement | undefined => screen.all<HTMLButtonElement>('hop-film-athlete .tick').at(n - 1);
  const http = (): HttpTestingController => TestBed.inject(HttpTestingController);

  it('ticks what its times say, and writes it into the book once', async () => {
    await screen.choose('athlete', 'Ada');
    await screen.choose('add a fault that shows from there', 'split late');
    await screen.until(() => screen.words.includes('1 of 2'));
    expect([tick(1), tick(2)].map((one) => one?.getAttribute('aria-pressed'))).toEqual(['true', 'false']);
    tick(2)?.click();
    await screen.until(() => screen.words.includes('2 of 2'));
    tick(2)?.click();
    await screen.until(() => screen.words.includes('1 of 2'));
    screen.button('write into the fault book').click();
    const request = http().expectOne('/api/log-rows');
    const [row] = (request.request.body as LogImport).rows;
    expect(row).toEqual(
      jasmine.objectContaining({ athlete: ada.id, fault: 'split-late', attempts: 2, faulty: 1, source: 'film', view: 'side' }),
    );
    expect(row?.evening).toMatch(/^film [0-9a-f]{12}$/);
    request.flush({ evenings: [] });
    await screen.until(() => screen.words.includes('Written into the fault book'));
    expect(tick(1)?.disabled).toBeTrue();
    expect(screen.all('button').some((one) => one.textContent.includes('write into the fault book'))).toBeFalse();
    // Nor can it be of somebody else, or of another day, while it stands there.
    await expectAsync(screen.choose('athlete', 'Eve')).toBeRejected();
    expect(screen.words).toContain('Ada · filmed on');
  });

  it('says the side where it was seen, and takes what was written out of the book again', async () => {
    await screen.choose('athlete', 'Ada');
    await screen.choose('add a fault that shows from there', 'split late');
    await screen.until(() => screen.words.includes('1 of 2'));
    const side = (words: string): void =>
      screen
        .all('hop-film-faults label')
        .find((one) => one.textContent.trim() === words)
        ?.querySelector('input')
        ?.click();
    side('left');
    await screen.fixture.whenStable();
    // Of the first it was not said; the second is ticked with it.
    tick(1)?.click();
    tick(2)?.click();
    await screen.until(() => screen.words.includes('2 of 2, 2 left'));
    side('right');
    await screen.fixture.whenStable();
    tick(2)?.click();
    await screen.until(() => screen.words.includes('2 of 2, 1 left, 1 right'));
    expect(tick(2)?.getAttribute('aria-label')).toBe('attempt 2 shows ‘split late’, right');
    screen.button('write into the fault book').click();
    const request = http().expectOne('/api/log-rows');
    const { rows, name } = request.request.body as LogImport;
    expect(rows.map(({ attempts, faulty, left, right }) => [attempts, faulty, left, right])).toEqual([[2, 2, 1, 1]]);
    const [run, told] = [newId(), rows[0]];
    if (!told) throw new Error('there is one');
    const stamp = { id: newId(), device: 'table', seq: 1, order: 1, m: 0, at: 0 };
    const counts = { attempts: 2, faulty: 2, noted: 0, left: 1, right: 1, exercise: 0, set: 0, round: 0, third: 0 } as const;
    const seen = { athlete: ada.id, fault: told.fault, source: 'film', way: '', direction: '', view: 'side' } as const;
    const event: RunEvent = { ...stamp, ...counts, ...seen, kind: 'told' };
    request.flush({ evenings: [{ day: told.day, evening: '', athletes: 1, rows: 1, attempts: 2, is: 'new', runs: [run], others: 0 }] });
    await screen.until(() => screen.words.includes('take it back'));
    const head = runHead({ id: run, name, athletes: [ada.id] });
    screen.button('take it back').click();
    const whole = { run: { ...head, version: 1 }, events: [event], unread: 0, arrival: 1, now: null, before: [], who: {} };
    await screen.until(
      () =>
        http()
          .match(`/api/runs/${run}`)
          .map((one) => one.flush(whole)).length > 0,
    );
    await screen.until(() => screen.words.includes('It is out of the fault book again'));
    const kept = await TestBed.inject(DeviceStore).eventsOf(run);
    expect(kept.flatMap(({ event: one }) => (one.kind === 'undo' ? [one.target] : []))).toEqual([event.id]);
    // Written anew it is another evening: the rows that were taken back stay taken back.
    await screen.until(() => !screen.button('write into the fault book').disabled);
    screen.button('write into the fault book').click();
    const [again] = (http().expectOne('/api/log-rows').request.body as LogImport).rows;
    expect(again?.evening).toBe(`${told.evening} 2`);
  });

  it('judges by what holds for whom it shows, and says whose window it is', async () => {
    const times = async (who: string): Promise<string> => {
      tab('athlete');
      await screen.until(() => screen.words.includes('Whom it shows'));
      await screen.choose('athlete', who);
      tab('times');
      await screen.until(() => screen.all('hop-film-times h2').length > 0);
      return screen.words;
    };
    // A split 17 ms after the ball is in time for one and late for the other; 83 ms are left open by the film.
    const [usual, before] = [await times('Ada'), await times('Eve')];
    expect(usual).toContain('-60 … 40 ms');
    expect(usual).toContain('Usual: The split lands at the opponent’s contact.');
    expect(before).toContain('-200 … 0 ms');
    expect(before).toContain('This athlete holds: The split lands just before the contact.');
    for (const [to, key] of [
      [70, 's'],
      [76, 'f'],
      [84, 'o'],
      [82, 'r'],
    ] as const) {
      const { desk } = screen.fixture.componentInstance as unknown as { desk: { frame: { set: (frame: number) => void } } };
      desk.frame.set(to);
      dispatchEvent(new KeyboardEvent('keydown', { key }));
    }
    const blade = await times('Flo');
    expect(blade).toMatch(/strike begun until first step *100.ms ± 40 *0 … 500 ms: inside/);
    expect(blade).toContain('Usual in this sport: The hand starts before the foot.');
    expect(blade).toContain('own hit');
    expect(await times('Ada')).not.toContain('0 … 500 ms');
  });

  it('says what went wrong where the book could not be reached, and keeps what was ticked', async () => {
    await screen.choose('athlete', 'Ada');
    await screen.choose('add a fault that shows from there', 'split late');
    screen.button('write into the fault book').click();
    http().expectOne('/api/log-rows').error(new ProgressEvent('error'), { status: 0, statusText: '' });
    await screen.until(() => screen.all('[role=alert]').length > 0);
    expect(tick(1)?.getAttribute('aria-pressed')).toBe('true');
    expect(screen.button('write into the fault book').disabled).toBeFalse();
  });

  it('takes nothing of a child before a guardian has agreed', async () => {
    await screen.choose('athlete', 'Bea');
    await screen.choose('add a fault that shows from there', 'split late');
    await screen.until(() => screen.words.includes('A guardian has to agree'));
    expect(screen.button('write into the fault book').disabled).toBeTrue();
    expect(screen.words).not.toContain('Into the tempo');
  });

  it('offers faults that show from where it was filmed, those of its times first', async () => {
    await screen.choose('athlete', 'Ada');
    screen.fixture.componentInstance['desk'].put({ view: 'front' });
    await screen.fixture.whenStable();
    await expectAsync(screen.choose('add a fault that shows from there', 'split late')).toBeRejected();
    await screen.choose('add a fault that shows from there', 'no split');
    expect(screen.all('.fault').length).toBe(1);
  });

  it('takes a time into the tempo of a kind, and refuses one that nobody has', async () => {
    await screen.choose('athlete', 'Ada');
    await screen.choose('time', /first step until it is down/);
    screen.button('take into the tempo').click();
    const saved = http().expectOne(`/api/athletes/${ada.id}`).request.body as AthleteSave;
    expect(saved.tempo.lunge).toEqual(jasmine.objectContaining({ seconds: 0.3, n: 1, from: 'film', spread: null }));
    await screen.choose('time', /split against the ball/);
    await screen.choose('for', /^jump/);
    screen.button('take into the tempo').click();
    await screen.until(() => screen.words.includes('Nobody takes less than'));
    http().expectNone(`/api/athletes/${ada.id}`);
  });

  it('lies beside a pattern only when its feet were tapped', async () => {
    tab('pattern');
    await screen.until(() => screen.words.includes('Two feet or more are laid over a pattern'));
    expect(screen.all('hop-measured-floor').length).toBe(0);
  });
});
