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
const EVENING = 'split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
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

  it('marks the lead foot, and measures along too where one foot is ahead', async () => {
    const host = await stance('bladed-guard', 'right');
    expect(all(host, '.lead').length).toBe(1);
    expect(words(host).slice(0, 2)).toEqual(['90°', '0°']);
    expect(words(host).length).toBe(4);
    expect(all(host, '.tape').length).toBe(4);
  });
});
