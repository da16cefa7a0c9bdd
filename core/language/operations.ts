import { otherSide, type Side } from '../body/foot.js';
import { ENGLISH } from './english.js';
import { treeOf } from './line-parser.js';
import { mirrorText, saysStrokes } from './mirror.js';
import { mirroredPlace } from './place-text.js';
import type { Vocabulary } from './vocabulary.js';

/** A pattern with whom it is written for and where it begins. */
export interface Written {
  readonly text: string;
  readonly hand: Side;
  readonly lead: Side | null;
  /** The floor and the place on it, as they are said. */
  readonly area: string;
}

/** The four operations; each is its own inverse. */
export const OPERATIONS = [
  /** Directions, turns, hand, lead and area. */
  'mirror all',
  /** The same for a left-hander; the area stays. */
  'other hand',
  /** Directions, turns, named feet, lead and sides by stroke; the hand stays. */
  'other lead',
  /** Directions only, sides by stroke and by lead among them; the athlete stays who they are. */
  'other side',
] as const;
export type Operation = (typeof OPERATIONS)[number];

const flip = (lead: Side | null): Side | null => (lead === null ? null : otherSide(lead));

/**
 * The pattern for the other side, hand or lead.
 * @example operate('other lead', { text: 'pass', hand: 'right', lead: 'left', area: '' }).lead // 'right'
 */
export function operate(operation: Operation, written: Written, vocabulary: Vocabulary = ENGLISH): Written {
  const { text, hand, lead, area } = written;
  switch (operation) {
    case 'mirror all':
      return { text: mirrorText(text, 'all', vocabulary), hand: otherSide(hand), lead: flip(lead), area: mirroredPlace(area) };
    case 'other hand':
      return { text: mirrorText(text, 'all', vocabulary), hand: otherSide(hand), lead: flip(lead), area };
    case 'other lead':
      return { text: mirrorText(text, 'lead', vocabulary), hand, lead: flip(lead), area };
    case 'other side':
      return { ...written, text: mirrorText(text, 'directions', vocabulary) };
  }
}

/**
 * Whether a text names a foot left or right that the other side leaves as it is, so that it is another question; strokes take it with them.
 * @example keepsNamedFoot('lunge right foot') // true
 */
export function keepsNamedFoot(text: string, vocabulary: Vocabulary = ENGLISH): boolean {
  const tree = treeOf(text, vocabulary);
  let found = false;
  tree.iterate({
    enter: (node) => {
      if (node.name === 'Foot' && (node.node.getChild('Side') ?? node.node.getChild('FootAlone'))) found = true;
    },
  });
  return found && !saysStrokes(tree, text, vocabulary);
}
