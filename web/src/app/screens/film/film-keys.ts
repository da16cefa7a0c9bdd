import type { MarkKind } from '@hopsk/core/film/marks';

/** One key a mark. */
export const MARK_KEYS: Readonly<Record<MarkKind, string>> = {
  cue: 'a',
  contact: 'c',
  release: 'e',
  bounce: 'n',
  'split-up': 'u',
  'split-down': 'd',
  'strike-begun': 's',
  'first-step': 'f',
  'left-down': 'l',
  'right-down': 'r',
  'own-contact': 'o',
  'back-begun': 'b',
  back: 'h',
};

/** What a key does at the film desk: goes so many frames on, marks, plays or stops, or takes the last mark back. */
export type FilmAct = { readonly by: number } | { readonly mark: MarkKind } | 'undo' | 'play';

/** Frames that a step with the shift key goes. */
const FAR = 10;

/**
 * What a key does; null: nothing.
 * @example filmAct({ key: 'ArrowRight', shiftKey: true }) // { by: 10 }
 */
export function filmAct({ key, shiftKey }: Pick<KeyboardEvent, 'key' | 'shiftKey'>): FilmAct | null {
  const far = shiftKey ? FAR : 1;
  if (key === 'ArrowRight' || key === '.') return { by: far };
  if (key === 'ArrowLeft' || key === ',') return { by: -far };
  if (key === 'p') return 'play';
  if (key === 'Backspace' || key === 'z') return 'undo';
  const mark = (Object.entries(MARK_KEYS) as [MarkKind, string][]).find(([, one]) => one === key.toLowerCase());
  return mark ? { mark: mark[0] } : null;
}
