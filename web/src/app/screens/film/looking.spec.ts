import { TestBed } from '@angular/core/testing';
import { NO_WORK } from '@hopsk/contract/film-work';
import { MARKS, type Mark } from '@hopsk/core/film/marks';
import { setOf } from '@hopsk/core/film/sport-set';
import { nameOf } from '../../data/clip-name';
import { Clips } from '../../data/clips';
import { DeviceStore } from '../../data/device-store';
import { FilmWorks } from '../../data/film-works';
import { makeLockKey } from '../../data/lock-key';
import { filmed } from '../../testing/filmed';
import { athlete, me, pattern } from '../../testing/run';
import { boxOf, house, Screen } from '../../testing/screen';
import { FilmScreen } from './film';

/** A second and a half at sixty pictures a second. */
const stamps = Array.from({ length: 90 }, (_, k) => k / 60);

describe('what is looked at in a clip', () => {
  const ada = athlete({ name: 'Ada', sport: 'squash', focus: ['no-split'] });
  const next = pattern({ name: 'Right and home', steps: 'split, shuffle right 40 cm' });
  let clip: File;
  let screen: Screen<FilmScreen>;
  beforeAll(async () => void (clip = await filmed(stamps, 'mp4')));
  const open = async (file = clip): Promise<void> => {
    const box = screen.host.querySelector<HTMLInputElement>('hop-file input');
    const files = new DataTransfer();
    files.items.add(file);
    if (box) box.files = files.files;
    box?.dispatchEvent(new Event('change'));
    await screen.until(() => screen.words.includes('frame 0 of 89'));
  };
  beforeEach(async () => {
    await house({ people: [ada, athlete({ name: 'Bo', sport: 'boxing' })], patterns: [next] });
    screen = await Screen.of(FilmScreen);
    await open();
  });
  afterEach(() => screen.fixture.destroy());

  const press = (key: string): void => void dispatchEvent(new KeyboardEvent('keydown', { key }));
  const frame = (): number => Number(/frame (\d+) of/.exec(screen.words)?.[1]);
  const go = async (to: number): Promise<void> => {
    while (frame() !== to) {
      press(frame() < to ? 'ArrowRight' : 'ArrowLeft');
      await screen.fixture.whenStable();
    }
  };
  const tab = async (word: string): Promise<void> => {
    screen
      .all('hop-tabs button')
      .find((one) => one.textContent.trim() === word)
      ?.click();
    await screen.fixture.whenStable();
  };
  const type = async (label: string, text: string): Promise<void> => {
    const box = boxOf(screen.host, label);
    box.value = text;
    box.dispatchEvent(new Event('change'));
    await screen.fixture.whenStable();
  };
  /** Marks the ball and the split of two attempts: 20 frames apart, and one. */
  const mark = async (): Promise<void> => {
    for (const [at, key] of [
      [10, 'c'],
      [30, 'd'],
      [60, 'c'],
      [61, 'd'],
    ] as const) {
      await go(at);
      press(key);
    }
    await screen.until(() => screen.all('.made li').length === 4);
  };
  const tick = async (words: string): Promise<void> => {
    screen
      .all('label')
      .find((one) => one.textContent.trim() === words)
      ?.querySelector('input')
      ?.click();
    await screen.fixture.whenStable();
  };

  it('plays from one mark to the next and again, and stops where it is', async () => {
    await mark();
    await screen.choose('over what it goes', '1: opponent’s contact → split down');
    await screen.choose('speed', 'as in life');
    press('p');
    const seen = new Set<number>();
    await screen.until(() => (seen.add(frame()), seen.size > 3));
    expect([...seen].slice(1).every((one) => one >= 10 && one <= 30)).toBeTrue();
    // Once only: it stays at its end.
    await tick('again and again');
    await screen.until(() => screen.words.includes('frame 30 of') && screen.button('play').textContent.includes('play'));
  });

  it('shows the attempt as a strip: a pin a mark, with what the film leaves open', async () => {
    await mark();
    await go(12);
    const pins = (): string[] => screen.all('hop-film-strip text.says').map((one) => one.textContent);
    await screen.until(() => pins().length === 2);
    expect(pins()).toEqual(['ball ± 8', 'down ± 8']);
    // The second attempt has its own.
    await go(62);
    await screen.until(() => screen.all('hop-film-strip text.says').length === 2 && frame() === 62);
    expect(screen.all('hop-film-strip line.tick').length).toBeGreaterThan(20);
  });

  it('takes a slower film for what it is: typed, or by a clock in its picture', async () => {
    await mark();
    expect(screen.words).toContain('333 ms ± 40');
    await type('times slower than life', '4');
    await screen.until(() => screen.words.includes('83 ms ± 10'));
    // 60 frames of film are a second; the clock says a half.
    await go(0);
    await type('the clock says, seconds', '12');
    screen.button('read it here').click();
    await go(60);
    await type('the clock says, seconds', '12.5');
    screen.button('read it here').click();
    await screen.until(() => screen.words.includes('It plays 2 times slower than life'));
    expect(screen.words).toContain('167 ms ± 20');
    await go(70);
    await type('the clock says, seconds', '12.5');
    screen.button('read it here').click();
    await screen.until(() => screen.words.includes('These two say nothing'));
    expect(screen.words).toContain('It plays 2 times slower than life');
  });

  it('says how well a coach marks, where the same was marked again', async () => {
    await mark();
    expect(screen.words).toContain('not measured: a frame is taken for it');
    await tick('mark the same again');
    await go(11);
    press('c');
    await go(30);
    press('d');
    await screen.until(() => screen.words.includes('to ± 16 ms'));
    // By hand: differences of one frame and none, 1.96 · √(1/60² / 4) s for one mark; √2 of it for two.
    expect(screen.words).toContain('333 ms ± 40');
    expect(screen.all('.made li').length).toBe(6);
    await tick('mark the same again');
  });

  it('offers the marks of the sport that is seen, and all of them when asked', async () => {
    // One of the club hits a ball, another one boxes.
    expect(screen.all('.mark').length).toBe(MARKS.length);
    await tab('athlete');
    await screen.choose('athlete', 'Bo');
    await tab('times');
    await screen.until(() => screen.all('.mark').length === setOf('boxing').marks.length);
    expect(screen.words).not.toContain('split in the air');
    expect(screen.words).toContain('opponent’s strike');
    screen.button('all marks').click();
    await screen.until(() => screen.all('.mark').length === MARKS.length);
    // By its key each can be made in any case.
    screen.button('all marks').click();
    await go(4);
    press('d');
    await screen.until(() => screen.all('.made li').length === 1);
  });

  it('puts attempts beside each other, joined at what both have, and says what differs', async () => {
    await mark();
    await tab('side by side');
    await screen.until(() => screen.all('hop-film-beside-pictures figure').length === 2);
    await screen.until(() => screen.words.includes('at ‘opponent’s contact’'));
    // 333 ms and 17: by hand, two frames by the pictures and √2 · 23.6 ms of a marker who was not measured, each.
    expect(screen.words).toContain('317 ms shorter');
    await screen.choose('joined at', 'split down');
    await screen.until(() => screen.words.includes('at ‘split down’'));
    screen.button('1 →').click();
    await screen.until(() => screen.words.includes('17 ms after ‘split down’'));
    press('ArrowLeft');
    press('ArrowLeft');
    await screen.until(() => screen.words.includes('17 ms before ‘split down’'));
    screen.button('1 →').click();
    screen.all<HTMLButtonElement>('figcaption button')[1]?.click();
    await screen.until(() => screen.all('hop-film-beside-pictures figure').length === 1);
    expect(screen.words).toContain('Choose two to four attempts');
    await screen.choose('put beside', 'attempt 2');
    await screen.until(() => screen.all('hop-film-beside-pictures figure').length === 2);
  });

  it('takes attempts of another clip of this device: own ones of a month ago', async () => {
    await (await navigator.storage.getDirectory()).removeEntry('clips', { recursive: true }).catch(() => undefined);
    const { to } = await makeLockKey('1234');
    await TestBed.inject(DeviceStore).keep('me', { ...me, sealTo: to });
    const [old, blank] = await Promise.all(
      ['A month ago.mp4', 'Blank.mp4'].map(async (name, i) => new File([await filmed(stamps.slice(i), 'mp4')], name)),
    );
    if (!old || !blank) throw new Error('two are made');
    for (const file of [old, blank]) expect(typeof (await TestBed.inject(Clips).keep(file, ada.id))).toBe('object');
    const marks: Mark[] = [
      { kind: 'contact', frame: 20 },
      { kind: 'split-down', frame: 50 },
    ];
    await TestBed.inject(FilmWorks).keep(await nameOf(old), { ...NO_WORK, marks });
    await mark();
    await tab('side by side');
    await screen.until(() => screen.words.includes('attempts of another clip'));
    await screen.choose('attempts of another clip', 'Blank.mp4');
    await screen.until(() => screen.words.includes('Nothing is marked in ‘Blank.mp4’'));
    await screen.choose('attempts of another clip', 'A month ago.mp4');
    await screen.until(() => !screen.words.includes('Nothing is marked'));
    await screen.choose('put beside', 'attempt 1 of ‘A month ago.mp4’');
    // 500 ms there, 333 here.
    await screen.until(() => screen.words.includes('500 ms ± 40; 167 ms longer'));
    expect(screen.words).toContain('No time is there twice in each');
  });

  it('holds all attempts against all of another clip, and says whether it is more than chance', async () => {
    await (await navigator.storage.getDirectory()).removeEntry('clips', { recursive: true }).catch(() => undefined);
    const { to } = await makeLockKey('1234');
    await TestBed.inject(DeviceStore).keep('me', { ...me, sealTo: to });
    const old = new File([await filmed(stamps, 'webm')], 'A month ago.webm');
    expect(typeof (await TestBed.inject(Clips).keep(old, ada.id))).toBe('object');
    const marks = [4, 34].flatMap((frame): Mark[] => [
      { kind: 'contact', frame },
      { kind: 'own-contact', frame: frame + 24 },
    ]);
    await TestBed.inject(FilmWorks).keep(await nameOf(old), { ...NO_WORK, marks });
    for (const [at, key] of [
      [10, 'c'],
      [16, 'o'],
      [60, 'c'],
      [66, 'o'],
    ] as const) {
      await go(at);
      press(key);
    }
    await tab('side by side');
    await screen.until(() => screen.words.includes('attempts of another clip'));
    await screen.choose('attempts of another clip', 'A month ago.webm');
    // Six frames against 24, all alike. By hand: variance of one (1/120² · 2/3 + (√2/60 / 1.96)²) s², of each mean half of it, √ of their
    // sum 13.83 ms; t(0.975; 2) = 4.303 of printed tables.
    await screen.until(() => screen.words.includes('300 ms longer ± 60'));
    expect(screen.words).toMatch(/100.ms,.of.2 *400.ms,.of.2/);
  });

  it('goes phase by phase: what is good first, then one point with its cue', async () => {
    await tab('athlete');
    await screen.choose('athlete', 'Ada');
    await tab('talk');
    await screen.until(() => screen.words.includes('good in ‘out of the opponent’s way’'));
    expect(screen.words).toContain('Say what is good in one phase at least');
    await go(7);
    screen.all<HTMLButtonElement>('.phases .go')[0]?.click();
    await type('good in ‘watching the opponent’', 'still before the ball');
    await screen.until(() => screen.words.includes('in a sentence'));
    expect(screen.words).toContain('frame 7 here');
    await screen.choose('fault', /no split/);
    await screen.until(() => boxOf(screen.host, 'cue').value !== '');
    const cue = boxOf(screen.host, 'cue').value;
    await type('cue', 'both feet, as they hit');
    await screen.choose('fault', /split late/);
    expect(boxOf(screen.host, 'cue').value).toBe('both feet, as they hit');
    expect(cue).not.toBe('');
    await screen.choose('next drill', 'Right and home');
    // A phase by another name is there for the next clip too.
    await type('phase 1', 'waiting');
    await tab('athlete');
    await screen.choose('athlete', 'Bo');
    await tab('talk');
    await screen.until(() => screen.words.includes('good in ‘waiting’') && !screen.words.includes('good in ‘guard’'));
    screen.fixture.destroy();
    screen = await Screen.of(FilmScreen);
    await open(await filmed(stamps, 'webm'));
    await tab('athlete');
    await screen.choose('athlete', 'Ada');
    await tab('talk');
    await screen.until(() => screen.words.includes('good in ‘waiting’'));
    expect(screen.words).not.toContain('frame 7 here');
  });

  it('notes a decision beside what the playbook answers', async () => {
    await tab('talk');
    await go(5);
    screen.button('a decision in this frame').click();
    await screen.until(() => screen.words.includes('what was chosen'));
    await screen.choose('playbook', /./);
    const situations = screen.all('hop-film-decisions hop-choice');
    expect(situations.length).toBeGreaterThan(0);
    await type('what was chosen', 'a lob');
    await type('what else there was', 'straight drop');
    screen
      .all('hop-film-decisions label')
      .find((one) => one.textContent.trim() === 'not right')
      ?.click();
    await go(9);
    screen.all<HTMLButtonElement>('hop-film-decisions .go')[0]?.click();
    await screen.until(() => frame() === 5);
    expect(boxOf(screen.host, 'what was chosen').value).toBe('a lob');
  });

  describe('on a still picture', () => {
    const svg = (): SVGSVGElement => screen.host.querySelector('hop-film-picture svg') as unknown as SVGSVGElement;
    const tap = async (x: number, y: number): Promise<void> => {
      const at = new DOMPoint(x, y).matrixTransform(svg().getScreenCTM() ?? undefined);
      const to = { clientX: at.x, clientY: at.y, pointerId: 1, pointerType: 'mouse', bubbles: true };
      svg().dispatchEvent(new PointerEvent('pointermove', to));
      svg().dispatchEvent(new PointerEvent('pointerup', to));
      await screen.fixture.whenStable();
    };
    const tool = async (name: string): Promise<void> => {
      screen
        .all('hop-film-stills hop-either label')
        .find((one) => one.textContent.trim() === name)
        ?.querySelector('input')
        ?.click();
      await screen.fixture.whenStable();
    };
    const drawn = (): string[] => screen.all('hop-film-picture polyline').map((one) => one.getAttribute('class') ?? '');

    beforeEach(async () => {
      await tab('talk');
      await go(3);
      screen.button('keep this picture').click();
      await screen.until(() => screen.words.includes('picture of frame 3'));
    });

    it('lines, zones, heights and angles are drawn by taps, and taken back corner by corner', async () => {
      await tool('line');
      await tap(10, 10);
      await tap(50, 10);
      await tool('zone');
      for (const [x, y] of [
        [10, 20],
        [40, 20],
        [40, 50],
      ] as const)
        await tap(x, y);
      press('z');
      await screen.fixture.whenStable();
      await tap(44, 50);
      await tap(10.5, 20.5);
      await tool('height');
      await tap(60, 30);
      await tool('angle');
      await tap(60, 10);
      await tap(60, 30);
      await tap(90, 30);
      await screen.until(() => screen.words.includes('angle 90°'));
      expect(drawn()).toEqual(['line', 'zone', 'height', 'angle']);
      expect(screen.words).toContain('Angles hold only where the camera looks square at them');
      // Elsewhere nothing of it is drawn.
      await go(4);
      expect(drawn()).toEqual([]);
      await go(3);
      screen.button('take the last back').click();
      await screen.until(() => drawn().length === 3);
    });

    it('comes to a page for the athlete: with pictures, or drawings only', async () => {
      await tool('height');
      await tap(60, 30);
      await type('what the picture of frame 3 shows', 'hips low');
      await type('good in ‘ready’', 'still before the ball');
      await type('in a sentence', 'Split as they hit.');
      screen.button('page for the athlete').click();
      await screen.until(() => screen.all('hop-film-sheet image').length === 1);
      expect(screen.words).toContain('still before the ball');
      expect(screen.words).toContain('Split as they hit.');
      expect(screen.words).toContain('hips low');
      screen
        .all('hop-film-sheet label')
        .find((one) => one.textContent.trim() === 'drawings only')
        ?.querySelector('input')
        ?.click();
      await screen.until(() => screen.all('hop-film-sheet image').length === 0);
      expect(screen.all('hop-film-sheet polyline.height').length).toBe(1);
      screen.button('back to the desk').click();
      await screen.until(() => screen.words.includes('frame 3 of 89'));
    });
  });
});
