import { TestBed } from '@angular/core/testing';
import { Awake } from './awake';

describe('a screen kept awake', () => {
  let held: number;
  let released: number;

  beforeEach(() => {
    held = released = 0;
    Object.defineProperty(navigator, 'wakeLock', {
      configurable: true,
      value: { request: () => (held++, Promise.resolve({ release: () => (released++, Promise.resolve()) })) },
    });
  });
  afterEach(() => Reflect.deleteProperty(navigator, 'wakeLock'));

  it('is held during a run, taken again when the page comes back, and let go', async () => {
    const awake = TestBed.inject(Awake);
    await awake.hold();
    expect(held).toBe(1);
    document.dispatchEvent(new Event('visibilitychange'));
    expect(held).toBe(2);
    await awake.release();
    expect(released).toBe(1);
    document.dispatchEvent(new Event('visibilitychange'));
    expect(held).toBe(2);
  });

  it('is nothing to fail at where the browser refuses or cannot', async () => {
    Object.defineProperty(navigator, 'wakeLock', {
      configurable: true,
      value: { request: () => Promise.reject(new Error('low battery')) },
    });
    const awake = new Awake();
    await expectAsync(awake.hold()).toBeResolved();
    await expectAsync(awake.release()).toBeResolved();
  });
});
