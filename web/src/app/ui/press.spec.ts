import { once } from './once';
import { oneActAPress } from './one-press';

describe('one press, one act', () => {
  let stop: () => void;
  let acts: string[];
  const made: HTMLElement[] = [];
  const part = (html: string): HTMLElement => {
    const box = document.createElement('div');
    box.innerHTML = html;
    const one = box.firstElementChild as HTMLElement;
    one.addEventListener('click', () => acts.push('act'));
    document.body.append(box);
    made.push(box);
    return one;
  };
  const press = (target: Element, detail: number): boolean =>
    target.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, detail }));

  beforeEach(() => {
    acts = [];
    stop = oneActAPress(document);
  });
  afterEach(() => {
    stop();
    for (const one of made.splice(0)) one.remove();
  });

  it('a double press of a button, a link or a menu’s item acts once', () => {
    for (const html of ['<button><i>x</i></button>', '<a href="#x">x</a>', '<span role="menuitem">x</span>']) {
      acts = [];
      const one = part(html);
      press(one, 1);
      press(one.firstElementChild ?? one, 2);
      press(one, 3);
      expect(acts).withContext(html).toEqual(['act']);
    }
  });

  it('pressed from the keyboard, or by itself again later, it acts each time', () => {
    const one = part('<button>x</button>');
    for (const detail of [0, 0, 1, 1]) press(one, detail);
    expect(acts.length).toBe(4);
  });

  it('a key held down is one press; what is meant for many takes them all', () => {
    const key = (target: Element, repeat: boolean): boolean =>
      target.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true, repeat }));
    const once = part('<button>x</button>');
    expect([key(once, false), key(once, true)]).toEqual([true, false]);
    const many = part('<div data-many><button>x</button></div>').firstElementChild as HTMLElement;
    expect([key(many, true), press(many, 2)]).toEqual([true, true]);
  });

  it('words can still be chosen by a double press in a box', () => {
    expect(press(part('<input value="two words" />'), 2)).toBeTrue();
  });
});

describe('an act under way', () => {
  it('is not begun again, and can be when it is over, even when it failed', async () => {
    const begun: number[] = [];
    let finish: (error?: Error) => void = () => undefined;
    const act = once((n: number) => {
      begun.push(n);
      return new Promise<void>((done, fail) => (finish = (error) => (error ? fail(error) : done())));
    });
    const first = act(1);
    await act(2);
    expect(begun).toEqual([1]);
    finish(new Error('no'));
    await expectAsync(first).toBeRejectedWithError('no');
    const third = act(3);
    finish();
    await third;
    expect(begun).toEqual([1, 3]);
  });
});
