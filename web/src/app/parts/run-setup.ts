import type { Athlete, Me, Pattern, RepPlan, Teaching } from '@hopsk/contract';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { readWith } from '@hopsk/core/judge/study';
import type { Rounds } from '@hopsk/core/language/rounds';
import { simulate } from '@hopsk/core/motion/simulate';
import { repPlanOf } from '@hopsk/core/plan/run-plan';
import { newId } from '../data/ids';
import type { Beginning } from '../data/desk';
import { performance } from './pattern-draft';

/** Tiles that fit under a thumb. */
export const BOARD_HOLDS = 8;

const views = new Map(FAULTS.map((fault) => [fault.code, fault.view]));

/** What those here work on, in the order of how many do, as many as the board holds. */
export function boardOf(people: readonly Athlete[]): string[] {
  const times = new Map<string, number>();
  for (const code of people.flatMap((athlete) => athlete.focus)) times.set(code, (times.get(code) ?? 0) + 1);
  return [...times]
    .sort((a, b) => b[1] - a[1])
    .map(([code]) => code)
    .slice(0, BOARD_HOLDS);
}

/** From where most of the board can be seen. */
export function viewOf(board: readonly string[]): 'front' | 'side' {
  const front = board.filter((code) => views.get(code) === 'front').length;
  return front * 2 > board.length ? 'front' : 'side';
}

/** What of the club's own a pattern may use: its moves and its stances. */
type Taught = Pick<Teaching, 'moves' | 'stances'>;
const NOTHING: Taught = { moves: [], stances: [] };

/** Seconds and chances of one repetition as the first of those here does it; null without a pattern. */
export function repOf(
  pattern: Pattern | null,
  people: readonly Athlete[],
  taught: Taught = NOTHING,
): { plan: RepPlan | null; steps: string } | null {
  if (!pattern) return null;
  const { performer, text } = performance(pattern, people[0] ?? null, { own: taught.stances });
  const rep = repPlanOf(simulate(readWith(text, taught.moves), performer));
  return {
    plan: rep && {
      seconds: rep.seconds,
      chances: Object.fromEntries(Object.entries(rep.chances).map(([unit, starts]) => [unit, [...starts]])),
    },
    steps: text,
  };
}

/** The hall's own day, not the one of a far time zone. */
export const dayOf = (now: Date): string => {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** The run as it begins: everything it needs later is written into it, names too. */
export function beginningOf(
  me: Me,
  name: string,
  pattern: Pattern | null,
  dose: Rounds,
  people: readonly Athlete[],
  board: readonly string[],
  taught: Taught = NOTHING,
  now = new Date(),
): Beginning {
  const rep = repOf(pattern, people, taught);
  return {
    head: {
      id: newId(),
      name,
      day: dayOf(now),
      startedAt: now.toISOString(),
      patternId: pattern?.id ?? null,
      progressionId: null,
      steps: rep?.steps ?? null,
      plan: { dose, rep: rep?.plan ?? null },
      athletes: people.map((athlete) => athlete.id),
      tapDelay: me.coach.tapDelay,
    },
    clubId: me.club.id,
    names: Object.fromEntries(people.map((athlete) => [athlete.id, athlete.name])),
    board,
    view: viewOf(board),
  };
}
