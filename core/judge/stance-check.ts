import type { Body } from '../body/body.js';
import { otherSide, type Side } from '../body/foot.js';
import type { School } from '../body/school.js';
import { sizeOf, stanceTarget, type Feet } from '../body/stance.js';
import { levelOf, type Level } from './finding.js';

/** What was measured of an athlete who stands, and by how much it is off. Metres and degrees. */
export interface StanceCheck {
  readonly name: 'width' | 'length' | 'lead toe' | 'rear toe';
  readonly value: number;
  readonly target: number;
  readonly tolerance: number;
  /** Beyond the tolerance, with its sign: positive is more than asked. 0 inside. */
  readonly off: number;
  readonly level: Level | null;
}

/** Below these nothing is off, metres and degrees. */
const LEAST = { metres: 0.01, degrees: 2 } as const;

/**
 * Compares feet as they stand with a school's stance for this body. Feet in a frame whose y is the facing line; a staggered
 * stance is judged by the foot that is ahead, whichever was said to lead.
 */
export function checkStance(feet: Feet, school: School, body: Body, lead: Side | null): StanceCheck[] {
  const target = stanceTarget(school, body);
  const size = sizeOf(feet, 0);
  const leads: Side = school.staggered ? (lead ?? (size.leftAhead >= 0 ? 'left' : 'right')) : 'left';
  const length = school.staggered ? (leads === 'left' ? size.leftAhead : -size.leftAhead) : Math.abs(size.leftAhead);
  const out = (side: Side): number => (side === 'left' ? -feet[side].toe : feet[side].toe);
  const line = (name: StanceCheck['name'], value: number, asked: number, tolerance: number, least: number): StanceCheck => {
    const gap = value - asked;
    const beyond = Math.abs(gap) - tolerance;
    const wrong = beyond > least - 1e-9;
    const off = wrong ? Math.sign(gap) * beyond : 0;
    return { name, value, target: asked, tolerance, off, level: wrong ? levelOf(beyond, tolerance) : null };
  };
  return [
    line('width', size.width, target.width, target.tolerance, LEAST.metres),
    line('length', length, target.length, target.tolerance, LEAST.metres),
    line('lead toe', out(leads), school.toes.lead, target.toeTolerance, LEAST.degrees),
    line('rear toe', out(otherSide(leads)), school.toes.rear, target.toeTolerance, LEAST.degrees),
  ];
}
