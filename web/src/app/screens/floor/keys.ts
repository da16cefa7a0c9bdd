import type { Side } from '@hopsk/core/body/foot';

/** What a key does on the run screen. */
export type KeyAct =
  | {
      readonly do:
        | 'pause'
        | 'next'
        | 'undo'
        | 'right'
        | 'clean'
        | 'attempt'
        | 'feed'
        | 'view'
        | 'end'
        | 'keys'
        | 'note'
        | 'to-come'
        | 'last-taps'
        | 'tempo';
    }
  | { readonly do: 'athlete'; readonly by: 1 | -1 }
  | { readonly do: 'fault'; readonly code: string; readonly side: Side | null };

const PLAIN = {
  ' ': 'pause',
  n: 'next',
  u: 'undo',
  Backspace: 'undo',
  r: 'right',
  c: 'clean',
  a: 'attempt',
  f: 'feed',
  v: 'view',
  e: 'end',
  t: 'note',
  p: 'to-come',
  b: 'tempo',
  l: 'last-taps',
  '?': 'keys',
} as const;

/** The act of a key press, or null. Digits are faults of the board: with shift on the right, with alt on the left side. */
export function actOf(
  event: Pick<KeyboardEvent, 'key' | 'code' | 'shiftKey' | 'altKey' | 'ctrlKey' | 'metaKey' | 'target'>,
  board: readonly string[],
): KeyAct | null {
  if (event.ctrlKey || event.metaKey) return null;
  const target = event.target;
  const inField = target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
  if (inField) return null;
  const digit = /^(?:Digit|Numpad)([1-8])$/.exec(event.code);
  if (digit) {
    const code = board[Number(digit[1]) - 1];
    return code === undefined ? null : { do: 'fault', code, side: event.shiftKey ? 'right' : event.altKey ? 'left' : null };
  }
  if (event.key === '[' || event.key === ']') return { do: 'athlete', by: event.key === ']' ? 1 : -1 };
  // Space and Enter on a focused button press that button.
  if (event.key === ' ' && target instanceof HTMLElement && target.tagName === 'BUTTON') return null;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  return Object.hasOwn(PLAIN, key) ? { do: PLAIN[key as keyof typeof PLAIN] } : null;
}
