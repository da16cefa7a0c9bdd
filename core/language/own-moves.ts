import type { Definition } from './ast.js';
import { parse } from './parse.js';

/** A move that a club has made from others: its name stands in a line like any other move. */
export interface OwnMove {
  readonly name: string;
  readonly steps: string;
}

/**
 * A name that a line can hold: letters, joined by - or _, and no word that already means something.
 * @example [isMoveName('corner'), isMoveName('split')] // [true, false]
 */
export function isMoveName(name: string): boolean {
  const parsed = parse(`${name} = (hold 1 s), ${name}`);
  return parsed.errors.length === 0 && parsed.definitions[0]?.name === name;
}

/** The club's moves as definitions; each may use those before it. What cannot be read of them is left out. */
export function definitionsOf(moves: readonly OwnMove[]): Definition[] {
  const known: Definition[] = [];
  for (const { name, steps } of moves) {
    const { items } = parse(steps, known);
    if (items.length > 0) known.push({ name, items, span: { from: 0, to: 0 } });
  }
  return known;
}
