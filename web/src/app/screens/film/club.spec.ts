import { TestBed } from '@angular/core/testing';
import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { FilmsApi } from '../../data/films-api';
import { FilmSending } from '../../data/film-sending';
import { FilmWorks } from '../../data/film-works';
import { nameOf } from '../../data/clip-name';
import { filmed } from '../../testing/filmed';
import { FilmClub } from '../../testing/film-club';
import { athlete } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { Ask } from '../../ui/ask';
import { FilmScreen } from './film';

/** A second at sixty pictures a second. */
const stamps = Array.from({ length: 60 }, (_, k) => k / 60);

describe('a clip that others of the club marked', () => {
  const ada = athlete({ name: 'Ada' });
  let clip: File;
  let hash: string;
  let club: FilmClub;
  let screen: Screen<FilmScreen>;
  beforeAll(async () => {
    clip = await filmed(stamps, 'mp4');
    hash = await nameOf(clip);
  });
  beforeEach(async () => {
    club = new FilmClub();
    TestBed.overrideProvider(FilmsApi, { useValue: club });
    await house({ people: [ada] });
  });
  afterEach(() => screen.fixture.destroy());

  const work = (frames: readonly number[], more: Partial<FilmWork> = {}): FilmWork => ({
    ...NO_WORK,
    marks: frames.map((frame) => ({ kind: 'contact', frame })),
    day: '2026-11-30',
    ...more,
  });
  const marked = (frames: readonly number[], more: Partial<FilmWork> = {}): void =>
    void (club.kept = { clip: hash, name: 'Split.mp4', version: 1, work: work(frames, more) });
  const enter = async (): Promise<void> => void (screen = await Screen.of(FilmScreen));
  const open = async (): Promise<void> => {
    const box = screen.host.querySelector<HTMLInputElement>('hop-file input');
    const files = new DataTransfer();
    files.items.add(clip);
    if (box) box.files = files.files;
    box?.dispatchEvent(new Event('change'));
    await screen.until(() => screen.words.includes('frame 0 of 59'));
  };
  const press = (key: string): void => void dispatchEvent(new KeyboardEvent('keydown', { key }));

  it('has their marks when it is opened here, and what is marked here goes to them', async () => {
    marked([20, 30]);
    await enter();
    await open();
    await screen.until(() => screen.words.includes('with the club'));
    expect(screen.all('.made li').length).toBe(2);
    // There is nothing of this device's to be taken back.
    expect(screen.button('take the last back').disabled).toBe(true);
    press('ArrowRight');
    press('c');
    await screen.until(() => screen.words.includes('kept here, not sent yet'));
    await TestBed.inject(FilmSending).sendAll();
    await screen.until(() => screen.words.includes('with the club'));
    expect([club.kept?.version, club.kept?.work.marks.length, club.kept?.work.film?.frames]).toEqual([2, 3, 60]);
  });

  it('is asked about where it was marked here too; what is taken can be given back', async () => {
    marked([20, 30]);
    await enter();
    await TestBed.inject(FilmWorks).keep(hash, work([10]));
    await open();
    await screen.until(() => screen.words.includes('the club has 2 marks, this device one mark'));
    expect(screen.all('.made li').length).toBe(1);
    screen.button('take what the club has').click();
    await screen.until(() => screen.all('.made li').length === 2 && !screen.words.includes('Somebody else'));
    screen.button('take the last back').click();
    await screen.until(() => screen.all('.made li').length === 1 && screen.words.includes('kept here, not sent yet'));
    await TestBed.inject(FilmSending).sendAll();
    expect(club.kept?.work.marks.map(({ frame }) => frame)).toEqual([10]);
  });

  it('stays as it is here where that is wished', async () => {
    marked([20, 30]);
    await enter();
    await TestBed.inject(FilmWorks).keep(hash, work([10]));
    await open();
    await screen.until(() => screen.words.includes('Somebody else'));
    screen.button('keep what is here').click();
    await screen.until(() => !screen.words.includes('Somebody else'));
    await TestBed.inject(FilmSending).sendAll();
    expect([club.kept?.version, club.kept?.work.marks.map(({ frame }) => frame)]).toEqual([2, [10]]);
  });

  it('goes to the club itself where its rules say so and somebody presses for it, and is opened from there', async () => {
    await enter();
    await open();
    expect(screen.words).not.toContain('keep the clip with the club');
    screen.button('put away').click();
    club.days = 30;
    await screen.until(() => screen.words.includes('No clip is open'));
    await open();
    await screen.until(() => screen.words.includes('keep the clip with the club'));
    // It goes with what was marked in it.
    expect(screen.button('keep the clip with the club').disabled).toBe(true);
    press('ArrowRight');
    press('c');
    await screen.until(() => screen.words.includes('kept here, not sent yet'));
    await TestBed.inject(FilmSending).sendAll();
    await screen.until(() => !screen.button('keep the clip with the club').disabled);
    expect(screen.words).toContain('For 30 days, for its coaches.');
    screen.button('keep the clip with the club').click();
    await screen.until(() => screen.words.includes('The clip is with the club.'));
    screen.button('put away').click();
    await screen.until(() => screen.words.includes('the clip is with the club'));
    screen.all<HTMLButtonElement>('hop-club-films .made button')[0]?.click();
    await screen.until(() => screen.words.includes('frame 0 of 59'));
    expect(screen.words).not.toContain('The clip is not on this device');
    screen.button('take it away there').click();
    await screen.until(() => screen.words.includes('keep the clip with the club'));
    expect(club.sent).toBeNull();
  });

  it('is looked at without the clip: times are there, nothing new is marked, and it is forgotten when somebody says so', async () => {
    const film = { width: 320, height: 180, frames: 60, at: stamps.map((at, frame): [number, number] => [frame, at]) };
    const split = {
      marks: [
        { kind: 'contact' as const, frame: 20 },
        { kind: 'split-down' as const, frame: 23 },
      ],
      athlete: ada.id,
      film,
    };
    marked([], split);
    await enter();
    await screen.until(() => screen.words.includes('2 marks · 2026-11-30 · Ada · by Runa · the clip is not here'));
    screen.button('Split.mp42 marks · 2026-11-30 · Ada · by Runa · the clip is not here').click();
    await screen.until(() => screen.words.includes('50 ms ± 40'));
    expect(screen.words).toContain('The clip is not on this device');
    press('ArrowRight');
    press('c');
    await screen.until(() => screen.words.includes('nothing new can be marked'));
    expect(screen.all('.made li').length).toBe(2);
    expect(club.saves).toBe(0);
    screen.button('put away').click();
    await screen.until(() => screen.words.includes('Marked by the club'));
    spyOn(TestBed.inject(Ask), 'sure').and.resolveTo(true);
    screen.host.querySelector<HTMLButtonElement>('[aria-label="forget what was marked in Split.mp4"]')?.click();
    await screen.until(() => !screen.words.includes('Marked by the club'));
    expect(club.kept).toBeNull();
    expect((await TestBed.inject(FilmWorks).of(hash, 60)).marks).toEqual([]);
  });
});
