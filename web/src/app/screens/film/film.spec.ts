import { TestBed } from '@angular/core/testing';
import type { Mark } from '@hopsk/core/film/marks';
import { FilmMarks } from '../../data/film-marks';
import { filmed, heard } from '../../testing/filmed';
import { house, Screen } from '../../testing/screen';
import { filmAct } from './film-keys';
import { FilmScreen } from './film';

/** A second at sixty pictures a second. */
const stamps = Array.from({ length: 60 }, (_, k) => k / 60);

describe('the film desk', () => {
  let screen: Screen<FilmScreen>;
  /** Made once: an encoder need not write the same bytes again. */
  let clip: File;
  beforeAll(async () => void (clip = await filmed(stamps, 'mp4')));
  beforeEach(async () => {
    await house();
    screen = await Screen.of(FilmScreen);
  });
  afterEach(() => screen.fixture.destroy());

  const give = (file: File, label: string): void => {
    const box = screen
      .all('hop-file')
      .find((one) => one.textContent.includes(label))
      ?.querySelector('input');
    const files = new DataTransfer();
    files.items.add(file);
    if (box) box.files = files.files;
    box?.dispatchEvent(new Event('change'));
  };
  const press = (key: string, shiftKey = false): void => void dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey }));
  const at = (frame: number): Promise<void> => screen.until(() => screen.words.includes(`frame ${frame} of 59`));
  const open = (): Promise<void> => {
    give(clip, 'open');
    return at(0);
  };

  it('goes frame by frame, marks with one key, and says what the film leaves open', async () => {
    await open();
    for (let i = 0; i < 2; i++) press('ArrowRight', true);
    await at(20);
    press('c');
    press('ArrowRight');
    press('ArrowRight');
    press('ArrowRight');
    await at(23);
    press('d');
    await screen.until(() => screen.words.includes('split against the ball'));
    // Three frames of 16.7 ms; a frame by the pictures, and 1.4 for a marker that was not measured.
    expect(screen.words).toContain('50 ms ± 40');
    expect(screen.words).toContain('-60 … 40 ms: this film cannot tell; 480 pictures a second would');
    press('z');
    await screen.until(() => !screen.words.includes('split against the ball'));
    expect(screen.words).toContain('frame 20, 0.325 s ± 8.3 ms');
  });

  it('has the marks of a clip again when it is opened again, and takes them from a table', async () => {
    await open();
    press('ArrowRight');
    await at(1);
    press('o');
    await screen.until(() => screen.all('.made li').length === 1);
    const again = await Screen.of(FilmScreen);
    screen.fixture.destroy();
    screen = again;
    await open();
    await screen.until(() => screen.all('.made li').length === 1);
    const table = (...marks: string[]): File =>
      new File([['what,name,frame,x,y,right,ahead,value', 'rate,,,,,,,60', ...marks].join('\n')], 'marks.csv');
    give(table('mark,contact,9,,,,,', 'mark,own-contact,1,,,,,'), 'marks from a table');
    await screen.until(() => screen.all('.made li').length === 2);
    give(table('mark,contact,60,,,,,'), 'marks from a table');
    await screen.until(() => screen.words.includes('it is of another one'));
    give(table('mark,jump,3,,,,,'), 'marks from a table');
    await screen.until(() => screen.words.includes('Line 3: name must be one of'));
    expect(screen.all('.made li').length).toBe(2);
  });

  it('says why a file is no clip, and keeps what is open', async () => {
    await open();
    give(new File(['no'], 'x.mp4'), 'open another');
    await screen.until(() => screen.words.includes('is no film that can be read here'));
    give(await heard(), 'open another');
    await screen.until(() => screen.words.includes('only sound'));
    expect(screen.words).toContain('frame 0 of 59');
    press('c');
    await screen.until(() => screen.words.includes('Nothing is known of what was before the first frame'));
    expect(screen.all('.made li').length).toBe(0);
  });

  it('leaves out marks that a clip cannot have', async () => {
    const kept = TestBed.inject(FilmMarks);
    const marks: Mark[] = [
      { kind: 'back', frame: 5 },
      { kind: 'contact', frame: 70 },
    ];
    await kept.keep('some', marks);
    expect(await kept.of('some', 60)).toEqual(marks.slice(0, 1));
    expect(await kept.of('other', 60)).toEqual([]);
  });

  it('has keys that do one thing each', () => {
    expect(filmAct({ key: 'ArrowLeft', shiftKey: true })).toEqual({ by: -10 });
    expect([filmAct({ key: 'U', shiftKey: true }), filmAct({ key: 'z', shiftKey: false })]).toEqual([{ mark: 'split-up' }, 'undo']);
    expect(filmAct({ key: 'q', shiftKey: false })).toBeNull();
  });
});
