import { originOf } from '../body/stance.js';
import { distance, normalised, type Vec } from '../body/vec.js';
import { bare } from '../language/act.js';
import type { Follows, Step } from '../language/ast.js';
import type { Span } from '../language/places.js';
import { bearingTo } from './bearing-to.js';
import type { Performer, Simulation } from './simulation.js';
import { metresOf } from './sizes.js';

/** How somebody follows who was told nothing else: how far off they let the distance be, metres, and when they see it, seconds (common practice, no source). */
const USUAL_FOLLOWING = { within: 0.2, reaction: 0.25 } as const;

/** Turned further away than this somebody turns to whom they follow, degrees (common practice, no source). */
const TURNED_AWAY = 15;
/** How often somebody who stands looks again, seconds. */
const LOOKS = 0.05;

/** Somebody who does one step after the other. */
interface Doer {
  readonly now: number;
  readonly posture: Simulation['start'];
  do(step: Step): boolean;
}

/**
 * Somebody who keeps their distance to another one: what they see is as old as their reaction, and while they step they decide nothing.
 * A step brings back what is missing, as far as one step goes; standing they turn to whom they follow.
 */
export class Follower {
  private readonly keep: number;
  private readonly within: number;
  private readonly reaction: number;

  constructor(
    private readonly own: Doer,
    { body }: Pick<Performer, 'body'>,
    follows: Follows,
    private readonly span: Span,
    /** Where the other one is at a time, in the follower's own frame. */
    private readonly whom: (t: number) => Vec,
  ) {
    this.keep = follows.keep === null ? distance(originOf(own.posture.feet), whom(own.now)) : metresOf(follows.keep, body, 'even');
    this.within = follows.within === null ? USUAL_FOLLOWING.within : metresOf(follows.within, body, 'even');
    this.reaction = follows.reaction ?? USUAL_FOLLOWING.reaction;
    this.longest = metresOf(null, body, 'big');
  }
  private readonly longest: number;

  /** Goes on up to a time, seconds; what it does then may last longer. */
  until(end: number): void {
    while (this.own.now < end - 1e-9) {
      const step = this.answer(this.own.now) ?? this.waits(end);
      if (!this.own.do(step)) return;
    }
  }

  /** What is to be done about what is seen; null: nothing. */
  private answer(t: number): Step | null {
    const there = this.seenAt(t);
    const { posture } = this.own;
    const bearing = bearingTo(posture, there);
    const off = distance(originOf(posture.feet), there) - this.keep;
    if (Math.abs(off) > this.within + 1e-9) {
      const size = { value: Math.min(this.longest, Math.abs(off)), unit: 'm' as const };
      const turning = Math.abs(bearing) > TURNED_AWAY ? bearing : null;
      return this.step({ ...bare('shuffle'), bearing: normalised(off > 0 ? bearing : bearing + 180), size, turning });
    }
    return Math.abs(bearing) > TURNED_AWAY ? this.step({ ...bare('face'), turn: bearing }) : null;
  }

  /** Stands until there is something to answer. */
  private waits(end: number): Step {
    let t = Math.min(end, this.own.now + LOOKS);
    while (t < end - 1e-9 && this.answer(t) === null) t = Math.min(end, t + LOOKS);
    return this.step({ ...bare('hold'), seconds: t - this.own.now });
  }

  /** Where the other one was seen at a time. */
  private seenAt(t: number): Vec {
    return this.whom(Math.max(0, t - this.reaction));
  }

  private step(act: Step['act']): Step {
    return { kind: 'step', act, tempo: null, then: null, hands: [], times: 1, each: null, mirrored: false, span: this.span };
  }
}
