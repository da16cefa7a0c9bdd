import { otherSide, type Side } from '../body/foot.js';
import type { Posture } from '../body/stance.js';
import type { Act } from '../language/ast.js';
import type { MoveWord } from '../language/moves.js';
import type { FootAction } from './action.js';
import type { Performer } from './simulation.js';
import { readyAt } from './square-up.js';

/** Moves of one foot after the other: the next one is the other foot's. */
const ALTERNATES: readonly MoveWord[] = ['run', 'crossover', 'cross behind'];
/** Moves after which the foot that went has just landed. */
const WALKS: readonly MoveWord[] = [...ALTERNATES, 'drop step', 'pass', 'shift', 'back step', 'single step'];
/** Moves that leave the stance, those that come back into it where it was left so, and those that end in it anyway. */
const LEAVES: readonly MoveWord[] = [...ALTERNATES, 'feet together'];
const RESTORES: readonly MoveWord[] = ['split', 'shuffle', 'advance', 'retreat', 'chassé', 'gallop'];
const STANDS: readonly MoveWord[] = ['square up', 'other lead'];

/** What the moves before one make of it: which foot has just landed, and whether the stance was left. Since the second engine. */
export class Gait {
  /** The foot that landed last where only one went, until the other one goes. */
  private landed: Side | null = null;
  /** Whether the stance was left by crossing, running or putting the feet together. */
  private loose = false;

  constructor(
    private readonly performer: Performer,
    private readonly engine: number,
  ) {}

  /** Running and crossing alternate: a foot that has just landed does not go again. */
  inTurn(act: Act): Act {
    const alternates = this.engine >= 2 && act.foot === null && ALTERNATES.includes(act.word);
    return alternates && this.landed !== null ? { ...act, foot: otherSide(this.landed) } : act;
  }

  /**
   * The stance as which a move begins that comes back into it after crossing, running or feet together, about the middle of the feet as
   * they are; null where it begins as one stands. A split that stays on the floor moves no foot.
   */
  restored({ word, style }: Act, { feet, heading, lead, leftShare }: Posture): Posture | null {
    if (!this.loose || !RESTORES.includes(word) || style === 'drop') return null;
    const { school, body } = this.performer;
    return { ...readyAt({ feet, heading, lead, leftShare }, school, body, lead), leftShare };
  }

  /** After a move. */
  went(word: MoveWord, { actions }: { readonly actions: readonly FootAction[] }, restored: boolean): void {
    if (this.engine < 2) return;
    let [only, both]: [Side | null, boolean] = [null, false];
    for (const { foot, contact } of actions) {
      if (!contact) continue;
      both ||= only !== null && only !== foot;
      only = foot;
    }
    if (only !== null) this.landed = !both && WALKS.includes(word) ? only : null;
    if (LEAVES.includes(word)) this.loose = true;
    else if (restored || STANDS.includes(word)) this.loose = false;
  }
}
