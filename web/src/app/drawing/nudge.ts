import type { Vec } from '@hopsk/core/body/vec';

/** How far an arrow key moves a foot that is held, metres: a hand's breadth, or a finger's with Shift. */
const FAR = 0.05;
const NEAR = 0.01;

const WAYS: Readonly<Record<string, Vec>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};

/** Where a key sends a foot on a drawing that has ahead up, metres; null for any other key. */
export function nudge({ key, shiftKey }: KeyboardEvent): Vec | null {
  const way = WAYS[key];
  const by = shiftKey ? NEAR : FAR;
  return way ? { x: way.x * by, y: way.y * by } : null;
}
