import fc from 'fast-check';
import { faultsByCode } from '../catalogue/faults.js';
import { codeFor, madeFault, type Made } from '../catalogue/made.js';
import type { RunPlan } from '../plan/run-plan.js';
import { holds } from '../testing/holds.js';
import { logOf } from '../testing/logs.js';
import { COUNT_DOWN } from './clock.js';
import type { RunEvent } from './event.js';
import { RunLog } from './run-log.js';

/** Five splits in ten seconds. */
const plan: RunPlan = {
  dose: { mode: 'seconds', work: 10, rounds: 1, sets: 1, rest: 0, setRest: null },
  rep: { seconds: 2, chances: { split: [0], repetition: [0] } },
};
const lags: Made = { code: 'hips-lag', label: 'hips lag', per: 'split' };
const at = (t: number): { readonly t: number } => ({ t: t + COUNT_DOWN });
const board = (t: number, ...faults: string[]) => ({ kind: 'board' as const, faults, ...at(t) });
/** Tapped once before it was on the board, and twice while it was: of the five splits, the last three were watched for it. */
const events = logOf([
  { kind: 'view', t: 0, view: 'side' },
  { kind: 'board', t: 0, faults: ['tall'] },
  { kind: 'watch', t: 0 },
  { kind: 'go', t: 0 },
  { kind: 'fault', ...at(3), fault: 'hips-lag' },
  board(4, 'tall', 'hips-lag'),
  { kind: 'fault', ...at(5), fault: 'hips-lag' },
  { kind: 'fault', ...at(9), fault: 'hips-lag' },
  { kind: 'end', ...at(10) },
]);
const named = (made: Made, order: number, device = 'other'): RunEvent => ({
  ...made,
  ...{ kind: 'named', id: `${device} ${order}`, device, seq: 1, order, m: (3 + COUNT_DOWN) * 1000, at: 0 },
});

const log = (known: readonly Made[], ...parts: readonly (readonly RunEvent[])[]): RunLog => {
  const it = new RunLog(plan, new Map([...faultsByCode(), ...known.map((one) => [one.code, madeFault(one)] as const)]), 0, ['ada']);
  for (const part of parts) it.take(part);
  return it;
};
const said = (it: RunLog) => {
  const tally = it.counts().tallies.find(({ fault }) => fault === lags.code);
  return tally && [tally.faulty, tally.attempts, tally.noted];
};

describe('a fault that is made while a run is on', () => {
  it('is only noted while nobody said what gives a chance for it, and has its rate when somebody did', () => {
    // By hand: splits at 0, 2, 4, 6 and 8 s; from 4 s on it was looked for, in three; in those of 4 and 8 it was tapped.
    expect(said(log([], events))).toEqual([0, 0, 3]);
    expect(said(log([], events, [named(lags, 5)]))).toEqual([2, 3, 1]);
    expect(said(log([], [...events.slice(0, 4), named(lags, 5), ...events.slice(4)]))).toEqual([2, 3, 1]);
  });

  it('counts as if it had been known from the first, in whatever order and parts it comes', () => {
    const all = [...events, named(lags, 5), named({ ...lags, per: 'repetition', label: 'late hips' }, 7, 'third')];
    const whole = log([lags], events).counts();
    holds(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), fc.nat({ max: all.length }), (mixed, cut) => {
        const it = log([], mixed.slice(0, cut), mixed.slice(cut));
        // Of two who called something by one code, the first holds.
        expect(it.made).toEqual([lags]);
        expect(it.counts().tallies).toEqual(whole.tallies);
      }),
    );
  });

  it('changes nothing of a fault that the run began with', () => {
    const other: Made = { code: 'tall', label: 'tall', per: 'step' };
    const it = log([], events, [named(other, 5)]);
    expect([it.made, it.catalogue.get('tall')?.per]).toEqual([[], 'repetition']);
  });

  it('has a code that nobody has, from its name, whatever its letters', () => {
    const taken = new Set(faultsByCode().keys());
    expect([codeFor('Hüfte kippt!', taken), codeFor('Tall', taken), codeFor('打', taken)]).toEqual(['hufte-kippt', 'tall-2', 'own']);
    expect(codeFor('x'.repeat(90), taken)).toMatch(/^x{32}$/);
  });
});
