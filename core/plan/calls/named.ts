import type { Group, Item, Parsed } from '../../language/ast.js';
import { printPattern } from '../../language/print.js';
import { alternative, type Alternative } from './calls.js';

/** Whether each of several branches has a name. */
const isNamed = (item: Item): item is Group =>
  item.kind === 'group' && item.branches.length > 1 && item.names.every((name) => name !== null);

/**
 * What can be called of a line that names its alternatives, each with what stands before and behind them; none where the line has not one
 * such bracket.
 * @example namedAlternatives(parse('split, (left: shuffle left | right: shuffle right)')).map(({ name, steps }) => `${name}: ${steps}`) // ['left: split, shuffle left', 'right: split, shuffle right']
 */
export function namedAlternatives(parsed: Parsed): Alternative[] {
  const [group, ...others] = parsed.items.filter(isNamed);
  if (!group || others.length > 0 || group.times !== 1 || group.each !== null || group.mirrored) return [];
  return group.branches.map((branch, i) => {
    const items = parsed.items.flatMap((item): readonly Item[] => (item === group ? branch : [item]));
    const name = group.names[i] ?? '';
    const side = name === 'left' || name === 'right' ? name : null;
    return alternative(name, printPattern({ ...parsed, items }), { side });
  });
}
