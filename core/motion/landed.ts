import { otherSide, SIDES, type Side } from '../body/foot.js';
import { feetWith, originOf, type Feet } from '../body/stance.js';
import { normalised, sub, turnedAbout, type Vec } from '../body/vec.js';
import type { Act } from '../language/ast.js';
import type { FootAction } from './action.js';
import { footOf } from './foot-choice.js';
import { weightShift } from './loading.js';
import type { Doing, Done } from './moves/doing.js';

/** What a line says of how a move is landed, beyond what the move does: the body turned as it went, the toe, the weight. */
export function landedAs(
  done: Done,
  { act, before, playing, school, engine }: Pick<Doing, 'act' | 'before' | 'playing' | 'school' | 'engine'>,
  at: Vec | null,
): Done {
  // What was refused is not landed.
  if (!done.moving) return done;
  let result = done;
  if (act.turning !== null) result = turnedOnTheWay(result, before.feet, act.turning, playing);
  if (act.toe !== null) result = withToe(result, act.toe, at);
  if (act.weight === null) return engine < 2 ? result : evened(result, before, school);
  const foot = footOf(act.weight, result.after, act.bearing ?? 0, playing);
  return { ...result, after: { ...result.after, leftShare: weightShift(result.after, foot, 0).after.leftShare } };
}

/** Load is what the last landing left: whoever lands both feet without loading one on purpose stands as the stance does. */
function evened(done: Done, before: Doing['before'], school: Doing['school']): Done {
  const { actions, after } = done;
  const both = SIDES.every((side) => actions.some((one) => one.foot === side && one.contact));
  if (!both || after.leftShare !== before.leftShare) return done;
  const leftShare = after.lead === 'right' ? 1 - school.leadShare : school.leadShare;
  return { ...done, after: { ...after, leftShare } };
}

/** The last time that a foot is put down in a move, or −1. */
const lastOf = (actions: readonly FootAction[], foot: Side): number => actions.findLastIndex((one) => one.foot === foot);

/** A foot lands otherwise; one that stood turns in its place as long as the move takes. */
function landing({ actions, seconds }: Done, from: Feet, feet: Feet, first: Side): readonly FootAction[] {
  const last = SIDES.map((side) => lastOf(actions, side));
  const changed = actions.map((one, i) => (last.includes(i) ? { ...one, to: feet[one.foot] } : one));
  const stood = [first, otherSide(first)].filter((side) => lastOf(actions, side) === -1 && feet[side] !== from[side]);
  return [
    ...changed,
    ...stood.map((foot): FootAction => ({ foot, kind: 'turn', start: 0, end: seconds, from: from[foot], to: feet[foot], contact: false })),
  ];
}

/**
 * The body turns by `degrees` as it goes: a stance that went as a whole stands turned about its middle; where one foot stayed, both toes and
 * the facing line turn and the marks stay where they are.
 */
function turnedOnTheWay(done: Done, from: Feet, degrees: number, first: Side): Done {
  const { after, actions } = done;
  const whole = SIDES.every((side) => lastOf(actions, side) >= 0);
  const middle = originOf(after.feet);
  const turn = (side: Side): Feet[Side] => {
    const foot = after.feet[side];
    return { ...(whole ? turnedAbout(foot, middle, degrees) : foot), toe: foot.toe + degrees };
  };
  const feet: Feet = { left: turn('left'), right: turn('right') };
  return {
    ...done,
    actions: landing(done, from, feet, first),
    after: { ...after, feet, heading: after.heading + degrees },
    units: done.units.includes('turn') ? done.units : [...done.units, 'turn'],
  };
}

/** The toe of the foot that goes first, or of both where both land at once. */
function withToe(done: Done, toe: NonNullable<Act['toe']>, at: Vec | null): Done {
  const { actions, after } = done;
  const [first] = actions;
  if (!first) return done;
  const both = actions.filter(({ kind, end }) => kind === 'hop' && end === first.end).map(({ foot }) => foot);
  let feet = after.feet;
  for (const foot of new Set(both.length > 0 ? both : [first.foot])) {
    const own = feet[foot];
    const way = at ? sub(at, own) : null;
    const aimed = way ? own.toe + normalised((Math.atan2(way.x, way.y) * 180) / Math.PI - own.toe) : own.toe;
    const degrees = 'out' in toe ? after.heading + (foot === 'right' ? toe.out : -toe.out) : aimed;
    feet = feetWith(foot, { ...own, toe: degrees }, feet[foot === 'left' ? 'right' : 'left']);
  }
  return { ...done, actions: landing(done, after.feet, feet, first.foot), after: { ...after, feet } };
}
