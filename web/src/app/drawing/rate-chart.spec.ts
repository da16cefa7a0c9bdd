import { TestBed } from '@angular/core/testing';
import type { BookSession } from '@hopsk/core/evidence/book';
import { wilson } from '@hopsk/core/evidence/proportion';
import { LIGHT } from '../ui/look/tokens';
import { chartOption, isOutside, RateChart } from './rate-chart';

const session = (day: string, faulty: number, attempts: number): BookSession => ({
  day,
  fault: 'tall',
  faulty,
  attempts,
  noted: 0,
  left: 0,
  right: 0,
  rate: attempts === 0 ? null : faulty / attempts,
  interval: attempts === 0 ? null : wilson(faulty, attempts),
  limits: attempts === 0 ? null : { low: 0.05, high: 0.2 },
});
const sessions = [session('2026-11-03', 6, 26), session('2026-11-10', 0, 0), session('2026-11-17', 3, 30)];
interface Option {
  xAxis: { data: string[] };
  yAxis: { max: number };
  series: { data: unknown[] }[];
}
const option = (of: readonly BookSession[]): Option => chartOption(of, LIGHT) as unknown as Option;

describe('the rate chart', () => {
  it('leaves out a session in which nothing was watched, rather than showing a zero', () => {
    expect(option(sessions).xAxis.data).toEqual(['11-03', '11-17']);
    expect(option(sessions).series[3]?.data).toEqual([
      jasmine.objectContaining({ value: 23.1, symbol: 'rect' }),
      jasmine.objectContaining({ value: 10, symbol: 'circle' }),
    ]);
    expect(option(sessions).series[1]?.data).toEqual([5, 5]);
  });

  it('one that lies on its limit is inside', () => {
    const limits = { low: 0.05, high: 0.2 };
    expect([0.05, 0.2, 0.04, 0.21, null].map((rate) => isOutside(rate, limits))).toEqual([false, false, true, true, false]);
    expect(isOutside(1, null)).toBeFalse();
  });

  it('draws the interval of each session: 6 of 26 is 11.0–42.1 (source: the worked evening, by hand)', () => {
    expect(option(sessions).series[0]?.data[0]).toEqual([0, 11, 42.1]);
  });

  it('has room for the widest interval and never more than all', () => {
    expect(option(sessions).yAxis.max).toBe(60);
    expect(option([session('2026-11-03', 5, 5)]).yAxis.max).toBe(100);
    expect(option([]).yAxis.max).toBe(20);
  });

  it('draws itself and says what it shows', async () => {
    const fixture = TestBed.createComponent(RateChart);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    fixture.componentRef.setInput('sessions', sessions);
    fixture.componentRef.setInput('label', '6 of 26');
    await fixture.whenStable();
    while (!host.querySelector('svg')?.textContent?.includes('11-17')) await new Promise((go) => requestAnimationFrame(go));
    expect(host.getAttribute('aria-label')).toBe('6 of 26');
    expect(host.querySelectorAll('svg path').length).toBeGreaterThan(2);
    fixture.destroy();
    host.remove();
  });
});
