import { History } from './history';

describe('taking back', () => {
  it('goes back and on again, and forgets what was ahead when something else is done', () => {
    const history = new History<string>();
    expect([history.canBack(), history.back('a')]).toEqual([false, null]);
    history.keep('a');
    history.keep('b');
    expect(history.back('c')).toBe('b');
    expect(history.on('b')).toBe('c');
    expect(history.back('c')).toBe('b');
    expect(history.back('b')).toBe('a');
    expect([history.canBack(), history.canOn()]).toEqual([false, true]);
    history.keep('a');
    expect([history.canOn(), history.on('d')]).toEqual([false, null]);
    history.forget();
    expect(history.canBack()).toBeFalse();
  });

  it('holds a hundred steps', () => {
    const history = new History<number>();
    for (let i = 0; i < 130; i++) history.keep(i);
    let steps = 0;
    while (history.back(0) !== null) steps++;
    expect(steps).toBe(100);
  });
});
