import { TestBed } from '@angular/core/testing';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { study, type Study } from '@hopsk/core/judge/study';
import type { Performer } from '@hopsk/core/motion/simulation';
import { Floor } from './floor';
import { Lanes } from './lanes';
import { StanceDrawing } from './stance-drawing';
import { at, atLeast, softPath, viewBox } from './svg';

const performer = (school = 'square-ready', lead: 'left' | 'right' | null = null): Performer => ({
  body: bodyOf({ height: 1.7 }),
  school: schoolOf(school) ?? SCHOOLS[0],
  lead,
  playing: 'right',
});
const EVENING =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
const evening = study(EVENING, performer(), true);

async function floor(of: Study, inputs: Record<string, unknown> = {}): Promise<HTMLElement> {
  const fixture = TestBed.createComponent(Floor);
  for (const [name, value] of Object.entries({ study: of, ...inputs })) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return fixture.nativeElement as HTMLElement;
}
const all = (host: HTMLElement, selector: string) => [...host.querySelectorAll<SVGElement>(selector)];

describe('drawings in svg', () => {
  it('ahead is up, right is right', () => {
    expect(at({ x: 0.25, y: 0.5 })).toBe('0.2500,-0.5000');
    expect(viewBox({ minX: -1, maxX: 2, minY: -0.5, maxY: 1.5 })).toBe('-1 -1.5 3 2');
  });

  it('a small box is made larger about its middle, a large one stays', () => {
    expect(atLeast({ minX: 0, maxX: 1, minY: 0, maxY: 1 }, 3, 0.5)).toEqual({ minX: -1, maxX: 2, minY: 0, maxY: 1 });
  });

  it('a soft outline stays inside its corners', () => {
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    path.setAttribute(
      'd',
      softPath([
        { x: 0, y: 0 },
        { x: 1, y: 0 },
        { x: 1, y: 1 },
        { x: 0, y: 1 },
      ]),
    );
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    svg.append(path);
    document.body.append(svg);
    const box = path.getBBox();
    svg.remove();
    expect([box.x, box.y, box.width, box.height].map((n) => Math.round(n * 100) / 100)).toEqual([0, -1, 1, 1]);
  });
});

describe('the floor', () => {
  it('has a print a place, numbered in the order of the contacts, left solid and right hatched', async () => {
    const host = await floor(evening);
    expect(all(host, '.chip text').map((text) => text.textContent)).toEqual(['0·1·6', '0·1·7', '2·5', '3', '4']);
    for (const print of all(host, '.print')) expect(print.classList.contains('left')).toBe(!print.getAttribute('fill')?.startsWith('url('));
  });

  it('shows both feet at the moment asked for; the one on its way is in the air', async () => {
    const host = await floor(evening, { t: 1.0 });
    const feet = all(host, '.now');
    expect(feet.length).toBe(2);
    expect(feet.map((foot) => foot.classList.contains('air'))).toEqual([false, true]);
    expect(all(await floor(evening), '.now')).toEqual([]);
  });

  it('small pictures carry no numbers; a lead foot has its mark', async () => {
    const host = await floor(study('advance 20 cm', performer('mixed-45', 'left'), false), { plain: true });
    expect(all(host, '.chip')).toEqual([]);
    expect(all(host, '.lead').length).toBe(2);
  });
});

