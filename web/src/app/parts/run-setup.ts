import type { Athlete, Me, Pattern } from '@hopsk/contract';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import type { Rounds } from '@hopsk/core/language/rounds';
import type { Repetition } from '../compute/repetition';
import { newId } from '../data/ids';
import type { Beginning } from '../data/desk';

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
  rep: Repetition | null,
  dose: Rounds,
  people: readonly Athlete[],
  board: readonly string[],
  now = new Date(),
): Beginning {
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
