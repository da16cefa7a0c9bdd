import type { Side } from '../body/foot.js';
import { mirrorText } from './mirror.js';

/** For whom a text is written. */
export interface WrittenFor {
  readonly hand: Side;
  readonly lead: Side | 'none';
}

/**
 * The text as this athlete does it: where one foot leads, mirrored for the other lead; in a square stance, for the other hand.
 * @param staggered whether the pattern's stance has a lead.
 */
export function textFor(
  text: string,
  written: WrittenFor,
  athlete: { readonly hand: Side; readonly lead: Side | null },
  staggered: boolean,
): { readonly text: string; readonly mirrored: boolean } {
  const writtenLead = written.lead === 'none' ? 'left' : written.lead;
  const mirrored = staggered ? (athlete.lead ?? 'left') !== writtenLead : athlete.hand !== written.hand;
  return { text: mirrored ? mirrorText(text) : text, mirrored };
}
