import type { Item } from '../language/ast.js';
import type { Script } from '../motion/simulate.js';

const WHOLE = 'whole pattern';

/** The pattern so many times, its sizes times `scale`; on every second repetition it may go to the other side. */
export function repeated(script: Script, times: number, scale = 1, alternating = false): Script {
  const span = { from: 0, to: 0 };
  const call = (count: number): Item => ({
    kind: 'call',
    name: WHOLE,
    scale,
    tempo: null,
    times: count,
    each: null,
    mirrored: false,
    span,
  });
  const toAndFro: Item = { kind: 'group', branches: [[call(1)]], names: [null], times: 1, each: 'side', mirrored: false, span };
  const both = (count: number): Item => ({
    kind: 'group',
    branches: [[toAndFro]],
    names: [null],
    times: count,
    each: null,
    mirrored: false,
    span,
  });
  const items = alternating ? [both(Math.floor(times / 2)), ...(times % 2 === 1 ? [call(1)] : [])] : [call(times)];
  return {
    ...script,
    definitions: [...script.definitions, { name: WHOLE, items: script.items, span }],
    items: items.filter((item) => item.kind === 'event' || item.times > 0),
  };
}
