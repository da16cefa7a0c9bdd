import { TestBed } from '@angular/core/testing';
import { clockAt, clockOf } from '@hopsk/core/log/clock';
import { isControl, type RunEvent } from '@hopsk/core/log/event';
import { stretchesOfRounds } from '@hopsk/core/plan/rounds';
import { event } from '../testing/run';
import { ClockBlock } from './clock-block';

describe('the clock block', () => {
  const stretches = stretchesOfRounds({ mode: 'seconds', work: 30, rounds: 2, sets: 2, rest: 20, setRest: 60 }, null);
  const go = event(1, { kind: 'go', answers: null, t: -5 });
  const answering = { answers: go.id };

  async function shown(seconds: number, ...more: RunEvent[]): Promise<HTMLElement> {
    const fixture = TestBed.createComponent(ClockBlock);
    fixture.componentRef.setInput('stretches', stretches);
    fixture.componentRef.setInput('name', 'שם 🏓');
    fixture.componentRef.setInput('clock', clockAt(clockOf([go, ...more].filter(isControl), 220), stretches, (seconds + 5) * 1000));
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
    const paused = await shown(50, event(2, { kind: 'pause', ...answering, t: 10 }));
    expect(words(paused, '.top')).toContain('· pause');
    expect(words(paused, '.digits')).toBe('0:20');
    expect(paused.classList).toContain('still');
  });

  it('draws the rounds to scale, done ones full', async () => {
    const bars = [...(await shown(45)).querySelectorAll<HTMLElement>('.bars i')];
    expect(bars.map((bar) => Number(bar.style.flexGrow))).toEqual([30, 20, 30, 60, 30, 20, 30]);
    expect(bars.map((bar) => bar.querySelector('b')?.style.width)).toEqual(['100%', '75%', '0%', '0%', '0%', '0%', '0%']);
  });

  it('in a session says which stage it is, counts rounds within it, and shows what was called', async () => {
    const work = { kind: 'work', set: 1, open: false, done: [] } as const;
    const session = [
      { ...work, kind: 'explain', set: 0, round: 0, start: 0, end: 20, exercise: 0 },
      { ...work, round: 1, start: 20, end: 50, exercise: 0 },
      { ...work, kind: 'change', set: 0, round: 0, start: 50, end: 60, exercise: 1 },
      { ...work, round: 1, start: 60, end: 80, exercise: 1 },
      { ...work, kind: 'rest', round: 1, start: 80, end: 90, exercise: 1 },
      { ...work, round: 2, start: 90, end: 110, exercise: 1 },
    ] as const;
    const at = async (second: number, exercise: number, cue: string): Promise<HTMLElement> => {
      const fixture = TestBed.createComponent(ClockBlock);
      const inputs = {
        stretches: session,
        name: 'Corner',
        place: { exercise, of: 2 },
        cue:
          cue === '' ? null : { at: second, kind: second === 95 ? 'call' : 'explain', say: cue, show: cue, sound: null, couldGoOn: null },
        leads: second === 95 ? 'back left' : null,
        line: 'split, shuffle left 40 cm',
        group: second === 95 ? { group: 2, of: 3 } : null,
        clock: clockAt(clockOf([go].filter(isControl), 110), session, (second + 5) * 1000),
      };
      for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
      await fixture.whenStable();
      return fixture.nativeElement as HTMLElement;
    };
    expect(words(await at(5, 1, 'next: Corner'), '.top')).toContain('stage 1 of 2 · show, explain');
    expect(words(await at(30, 1, ''), '.top')).toContain('stage 1 of 2 · round 1 of 1 · work');
    const called = await at(95, 2, 'left');
    expect(words(called, '.top')).toContain('stage 2 of 2 · round 2 of 2 · group 2 of 3 · work');
    // A call is as large as fits, with an arrow; the time stands small above, the steps below.
    expect([words(called, '.call'), words(called, '.digits'), words(called, '.name')]).toEqual(['left', undefined, 'Corner']);
    expect(called.querySelector<SVGElement>('.call svg')?.style.rotate).toBe('225deg');
    expect(words(called, '.top')).toContain('0:15');
    expect(words(called, '.line')).toBe('split, shuffle left 40 cm');
    // The cue names the stage itself: it is not said twice.
    expect(words(await at(52, 2, 'change, then Corner'), '.name')).toBe('change, then Corner');
    // A bar a stage, to scale.
    const bars = [...called.querySelectorAll<HTMLElement>('.bars i')];
    expect(bars.map((bar) => [Number(bar.style.flexGrow), bar.querySelector('b')?.style.width])).toEqual([
      [50, '100%'],
      [60, '75%'],
    ]);
  });

  it('counts work up that goes on until somebody goes on, and goes on counting while it waits for that', async () => {
    const open = { kind: 'work', set: 1, round: 1, exercise: 0, start: 0, end: 60, open: true } as const;
    const of = (m: number, ...more: RunEvent[]) =>
      clockAt(clockOf([go, ...more].filter(isControl), 90), [open, { ...open, start: 60, end: 90, open: false }], m);
    const paused = event(2, { kind: 'pause', ...answering, t: 60 });
    expect([of(25_000).up, of(25_000).left]).toEqual([20, 40]);
    expect([of(95_000, { ...paused, m: 65_000 }).up, of(95_000, { ...paused, m: 65_000 }).stretch?.open]).toEqual([90, true]);
    const fixture = TestBed.createComponent(ClockBlock);
    fixture.componentRef.setInput('stretches', [open]);
    fixture.componentRef.setInput('clock', of(95_000, { ...paused, m: 65_000 }));
    await fixture.whenStable();
    const block = fixture.nativeElement as HTMLElement;
    expect([words(block, '.digits'), words(block, '.top')?.includes('waits for you')]).toEqual(['1:30', true]);
  });

  it('is over at the end', async () => {
    expect(words(await shown(220), '.top')).toContain('over');
  });
});
