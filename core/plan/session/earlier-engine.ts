import { bodyOf } from '../../body/body.js';
import type { Side } from '../../body/foot.js';
import { schoolOf, SCHOOLS, type School } from '../../body/school.js';
import type { Definition, Parsed } from '../../language/ast.js';
import type { Dose } from '../../language/dose.js';
import { ENGINE } from '../../language/engine.js';
import { NOTATION_LIMITS } from '../../language/limits.js';
import { operate } from '../../language/operations.js';
import { parse } from '../../language/parse.js';
import { printManner } from '../../language/print.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import type { Stage } from './stage.js';
import { paced } from './way.js';

/** For whom a line was saved, and how it is done where it is a stage's. */
export interface SavedFor {
  /** A stance that is not known here may be any. */
  readonly school: string;
  readonly hand: Side;
  readonly lead: Side | 'none';
  readonly stage: (Pick<Stage, 'tempo'> & Pick<Dose, 'sides'> & { readonly called: boolean }) | null;
}

/** Heights on which two engines are compared, metres: a child, an adult, a tall one. */
const HEIGHTS = [1.3, 1.7, 1.95] as const;

/** Longer lines are compared on one body alone: what comes in costs what it may. */
const LONG = 2_000;

/** Numbers nearer than this are one: metres, seconds, degrees. */
const NEAR = 1e-6;

/** What is written into a line so that it goes on as it was: that it takes its time as it did, where nothing else changed, or its engine. */
const manners = (engine: number): readonly [flat: string, whole: string] => [
  printManner({ engine: null, flat: true }).join(''),
  printManner({ engine, flat: false }).join(''),
];

/**
 * A line as it stands so that it goes on being done as an earlier engine did it: with a flat tempo where only times would change, else
 * with that engine written into it. Null where today's does the same on every body that is tried, in contacts, times and hands, and in a
 * stage the same in each repetition; where the line says its engine itself; and where it would be too long.
 * @param own a club's moves.
 * @example steppedThen('cut right', 1, [], { school: 'mixed-45', hand: 'right', lead: 'left', stage: null }) // 'engine 1, cut right'
 */
export function steppedThen(text: string, engine: number, own: readonly Definition[], by: SavedFor): string | null {
  const parsed = parse(text, own);
  const [flat, whole] = manners(engine).map((manner) => `${manner}, ${text}`) as [string, string];
  const longest = Math.max(flat.length, whole.length);
  if (engine >= ENGINE || parsed.engine !== null || parsed.items.length === 0 || longest > NOTATION_LIMITS.characters) return null;
  const who = performers(by, text.length > LONG);
  const then = who.map((performer, seed) => donesOf(whole, own, performer, by, seed + 1));
  const same = (line: string): boolean =>
    who.every((performer, seed) => donesOf(line, own, performer, by, seed + 1).every((sim, i) => isSame(sim, then[seed]?.[i])));
  if (same(text)) return null;
  return !parsed.flat && same(flat) ? flat : whole;
}

/** Who may do it: bodies, hands and, where it is not said, leads. */
function performers({ school: code, hand, lead }: SavedFor, few: boolean): Performer[] {
  const known = schoolOf(code);
  const schools: readonly School[] = known ? [known] : SCHOOLS;
  const leadsIn = ({ staggered }: School): readonly (Side | null)[] => (!staggered ? [null] : lead === 'none' ? ['left', 'right'] : [lead]);
  const hands: readonly Side[] = hand === 'left' ? ['left', 'right'] : ['right', 'left'];
  const all = schools.flatMap((school) =>
    HEIGHTS.flatMap((height) =>
      leadsIn(school).flatMap((side) => hands.map((playing): Performer => ({ body: bodyOf({ height }), school, lead: side, playing }))),
    ),
  );
  return few ? all.slice(0, 1) : all;
}

/** Every way in which a line is done: as written, at its stage's tempo, and on its other side. */
function donesOf(text: string, own: readonly Definition[], performer: Performer, { stage }: SavedFor, seed: number): Simulation[] {
  const done = (line: string): Simulation => {
    const parsed = parse(line, own);
    const script: Parsed = own.length === 0 ? parsed : { ...parsed, definitions: [...own, ...parsed.definitions] };
    const slip = stage && stage.tempo !== 1 ? { slip: paced(stage.tempo, parsed.engine ?? ENGINE) } : {};
    const sim = simulate(script, performer, { seed, ...slip });
    // Today each repetition of a stage that is not called draws its own branch.
    const drawn = stage !== null && !stage.called && sim.choices.length > 0 && (parsed.engine ?? ENGINE) < 2;
    return drawn ? { ...sim, seconds: NaN } : sim;
  };
  if (!stage?.sides) return [done(text)];
  const operation = stage.sides.of === 'lead' ? 'other lead' : 'other side';
  return [done(text), done(operate(operation, { text, hand: performer.playing, lead: performer.lead, area: '' }).text)];
}

function isSame(a: Simulation, b: Simulation | undefined): boolean {
  if (!b || a.actions.length !== b.actions.length || a.hands.length !== b.hands.length) return false;
  const near = (one: number, other: number): boolean => Math.abs(one - other) < NEAR;
  return (
    near(a.seconds, b.seconds) &&
    a.actions.every((one, i) => {
      const other = b.actions[i];
      return (
        other?.foot === one.foot &&
        other.contact === one.contact &&
        near(one.start, other.start) &&
        near(one.end, other.end) &&
        near(one.to.x, other.to.x) &&
        near(one.to.y, other.to.y) &&
        near(one.to.toe, other.to.toe)
      );
    }) &&
    a.hands.every((one, i) => near(one.at, b.hands[i]?.at ?? NaN))
  );
}
