import fc from 'fast-check';
import { originOf, sizeOf } from '../body/stance.js';
import { distance, sub, turned } from '../body/vec.js';
import { study } from '../judge/study.js';
import { mirrorText } from '../language/mirror.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { performer } from '../testing/performers.js';
import { floorView } from '../view/floor-view.js';
import { lanesOf } from '../view/lanes.js';
import { feetAt } from './motion.js';
import { MOST_MOVES, simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { totalsOf } from './totals.js';

const square = performer(1.7);
const of = (text: string, who: Performer = square): Simulation => simulate(parse(text), who);
/** Any pattern of a length that is taught. */
const anyText = fc
  .array(anyItem, { minLength: 1, maxLength: 4 })
  .map((items) => print(items))
  .filter((text) => of(text).moves.length <= 40);
const anyone = fc
  .record({
    height: fc.double({ min: 1.1, max: 2.1, noNaN: true }),
    school: fc.constantFrom('square-ready', 'mixed-45', 'bladed-guard'),
    lead: fc.constantFrom('left' as const, 'right' as const),
    playing: fc.constantFrom('left' as const, 'right' as const),
  })
  .map(({ height, school, lead, playing }) => performer(height, school, school === 'square-ready' ? null : lead, playing));

describe('a simulation', () => {
  it('moves one after the other without gaps, each from where the last one ended', () => {
    holds(
      fc.property(anyText, anyone, (text, who) => {
        const sim = of(text, who);
        let at = 0;
        let posture = sim.start;
        for (const move of sim.moves) {
          expect(move.start).toBeCloseTo(at, 9);
          expect(move.before).toEqual(posture);
          for (const action of move.actions) {
            expect(action.start).toBeGreaterThanOrEqual(move.start - 1e-9);
            expect(action.end).toBeLessThanOrEqual(move.end + 1e-9);
          }
          at = move.end;
          posture = move.after;
        }
        expect(sim.seconds).toBeCloseTo(at, 9);
        expect(sim.end).toEqual(posture);
      }),
    );
  });

  it('feet never jump: a millionth of a second later they are where they were', () => {
    holds(
      fc.property(anyText, anyone, (text, who) => {
        const sim = of(text, who);
        const steps = 60;
        for (let k = 1; k <= steps; k++) {
          const [a, b] = [feetAt(sim, (sim.seconds * (k - 1)) / steps), feetAt(sim, (sim.seconds * (k - 1)) / steps + 1e-6)];
          for (const foot of ['left', 'right'] as const) expect(distance(a[foot], b[foot])).toBeLessThan(0.001);
        }
      }),
      60,
    );
  });

  it('a repetition that keeps stance and lead is a rigid motion: n of them are its n-th power', () => {
    const keeping = fc.array(
      fc.constantFrom(
        'advance 20 cm',
        'shuffle left 30 cm',
        'retreat 15 cm',
        'pivot lead foot right 40°',
        'pivot rear foot left 25°',
        'split',
      ),
      { minLength: 1, maxLength: 6 },
    );
    holds(
      fc.property(keeping, anyone, fc.integer({ min: 2, max: 5 }), (steps, who, n) => {
        const once = of(steps.join(', '), who);
        const many = of(`(${steps.join(', ')}) ${n}`, who);
        let heading = 0;
        let place = originOf(once.start.feet);
        const by = sub(originOf(once.end.feet), place);
        for (let i = 0; i < n; i++) {
          const gone = turned(by, heading);
          place = { x: place.x + gone.x, y: place.y + gone.y };
          heading += once.end.heading;
        }
        expect(distance(originOf(many.end.feet), place)).toBeLessThan(1e-9 * n + 1e-9);
        expect(many.end.heading).toBeCloseTo(heading, 6);
        expect(sizeOf(many.end.feet, many.end.heading).width).toBeCloseTo(sizeOf(many.start.feet, 0).width, 6);
        expect(many.seconds).toBeCloseTo(n * once.seconds, 6);
      }),
    );
  });

  it('totals add up over parts', () => {
    holds(
      fc.property(anyText, fc.integer({ min: 2, max: 4 }), (text, n) => {
        const [one, all] = [totalsOf(of(text)), totalsOf(of(`(${text}) ${n}`))];
        // Alternatives may come out otherwise each time, and a lead that changes does another thing the second time.
        if (text.includes('|') || of(`(${text}) ${n}`).moves.length >= MOST_MOVES) return;
        expect(all.splits).toBe(n * one.splits);
        expect(all.lunges.left + all.lunges.right).toBe(n * (one.lunges.left + one.lunges.right));
        expect(all.pivots).toEqual({ left: n * one.pivots.left, right: n * one.pivots.right });
        for (const [word, times] of Object.entries(one.hands)) expect(all.hands[word]).toBe(n * times);
      }),
    );
  });

  it('sizes say the same in any unit (an inch is 2.54 cm, a foot 12 inches: agreement of 1959)', () => {
    const at = (size: string): number => of(`shuffle right ${size}`).end.feet.right.x;
    expect(at('1 ft')).toBeCloseTo(at('30.48 cm'), 9);
    expect(at('10 in')).toBeCloseTo(at('0.254 m'), 9);
    expect(at('1 ft 2 in')).toBeCloseTo(at('14 in'), 9);
    // Own step is 0.30 of leg length, a leg 0.530 of height (Drillis & Contini 1966; value from memory).
    expect(at('2×') - at('1×')).toBeCloseTo(0.3 * 0.53 * 1.7, 9);
    expect(at('1 shoe') - at('0.5 shoe')).toBeCloseTo(0.5 * 0.152 * 1.7, 9);
  });

  it('slow doubles and quick takes seven tenths, but a flight keeps its time, which is its height', () => {
    expect(of('shuffle right slow').seconds).toBeCloseTo(0.88, 9);
    expect(of('shuffle right quick').seconds).toBeCloseTo(0.308, 9);
    const [usual, slow] = [of('split high hop'), of('split high hop slow')];
    const flight = (sim: Simulation): number => sim.actions[0]?.airborneUntil ?? 0;
    expect(flight(slow)).toBeCloseTo(flight(usual), 9);
    expect(slow.seconds).toBeGreaterThan(usual.seconds);
    expect(of('shuffle right in 0.6 s').seconds).toBeCloseTo(0.6, 9);
  });

  it('near and far follow the feet, lead and rear the lead, playing and other the hand', () => {
    const first = (text: string, who: Performer): string | undefined => of(text, who).actions[0]?.foot;
    const left = performer(1.7, 'mixed-45', 'left');
    const right = performer(1.7, 'mixed-45', 'right');
    expect([first('advance', left), first('advance', right)]).toEqual(['left', 'right']);
    expect([first('retreat', left), first('retreat', right)]).toEqual(['right', 'left']);
    expect([first('shuffle left', left), first('shuffle right', left)]).toEqual(['left', 'right']);
    expect([first('advance', square), first('advance', performer(1.7, 'square-ready', null, 'left'))]).toEqual(['right', 'left']);
    expect([
      first('shuffle right far foot first', left),
      first('advance rear foot first', left),
      first('advance other foot first', square),
    ]).toEqual(['left', 'right', 'left']);
  });
});

describe('mirrored', () => {
  it('text and performer give the mirrored floor, the same findings, the same times', () => {
    holds(
      fc.property(anyText, anyone, (text, who) => {
        const flip = (side: 'left' | 'right'): 'left' | 'right' => (side === 'left' ? 'right' : 'left');
        const other: Performer = { ...who, lead: who.lead && flip(who.lead), playing: flip(who.playing) };
        const [a, b] = [study(text, who, true), study(mirrorText(text), other, true)];
        expect(b.totals.seconds).toBeCloseTo(a.totals.seconds, 9);
        expect(b.totals.contacts).toEqual({ left: a.totals.contacts.right, right: a.totals.contacts.left });
        expect(b.simulation.end.feet.left.x).toBeCloseTo(-a.simulation.end.feet.right.x, 6);
        expect(b.simulation.end.feet.left.y).toBeCloseTo(a.simulation.end.feet.right.y, 6);
        expect(b.findings.map((finding) => [finding.code, finding.level])).toEqual(
          a.findings.map((finding) => [finding.code, finding.level]),
        );
        expect(b.shares.stopSafe).toBeCloseTo(a.shares.stopSafe, 3);
      }),
      60,
    );
  });
});

describe('drawn', () => {
  it('every contact has its number on the floor, and the path a point for each foot action', () => {
    holds(
      fc.property(anyText, anyone, (text, who) => {
        const sim = of(text, who);
        const view = floorView(sim);
        const numbers = new Set(view.prints.flatMap((print) => print.numbers));
        const most = Math.max(...numbers);
        for (let n = 0; n <= most; n++) expect(numbers.has(n)).withContext(`number ${n} of ${most}`).toBeTrue();
        expect(view.path.length).toBe(1 + sim.actions.length);
        for (const print of view.prints)
          for (const corner of print.outline)
            expect(
              corner.x >= view.box.minX && corner.x <= view.box.maxX && corner.y >= view.box.minY && corner.y <= view.box.maxY,
            ).toBeTrue();
      }),
      100,
    );
  });

  it('lanes fill the whole time of each foot, in order', () => {
    holds(
      fc.property(anyText, anyone, (text, who) => {
        const sim = of(text, who);
        for (const lane of Object.values(lanesOf(sim))) {
          let at = 0;
          for (const block of lane) {
            expect(block.from).toBeCloseTo(at, 6);
            at = block.to;
          }
          expect(at).toBeCloseTo(sim.seconds, 6);
        }
      }),
    );
  });
});