describe('the floor by keys', () => {
  async function open() {
    const fixture = TestBed.createComponent(Floor);
    for (const [name, value] of Object.entries({ study: evening, draggable: true })) fixture.componentRef.setInput(name, value);
    const dragged: { move: number; foot: string; to: { x: number; y: number } }[] = [];
    fixture.componentInstance.dragged.subscribe((one) => dragged.push(one));
    const chosen: number[] = [];
    fixture.componentInstance.moveChosen.subscribe((move) => chosen.push(move));
    document.body.append(fixture.nativeElement as HTMLElement);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const stops = () => all(host, '[role=button]').filter((print) => print.tabIndex === 0);
    const press = async (key: string, more: KeyboardEventInit = {}): Promise<boolean> => {
      const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
      (document.activeElement ?? document.body).dispatchEvent(event);
      await fixture.whenStable();
      return event.defaultPrevented;
    };
    stops()[0]?.focus();
    const show = async (of: Study): Promise<void> => {
      fixture.componentRef.setInput('study', of);
      await fixture.whenStable();
    };
    return { show, host, stops, press, dragged, chosen, said: () => host.querySelector('[role=status]')?.textContent };
  }

  it('one stop for the tab key; arrows go from print to print, each says which it is', async () => {
    const { stops, press, host } = await open();
    expect(stops().map((print) => print.getAttribute('aria-label'))).toEqual(['left foot, contact 0, 1, 6: ‘shuffle’']);
    await press('ArrowLeft');
    expect(document.activeElement).toBe(stops()[0] ?? null);
    for (let i = 0; i < 9; i++) await press('ArrowRight');
    expect(all(host, '[role=button]').indexOf(stops()[0] as SVGElement)).toBe(4);
    expect(document.activeElement?.getAttribute('aria-label')).toContain('contact 4');
    expect(await press('x')).toBeFalse();
  });

  it('Enter takes a print up, arrows carry it, Enter puts it down where it then is', async () => {
    const { press, dragged, chosen, said } = await open();
    for (let i = 0; i < 4; i++) await press('ArrowDown');
    await press('Enter');
    expect(chosen.length).toBe(1);
    await press('ArrowRight');
    await press('ArrowUp', { shiftKey: true });
    await press('ArrowUp');
    expect(said()).toBe('5 cm right, 6 cm ahead');
    await press('Enter');
    const print = evening.simulation.actions.filter((one) => one.move === chosen[0]).at(-1);
    expect(dragged.map(({ move, foot }) => [move, foot])).toEqual([[chosen[0] ?? -1, print?.foot ?? '']]);
    expect(dragged[0]?.to.x).toBeCloseTo((print?.to.x ?? 0) + 0.05, 9);
    expect(dragged[0]?.to.y).toBeCloseTo((print?.to.y ?? 0) + 0.06, 9);
    expect(said()).toBe('');
  });

  it('Escape leaves it where it was, and so does going elsewhere', async () => {
    const { press, dragged, said, host } = await open();
    for (let i = 0; i < 4; i++) await press('ArrowDown');
    for (const leave of [() => press('Escape'), () => Promise.resolve((document.activeElement as SVGElement).blur())]) {
      await press(' ');
      await press('ArrowRight');
      expect(said()).not.toBe('');
      await leave();
      await new Promise((go) => requestAnimationFrame(go));
      expect(all(host, '.ghost')).toEqual([]);
    }
    expect(dragged).toEqual([]);
  });

  it('a line that has fewer prints than before can still be reached, and what is carried is put away with its own print', async () => {
    const { press, host, show, stops, said } = await open();
    for (let i = 0; i < 4; i++) await press('ArrowDown');
    await show(study('split', performer(), true));
    expect(stops().map((print) => all(host, '[role=button]').indexOf(print))).toEqual([1]);
    stops()[0]?.focus();
    await press('Enter');
    await press('ArrowRight');
    // Studied anew while it is carried: every print is another object.
    await show(study('split', performer(), true));
    expect(said()).not.toBe('');
    (document.activeElement as SVGElement).blur();
    await new Promise((go) => requestAnimationFrame(go));
    expect([said(), all(host, '.ghost').length]).toEqual(['', 0]);
  });

  it('what is carried stays in hand when another print loses the keys', async () => {
    const { press, host, said } = await open();
    for (let i = 0; i < 4; i++) await press('ArrowDown');
    await press('Enter');
    await press('ArrowRight');
    // As when one print has the keys and another is taken by the pointer.
    all(host, '[role=button]')[0]?.dispatchEvent(new FocusEvent('blur'));
    await new Promise((go) => requestAnimationFrame(go));
    expect([said(), all(host, '.ghost').length]).toEqual(['5 cm right, 0 cm ahead', 1]);
  });

  it('where it only shows, it is a picture that no key reaches', async () => {
    const host = await floor(evening);
    expect(all(host, '[tabindex], [role=button]')).toEqual([]);
    expect(host.querySelector('svg')?.getAttribute('role')).toBe('img');
  });
});

describe('the lanes', () => {
  async function lanes(t = 0): Promise<{ host: HTMLElement; scrubbed: number[] }> {
    const fixture = TestBed.createComponent(Lanes);
    const scrubbed: number[] = [];
    fixture.componentRef.setInput('study', evening);
    fixture.componentRef.setInput('t', t);
    fixture.componentInstance.scrubbed.subscribe((moment) => scrubbed.push(moment));
    await fixture.whenStable();
    return { host: fixture.nativeElement as HTMLElement, scrubbed };
  }

  it('one lane a foot without a gap, a mark for the hit, a block for each state', async () => {
    const { host } = await lanes();
    expect(all(host, '.hand').length).toBe(1);
    for (const side of [true, false]) {
      const blocks = all(host, '.block').filter((block) => block.classList.contains('left') === side);
      const ends = blocks.map((block) => Number(block.getAttribute('x')) + Number(block.getAttribute('width')));
      blocks.slice(1).forEach((block, i) => expect(Number(block.getAttribute('x')) - (ends[i] ?? 0)).toBeLessThan(2));
    }
    expect(all(host, '.state').some((state) => state.classList.contains('airborne'))).toBeTrue();
  });

  it('a press on the strip asks for that moment, and never one outside the pattern', async () => {
    const { host, scrubbed } = await lanes();
    const svg = host.querySelector('svg') as SVGSVGElement;
    // The strip takes the width that it has on the screen.
    while (Math.abs(svg.viewBox.baseVal.width - svg.getBoundingClientRect().width) > 1)
      await new Promise((go) => requestAnimationFrame(go));
    const { left, width } = svg.getBoundingClientRect();
    for (const x of [left - 50, left + 56 + (width - 68) / 2, left + width + 50])
      svg.dispatchEvent(new PointerEvent('pointerdown', { clientX: x, bubbles: true }));
    expect(scrubbed.map((moment) => Math.round(moment * 100) / 100)).toEqual([0, 1.14, 2.28]);
  });
});

