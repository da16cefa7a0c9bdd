import type { SyntaxNode, SyntaxNodeRef, Tree } from '@lezer/common';
import { ENGINE } from './engine.js';
import { ENGLISH } from './english.js';
import { lexiconOf, wordOf } from './lexicon.js';
import { treeOf } from './line-parser.js';
import { otherName, otherSideRef, otherStroke, type Mirroring } from './turn-round.js';
import type { Vocabulary } from './vocabulary.js';

/**
 * The same text for the other side: 'left' and 'right' change places, as directions and (in all) as feet, and signed
 * degrees change sign. Everything else, spacing and comments included, stays as typed. Its own inverse.
 * @example mirrorText('shuffle right, pivot left') // 'shuffle left, pivot right'
 */
export function mirrorText(text: string, what: Mirroring = 'all', vocabulary: Vocabulary = ENGLISH): string {
  const [other, alone] = [otherSideIn(vocabulary.directions), otherSideIn(vocabulary.feetAlone)];
  const { feet, spots } = lexiconOf(vocabulary);
  const { handed } = vocabulary.keys;
  const strokeWord = (typed: string): boolean => ['playing', 'other'].includes(feet.get(typed.toLowerCase()) ?? '');
  /** A side by stroke or by lead, said for the other one; null where it stays. */
  const otherByName = (typed: string): string | null => {
    const ref = feet.get(typed.toLowerCase());
    const side = ref === 'playing' || ref === 'other' || ref === 'lead' || ref === 'rear' ? ref : null;
    const by = otherSideRef(side, what);
    if (side === null || by === null || by === side) return null;
    const words = vocabulary.feet;
    return words[by][words[side].indexOf(typed.toLowerCase())] ?? words[by][0];
  };
  const swaps: { from: number; to: number; by: string }[] = [];
  const tree = treeOf(text, vocabulary);
  // A forehand drill's other side is the backhand drill of the same athlete, on the other foot.
  const strokes = what === 'directions' && saysStrokes(tree, text, vocabulary) && engineOf(tree, text, vocabulary) >= 2;
  const feetToo = what !== 'directions' || strokes;
  tree.iterate({
    enter(node) {
      if (strokes && isStrike(node)) {
        const typed = text.slice(node.from, node.to);
        if (otherStroke(typed) !== typed) swaps.push({ from: node.from, to: node.to, by: otherStroke(typed) });
        return;
      }
      if (node.name === 'Quoted' && node.node.parent?.name === 'Named' && node.node.parent.parent?.name === 'Step') {
        // What is printed of a slip says its side in quotes.
        const [, side = '', evasion = ''] = /^["“](\w+) (\w+)["”]$/.exec(text.slice(node.from, node.to)) ?? [];
        const by = vocabulary.evasions.includes(evasion) ? other.get(side) : undefined;
        if (by !== undefined) swaps.push({ from: node.from + 1, to: node.from + 1 + side.length, by });
        return;
      }
      if (node.name !== 'BranchName' && ofStrike(node.node, text, vocabulary)) return;
      if (node.name === 'Side') {
        const isFoot = node.node.parent?.name === 'Foot';
        const by = other.get(text.slice(node.from, node.to).toLowerCase());
        if (by !== undefined && (feetToo || !isFoot)) swaps.push({ from: node.from, to: node.to, by });
      } else if (node.name === 'Along') {
        // ‘forward-left’: only what is a side of it.
        const typed = text.slice(node.from, node.to);
        const by = typed.split('-').map((one) => other.get(one.toLowerCase()) ?? one);
        if (typed.includes('-')) swaps.push({ from: node.from, to: node.to, by: by.join('-') });
      } else if (node.name === 'Other') {
        // Another body goes with the hand as the athlete does.
        const hand = handed.indexOf(wordOf(text.slice(node.from, node.to)));
        const by = what === 'all' && hand >= 0 ? handed[1 - hand] : undefined;
        if (by !== undefined) swaps.push({ from: node.from, to: node.to, by });
      } else if (node.name === 'FootAlone') {
        const by = alone.get(text.slice(node.from, node.to).toLowerCase());
        if (by !== undefined && feetToo) swaps.push({ from: node.from, to: node.to, by });
      } else if (node.name === 'FootName' && node.node.parent?.name === 'Direction') {
        const by = otherByName(text.slice(node.from, node.to));
        if (by !== null) swaps.push({ from: node.from, to: node.to, by });
      } else if (node.name === 'Spot' && spots.get(wordOf(text.slice(node.from, node.to)))?.side) {
        // The side stands inside the phrase: ‘rear forehand corner’, and not ‘rear’ of it.
        const { side } = spots.get(wordOf(text.slice(node.from, node.to))) ?? {};
        for (const { 0: word, index } of text.slice(node.from, node.to).matchAll(/\p{L}+/gu)) {
          const by = side === 'left' || side === 'right' ? other.get(word.toLowerCase()) : strokeWord(word) ? otherByName(word) : null;
          if (by) swaps.push({ from: node.from + index, to: node.from + index + word.length, by });
        }
      } else if (node.name === 'BranchName') {
        swaps.push({ from: node.from, to: node.to, by: otherName(text.slice(node.from, node.to)) });
      } else if (node.name === 'Degrees') {
        const number = node.node.getChild('Number') ?? node.node.getChild('Decimal');
        if (number && !sideBeside(node.node) && !ofToe(node.node))
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

/** With which engine a line is stepped: the first one's other side left strokes and feet as they were. */
function engineOf(tree: Tree, text: string, { engine }: Vocabulary): number {
  let said = ENGINE;
  tree.iterate({
    enter({ name, from, to, node }) {
      if (name === 'Event' && text.slice(from, to).toLowerCase() === engine)
        said = parseInt(text.slice(to, node.parent?.to ?? to), 10) || ENGINE;
    },
  });
  return said;
}

/** Whether it names a strike, typed as a word or in quotes. */
const isStrike = ({ name, node }: Pick<SyntaxNodeRef, 'name' | 'node'>): boolean =>
  name === 'HandWord' || (name === 'Quoted' && node.parent?.name === 'Named');

/** Whether a line names a stroke by its side, or a way by a stroke. */
export function saysStrokes(tree: Tree, text: string, vocabulary: Vocabulary): boolean {
  const { feet } = lexiconOf(vocabulary);
  let found = false;
  tree.iterate({
    enter({ name, from, to, node }) {
      const typed = text.slice(from, to);
      if (isStrike({ name, node })) found ||= otherStroke(typed) !== typed;
      if (name === 'FootName' && node.parent?.name === 'Direction') {
        const ref = feet.get(typed.toLowerCase());
        found ||= ref === 'playing' || ref === 'other';
      }
    },
  });
  return found;
}

/**
 * Whether a word belongs to the name of a strike, which stays as it is, as in quotes; a feint that goes somewhere goes to a side, and so
 * does whoever slips or ducks.
 */
function ofStrike({ parent }: SyntaxNode, text: string, { feints, evasions }: Vocabulary): boolean {
  const over = parent?.name === 'Direction' || parent?.name === 'Foot' ? parent.parent : parent;
  if (over?.name === 'Hand') return true;
  const strike = over?.name === 'Step' ? over.getChild('Named')?.getChild('HandWord') : null;
  return strike ? ![...feints, ...evasions].includes(text.slice(strike.from, strike.to).toLowerCase()) : false;
}

/** Each word for a side with the one for the other side; of several words the first with the first, and so on. */
function otherSideIn({ left, right }: Pick<Vocabulary['directions'], 'left' | 'right'>): ReadonlyMap<string, string> {
  const pairs = (from: readonly string[], to: readonly [string, ...string[]]): [string, string][] =>
    from.map((word, i) => [word, to[i] ?? to[0]]);
  return new Map([...pairs(left, right), ...pairs(right, left)]);
}

/** Whether the same step has a side in words, which then carries the sign. */
const sideBeside = (degrees: SyntaxNode): boolean =>
  degrees.parent?.getChildren('Direction').some((direction) => direction.getChild('Side') !== null) ?? false;

/** Whether degrees are those of a toe, which goes out or in on either side. */
function ofToe({ prevSibling }: SyntaxNode): boolean {
  if (prevSibling?.name === 'Stray') return ofToe(prevSibling);
  return prevSibling?.name === 'Toe';
}

function negated(number: string): string {
  if (Number(number) === 0) return number;
  return number.startsWith('-') ? number.slice(1) : `-${number.replace('+', '')}`;
}
