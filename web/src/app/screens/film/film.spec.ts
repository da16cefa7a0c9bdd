import { TestBed } from '@angular/core/testing';
import type { Mark } from '@hopsk/core/film/marks';
import { NO_WORK } from '@hopsk/contract/film-work';
import { FilmWorks } from '../../data/film-works';
import { filmed, heard } from '../../testing/filmed';
import { boxOf, choose, house, Screen } from '../../testing/screen';
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
    give(table('mark,contact,9,,,,,', 'mark,own-contact,1,,,,,'), 'marks from a file');
    await screen.until(() => screen.all('.made li').length === 2);
    give(table('mark,contact,60,,,,,'), 'marks from a file');
    await screen.until(() => screen.words.includes('it is of another one'));
    give(table('mark,jump,3,,,,,'), 'marks from a file');
    await screen.until(() => screen.words.includes('Line 3: name must be one of'));
    expect(screen.all('.made li').length).toBe(2);
  });

  describe('with a floor in its picture', () => {
    const tab = (word: string): void =>
      screen
        .all('hop-tabs button')
        .find((one) => one.textContent.trim() === word)
        ?.click();
    const svg = (): SVGSVGElement => screen.host.querySelector('hop-film-picture svg') as unknown as SVGSVGElement;
    /** Lifts a finger at a pixel of the clip. */
    const tap = (x: number, y: number): void => {
      const at = new DOMPoint(x, y).matrixTransform(svg().getScreenCTM() ?? undefined);
      const to = { clientX: at.x, clientY: at.y, pointerId: 1, pointerType: 'mouse', bubbles: true };
      svg().dispatchEvent(new PointerEvent('pointermove', to));
      svg().dispatchEvent(new PointerEvent('pointerup', to));
    };
    const point = async (name: string, x: number, y: number): Promise<void> => {
      await choose(screen.fixture, 'point to tap', name);
      tap(x, y);
      await screen.fixture.whenStable();
    };
    /** The corners of a ring of 6.1 m as a camera in front of it has them. */
    const ring = async (): Promise<void> => {
      await open();
      tab('floor');
      await screen.fixture.whenStable();
      await choose(screen.fixture, 'floor in the picture', 'Boxing ring');
      await point('near left: end line, side line', 10, 60);
      await point('near right: end line, side line', 118, 60);
      await point('far right: end line, side line', 94, 20);
    };

    it('makes that a ruler from four points, and says what is against it', async () => {
      await ring();
      expect(screen.words).toContain('Four points of the floor are needed.');
      await point('far left: end line, side line', 34, 20);
      expect(screen.words).toContain('Four points fit whatever they are');
      expect(svg().querySelectorAll('polyline.line').length).toBe(4);
      // Tapped where its neighbour is: no camera sees the floor so.
      await point('far left: end line, side line', 94, 22);
      expect(screen.words).toMatch(/(one place|lie on one line|no camera sees the floor so)/);
      screen.button('take the last back').click();
      await screen.until(() => screen.words.includes('Four points fit whatever they are'));
      // Another floor that has these corners too keeps them.
      await choose(screen.fixture, 'floor in the picture', 'Karate area');
      expect(screen.all('.made li').length).toBe(4);
      await choose(screen.fixture, 'floor in the picture', 'Taekwondo octagon');
      expect(screen.words).toContain('4 points that this floor does not have were taken away');
    });

    it('says where feet are on it, how far from each other, and how far from a line', async () => {
      await ring();
      await point('far left: end line, side line', 34, 20);
      tab('feet');
      await screen.until(() => screen.words.includes('Tap the ball of the left foot'));
      tap(60, 40);
      await screen.until(() => screen.words.includes('Now the heel of the left foot.'));
      tap(60, 46);
      screen.host.querySelectorAll<HTMLInputElement>('hop-film-feet hop-either input')[1]?.click();
      await screen.until(() => screen.words.includes('Tap the ball of the right foot'));
      tap(72, 40);
      await screen.until(() => screen.words.includes('both feet, frame 0'));
      screen.button('leave the toe open').click();
      await screen.until(() => screen.words.includes('Tap the ball of the right foot'));
      expect(screen.words).toMatch(/\d+ cm ± \d+ across, 0 cm ± \d+ along/);
      press('ArrowRight');
      await at(1);
      tap(80, 30);
      await screen.until(() => screen.words.includes('step 2 → 3'));
      // Kept with the clip.
      const again = await Screen.of(FilmScreen);
      screen.fixture.destroy();
      screen = again;
      await open();
      tab('feet');
      await screen.until(() => screen.all('hop-film-feet .made li').length === 3);
    });

    it('aims by keys as by a finger: a pixel, ten, and Enter', async () => {
      await ring();
      await choose(screen.fixture, 'point to tap', 'far left: end line, side line');
      const key = (name: string, shiftKey = false): void =>
        void svg().dispatchEvent(new KeyboardEvent('keydown', { key: name, shiftKey, bubbles: true, cancelable: true }));
      // From where the mouse was last: 94, 20.
      for (let i = 0; i < 3; i++) key('ArrowLeft', true);
      for (const name of ['ArrowUp', 'ArrowUp', 'Enter']) key(name);
      await screen.until(() => screen.all('.made li').length === 4);
      expect(screen.words).toContain('frame 0 of 59');
      const [x = 0, y = 0] = (svg().querySelectorAll('.point')[3]?.getAttribute('transform') ?? '').match(/[\d.]+/g)?.map(Number) ?? [];
      expect([Math.round(x), Math.round(y)]).toEqual([64, 18]);
    });

    it('takes a taped rectangle, and tells where its diagonal is against it', async () => {
      await open();
      tab('floor');
      await screen.fixture.whenStable();
      await choose(screen.fixture, 'floor in the picture', 'a rectangle taped in a room');
      await screen.fixture.whenStable();
      const box = boxOf(screen.host, 'diagonal');
      box.value = '5.2';
      box.dispatchEvent(new Event('change'));
      await screen.until(() => screen.words.includes('20 cm longer than that of right angles'));
      box.value = '5';
      box.dispatchEvent(new Event('change'));
      await screen.until(() => screen.words.includes('Sides and diagonal go together.'));
      expect(screen.all('hop-crossings-plan .dot').length).toBe(4);
    });
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
    const kept = TestBed.inject(FilmWorks);
    const marks: Mark[] = [
      { kind: 'back', frame: 5 },
      { kind: 'contact', frame: 70 },
    ];
    await kept.keep('some', { ...NO_WORK, marks });
    expect(await kept.of('some', 60)).toEqual({ ...NO_WORK, marks: marks.slice(0, 1) });
    expect(await kept.of('other', 60)).toEqual(NO_WORK);
  });

  it('has keys that do one thing each', () => {
    expect(filmAct({ key: 'ArrowLeft', shiftKey: true })).toEqual({ by: -10 });
    expect([filmAct({ key: 'U', shiftKey: true }), filmAct({ key: 'z', shiftKey: false })]).toEqual([{ mark: 'split-up' }, 'undo']);
    expect(filmAct({ key: 'q', shiftKey: false })).toBeNull();
  });
});
