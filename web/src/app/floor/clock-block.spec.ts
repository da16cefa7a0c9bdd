import { TestBed } from '@angular/core/testing';
import { clockAt, phasesOf, type RunEvent } from '@hopsk/core';
import { event } from '../testing/run';
import { ClockBlock } from './clock-block';

describe('the clock block', () => {
  const phases = phasesOf({ mode: 'seconds', work: 30, rounds: 2, sets: 2, rest: 20, setRest: 60 }, null);
  const go = event(0, { kind: 'go', at: 0, t: -5 });

  async function shown(seconds: number, ...more: RunEvent[]): Promise<HTMLElement> {
    const fixture = TestBed.createComponent(ClockBlock);
    fixture.componentRef.setInput('phases', phases);
    fixture.componentRef.setInput('name', 'שם 🏓');
    fixture.componentRef.setInput('clock', clockAt([go, ...more], phases, (seconds + 5) * 1000));
    await fixture.whenStable();
    return fixture.nativeElement as HTMLElement;
  }
  const words = (block: HTMLElement, of: string) => block.querySelector(of)?.textContent?.trim();

  it('counts down, then shows what is left of the round and of all', async () => {
    const ready = await shown(-2.4);
    expect(words(ready, '.top')).toContain('get ready');
    expect(words(ready, '.digits')).toBe('0:03');
    const work = await shown(11.2);
    expect(words(work, '.top')).toContain('set 1 of 2, round 1 of 2 · work');
    expect(words(work, '.digits')).toBe('0:19');
    // 4 × 30 + 2 × 20 + 60 = 220 s in all, 208.8 left, shown rounded up.
    expect(words(work, '.top')).toContain('3:29 left');
    expect(work.classList).not.toContain('rest');
  });

  it('says rest, set rest and pause, and looks different in them', async () => {
    const rest = await shown(31);
    expect(words(rest, '.top')).toContain('round 1 of 2 · rest');
    expect(rest.classList).toContain('rest');
    expect(words(await shown(81), '.top')).toContain('set rest');
    const paused = await shown(50, event(1, { kind: 'pause', t: 10 }));
    expect(words(paused, '.top')).toContain('· pause');
    expect(words(paused, '.digits')).toBe('0:20');
    expect(paused.classList).toContain('still');
  });

  it('draws the rounds to scale, done ones full', async () => {
    const bars = [...(await shown(45)).querySelectorAll<HTMLElement>('.bars i')];
    expect(bars.map((bar) => Number(bar.style.flexGrow))).toEqual([30, 20, 30, 60, 30, 20, 30]);
    expect(bars.map((bar) => bar.querySelector('b')?.style.width)).toEqual(['100%', '75%', '0%', '0%', '0%', '0%', '0%']);
  });

  it('is over at the end', async () => {
    expect(words(await shown(220), '.top')).toContain('over');
  });
});
