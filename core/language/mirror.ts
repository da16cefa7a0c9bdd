import type { SyntaxNode } from '@lezer/common';
import { parser } from './pattern.generated.js';
import type { Mirroring } from './turn-round.js';
import { MIRRORED } from './words.js';

/**
 * The same text for the other side: 'left' and 'right' change places, as directions and (in all) as feet, and signed
 * degrees change sign. Everything else, spacing and comments included, stays as typed. Its own inverse.
 * @example mirrorText('shuffle right, pivot left') // 'shuffle left, pivot right'
 */
export function mirrorText(text: string, what: Mirroring = 'all'): string {
  const swaps: { from: number; to: number; by: string }[] = [];
  parser.parse(text).iterate({
    enter(node) {
      if (node.name === 'Side') {
        const isFoot = node.node.parent?.name === 'Foot';
        const by = MIRRORED[text.slice(node.from, node.to).toLowerCase()];
        if (by !== undefined && (what === 'all' || !isFoot)) swaps.push({ from: node.from, to: node.to, by });
      } else if (node.name === 'Degrees') {
        const number = node.node.getChild('Number');
        if (number && !sideBeside(node.node))
          swaps.push({ from: number.from, to: number.to, by: negated(text.slice(number.from, number.to)) });
      }
    },
  });
  let out = '';
  let done = 0;
  for (const { from, to, by } of swaps) {
    out += text.slice(done, from) + by;
    done = to;
  }
  return out + text.slice(done);
}

/** Whether the same step has a side in words, which then carries the sign. */
const sideBeside = (degrees: SyntaxNode): boolean =>
  degrees.parent?.getChildren('Direction').some((direction) => direction.getChild('Side') !== null) ?? false;

function negated(number: string): string {
  if (Number(number) === 0) return number;
  return number.startsWith('-') ? number.slice(1) : `-${number.replace('+', '')}`;
}
