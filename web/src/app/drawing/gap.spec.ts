import { TestBed } from '@angular/core/testing';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { Floor } from './floor';
import { Gap } from './gap';

const guard = {
  body: bodyOf({ height: 1.7 }),
  school: schoolOf('staggered-striking') ?? SCHOOLS[0],
  lead: 'left',
  playing: 'right',
} as const;
const seen = (line: string) => study(line, guard, false);

describe('two bodies', () => {
  async function gap(line: string, t: number): Promise<{ readonly host: HTMLElement; readonly says: string }> {
    const fixture = TestBed.createComponent(Gap);
    for (const [name, value] of Object.entries({ study: seen(line), t, units: 'cm' })) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    return { host, says: host.querySelector('p')?.textContent ?? '' };
  }

  it('are drawn with their distance, how far each hand comes, and who could touch whom, said at the moment', async () => {
    const line = 'partner at 1.2 m ahead tall 1.9 m doing (hold 5 s)\nhold 1 s, advance 25 cm in 1 s, hold 1 s';
    const before = await gap(line, 0.5);
    expect(before.says).toBe('120 cm apart, out of reach');
    // 95 cm: the taller one’s hand comes 1.005 m, the athlete’s 0.915 m.
    expect((await gap(line, 2.9)).says).toBe('95 cm apart, the partner could touch');
    expect((await gap('partner at 0.9 m ahead\nhold 1 s', 0)).says).toBe('90 cm apart, both could touch');
    expect((await gap('partner at 0.8 m ahead\norbit right 30° 3', 1.3)).says).toContain('° off their line');
    const { host } = before;
    expect([...host.querySelectorAll('text.level')].map((one) => one.textContent)).toEqual(['a hand comes so far', 'theirs so far']);
    expect(host.querySelectorAll('rect.touch.theirs').length).toBe(1);
    const [from, to] = (host.querySelector('polyline')?.getAttribute('points') ?? '')
      .split(' ')
      .flatMap((point, i, all) => (i === 0 || i === all.length - 1 ? [Number(point.split(',')[1])] : []));
    // Nearer is lower.
    expect(to).toBeGreaterThan(from ?? Infinity);
    expect(host.querySelector('svg')?.getAttribute('aria-label')).toContain('120 cm apart');
  });

  it('stand on one floor: the partner’s feet are in the picture wherever they go', async () => {
    const fixture = TestBed.createComponent(Floor);
    const line = 'partner at 3 m ahead follows keep 2.5 m\nhold 2 s';
    for (const [name, value] of Object.entries({ study: seen(line), t: 2 })) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    expect(host.querySelectorAll('path.other').length).toBe(2);
    const [, top = 0] = (host.querySelector('svg')?.getAttribute('viewBox') ?? '').split(' ').map(Number);
    expect(top).toBeLessThan(-3);
  });
});
