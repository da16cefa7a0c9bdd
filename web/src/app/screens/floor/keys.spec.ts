import { actOf, type KeyAct } from './keys';

type Press = Parameters<typeof actOf>[0];
const press = (key: string, more: Partial<Press> = {}): KeyAct | null =>
  actOf(
    {
      key,
      code: /^\d$/.test(key) ? `Digit${key}` : '',
      shiftKey: false,
      altKey: false,
      ctrlKey: false,
      metaKey: false,
      target: document.body,
      ...more,
    },
    ['tall', 'crossed'],
  );

describe('keys of the run screen', () => {
  it('digits are the faults of the board, shift their right and alt their left side', () => {
    expect(press('1')).toEqual({ do: 'fault', code: 'tall', side: null });
    expect(press('"', { code: 'Digit2', shiftKey: true })).toEqual({ do: 'fault', code: 'crossed', side: 'right' });
    expect(press('¡', { code: 'Digit1', altKey: true })).toEqual({ do: 'fault', code: 'tall', side: 'left' });
    expect(press('2', { code: 'Numpad2' })).toEqual({ do: 'fault', code: 'crossed', side: null });
  });

  it('a digit without a fault does nothing', () => {
    expect(press('3')).toBeNull();
    expect(press('0')).toBeNull();
  });

  it('letters say what they do, small or large', () => {
    const acts = ['n', 'U', 'r', 'c', 'a', 'v', 'e', '?', 'Backspace'].map((key) => press(key)?.do);
    expect(acts).toEqual(['next', 'undo', 'right', 'clean', 'attempt', 'view', 'end', 'keys', 'undo']);
    expect(press(']')).toEqual({ do: 'athlete', by: 1 });
    expect(press('[')).toEqual({ do: 'athlete', by: -1 });
  });

  it('space pauses, but on a focused button it presses the button', () => {
    expect(press(' ')).toEqual({ do: 'pause' });
    expect(press(' ', { target: document.createElement('button') })).toBeNull();
  });

  it('nothing is taken from the browser’s own keys or from typing', () => {
    expect(press('r', { ctrlKey: true })).toBeNull();
    expect(press('n', { metaKey: true })).toBeNull();
    for (const field of ['input', 'textarea', 'select']) expect(press('n', { target: document.createElement(field) })).toBeNull();
    expect(press('constructor')).toBeNull();
  });
});
