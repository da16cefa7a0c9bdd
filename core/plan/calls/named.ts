import type { Group, Item, Parsed } from '../../language/ast.js';
import { printPattern } from '../../language/print.js';
import { alternative, type Alternative } from './calls.js';

/** Whether each of several branches has a name. */
const isNamed = (item: Item): item is Group =>
  item.kind === 'group' && item.branches.length > 1 && item.names.every((name) => name !== null);

/** Items of which brackets with a branch of this name are that branch. */
const calledIn = (items: readonly Item[], name: string): readonly Item[] =>
  items.flatMap((item): readonly Item[] => {
    const branch = item.kind === 'group' ? item.branches[item.names.indexOf(name)] : undefined;
    return branch && item.kind === 'group' && item.times === 1 && item.each === null && !item.mirrored ? branch : [item];
  });

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
    // A partner whose branches are called the same does the one that goes with it.
    const things = parsed.things.map((thing) => (thing.doing ? { ...thing, doing: calledIn(thing.doing, name) } : thing));
    return alternative(name, printPattern({ ...parsed, items, things }), { side });
  });
}
