import type { Body } from '../body/body.js';
import { originOf } from '../body/stance.js';
import { add, turned, type Vec } from '../body/vec.js';
import type { Aim, Parsed, Size, Thing } from '../language/ast.js';
import type { ThingWord } from '../language/floor-words.js';
import { feetAt } from './motion.js';
import type { Performer, PlacedThing, Simulation } from './simulation.js';
import { metresOf } from './sizes.js';

/** How far ahead an opponent is taken to stand where none is placed, metres (common practice, no source). */
export const OPPONENT_AHEAD = 1.5;

/** Half the room a thing takes on the floor, metres (common practice, no source). Lines, walls and nets go across. */
export const HALF_ROOM: Readonly<Record<ThingWord, number>> = {
  place: 0,
  cone: 0.12,
  line: 0,
  ladder: 0.25,
  bag: 0.2,
  wall: 0.05,
  net: 0.05,
  feeder: 0.25,
  partner: 0.25,
};

/** Reach of an arm from the body's middle as a share of height (common practice, no source). */
export const REACH_OF_HEIGHT = 0.45;

/** Things that go across the floor rather than stand at a point of it. */
export const ACROSS: readonly ThingWord[] = ['line', 'wall', 'net'];

/** Puts the things of a pattern on the floor; what has no place stands ahead. Partners do their own steps there. */
export function placeThings(
  things: Parsed['things'],
  performer: Performer,
  simulateOwn: (thing: Thing, placed: { readonly at: Vec; readonly facing: number }) => Simulation | null,
): PlacedThing[] {
  return things.map((one) => {
    const at = { x: along(one.right, performer.body), y: along(one.ahead, performer.body) };
    const unplaced = one.right === null && one.ahead === null;
    const spot = unplaced ? { x: 0, y: OPPONENT_AHEAD } : at;
    // A partner looks to where the athlete begins.
    const facing = spot.x === 0 && spot.y === 0 ? 180 : (Math.atan2(-spot.x, -spot.y) * 180) / Math.PI;
    const doing = one.doing || one.other ? simulateOwn(one, { at: spot, facing }) : null;
    const tall = doing?.performer.body.height.metres ?? performer.body.height.metres;
    const reach = one.other?.reach ? metresOf(one.other.reach, performer.body, 'even') : REACH_OF_HEIGHT * tall + (performer.holds ?? 0);
    return {
      thing: one.thing,
      name: one.name,
      at: spot,
      facing,
      span: one.span,
      doing,
      follows: one.other?.follows != null,
      reach: one.thing === 'partner' ? reach : null,
    };
  });
}

const along = (size: Size | null, body: Body): number =>
  size === null ? 0 : Math.sign(size.value) * metresOf({ ...size, value: Math.abs(size.value) }, body, 'even');

/** Where a thing is at time t, seconds: a partner that moves is at its origin. */
export function whereIs(thing: PlacedThing, t: number): Vec {
  if (thing.doing === null) return thing.at;
  return add(thing.at, turned(originOf(feetAt(thing.doing, t)), thing.facing));
}

/** Which way a thing looks at time t, degrees clockwise from the athlete's first facing line. */
export const facingOf = (thing: PlacedThing, t: number): number =>
  thing.facing + (thing.doing === null ? 0 : feetAt(thing.doing, t).heading);

/** The thing that an aim means: the one of that name, or the first of that kind. */
export function thingFor(aim: Aim, things: readonly PlacedThing[]): PlacedThing | null {
  const named = aim.name?.toLowerCase() ?? null;
  return (
    things.find((one) => (aim.thing === null || one.thing === aim.thing) && (named === null || one.name?.toLowerCase() === named)) ?? null
  );
}

/** The partner that the athlete faces, if one is on the floor. */
export const partnerOf = (things: readonly PlacedThing[]): PlacedThing | null => things.find((one) => one.thing === 'partner') ?? null;