describe('the lanes by keys', () => {
  it('goes by frames, by fifths of a second and to the ends, never outside, and says what is there', async () => {
    const fixture = TestBed.createComponent(Lanes);
    const to: number[] = [];
    fixture.componentInstance.scrubbed.subscribe((moment) => to.push(Math.round(moment * 100) / 100));
    fixture.componentRef.setInput('study', evening);
    const svg = (): SVGSVGElement => (fixture.nativeElement as HTMLElement).querySelector('svg') as SVGSVGElement;
    for (const [t, key] of [
      [1, 'ArrowLeft'],
      [1, 'ArrowRight'],
      [1, 'PageUp'],
      [1, 'PageDown'],
      [0.01, 'ArrowLeft'],
      [2.27, 'PageUp'],
      [1, 'Home'],
      [1, 'End'],
      [1, 'x'],
    ] as const) {
      fixture.componentRef.setInput('t', t);
      await fixture.whenStable();
      svg().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    }
    expect(to).toEqual([0.98, 1.02, 1.2, 0.8, 0, 2.28, 0, 2.28]);
    expect([svg().getAttribute('role'), svg().getAttribute('aria-valuenow')]).toEqual(['slider', '1']);
    expect(svg().getAttribute('aria-valuetext')).toBe('1.00 s, left foot stands, right foot ‘lunge’, stepping');
    fixture.componentRef.setInput('t', null);
    await fixture.whenStable();
    expect([svg().getAttribute('role'), svg().getAttribute('tabindex')]).toEqual(['img', null]);
  });
});

describe('the stance drawing', () => {
  async function stance(school: string, lead: 'left' | 'right' | null, units = 'cm'): Promise<HTMLElement> {
    const fixture = TestBed.createComponent(StanceDrawing);
    for (const [name, value] of Object.entries({ body: bodyOf({ height: 1.7 }), school: schoolOf(school), lead, units }))
      fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    return fixture.nativeElement as HTMLElement;
  }
  const words = (host: HTMLElement) => all(host, 'text').map((text) => text.textContent);

  it('says the angle of each foot and the way between them', async () => {
    expect(words(await stance('square-ready', null))).toEqual(['10°', '10°', '52.8 cm']);
    expect(words(await stance('square-ready', null, 'ft-in'))).toContain('1\'9"');
  });

  it('feet as seen are moved by keys, by a hand’s breadth or a finger’s', async () => {
    const fixture = TestBed.createComponent(StanceDrawing);
    const seen = { left: { x: -0.25, y: 0, toe: -10 }, right: { x: 0.25, y: 0, toe: 10 } };
    for (const [name, value] of Object.entries({ body: bodyOf({ height: 1.7 }), school: schoolOf('square-ready'), seen }))
      fixture.componentRef.setInput(name, value);
    const moved: unknown[] = [];
    fixture.componentInstance.moved.subscribe((feet) => moved.push(feet));
    await fixture.whenStable();
    const [left, right] = all(fixture.nativeElement as HTMLElement, '[role=button]');
    expect([left, right].map((foot) => foot?.getAttribute('aria-label'))).toEqual(['left foot, as seen', 'right foot, as seen']);
    right?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp' }));
    left?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', shiftKey: true }));
    left?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    expect(moved).toEqual([
      { ...seen, right: { x: 0.25, y: 0.05, toe: 10 } },
      { ...seen, left: { x: -0.26, y: 0, toe: -10 } },
    ]);
  });

  it('marks the lead foot, and measures along too where one foot is ahead', async () => {
    const host = await stance('bladed-guard', 'right');
    expect(all(host, '.lead').length).toBe(1);
    expect(words(host).slice(0, 2)).toEqual(['90°', '0°']);
    expect(words(host).length).toBe(4);
    expect(all(host, '.tape').length).toBe(4);
  });
});
