import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Hold } from './hold';

@Component({
  selector: 'hop-held',
  imports: [Hold],
  template: `<button (click)="pressed.set(pressed() + 1)" (hopHold)="held.set(held() + 1)">it</button>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Held {
  readonly pressed = signal(0);
  readonly held = signal(0);
}

describe('a button that can be held', () => {
  let page: Held;
  let button: HTMLButtonElement;
  beforeEach(async () => {
    const fixture = TestBed.createComponent(Held);
    await fixture.whenStable();
    document.body.append(fixture.nativeElement as HTMLElement);
    page = fixture.componentInstance;
    button = (fixture.nativeElement as HTMLElement).querySelector('button') as HTMLButtonElement;
    jasmine.clock().install();
  });
  afterEach(() => {
    // Whatever was pressed is let go of.
    pointer('pointerup');
    jasmine.clock().tick(1);
    jasmine.clock().uninstall();
  });

  const pointer = (type: string, more: PointerEventInit = {}): void =>
    void button.dispatchEvent(new PointerEvent(type, { bubbles: true, cancelable: true, button: 0, clientX: 5, clientY: 5, ...more }));
  const release = (): void => (pointer('pointerup'), button.click());
  const seen = (): number[] => [page.pressed(), page.held()];

  it('takes a short press for a press, and a long one for a hold and nothing else', () => {
    pointer('pointerdown');
    jasmine.clock().tick(499);
    release();
    jasmine.clock().tick(2000);
    expect(seen()).toEqual([1, 0]);
    pointer('pointerdown');
    jasmine.clock().tick(500);
    expect(seen()).toEqual([1, 1]);
    release();
    jasmine.clock().tick(1);
    expect(seen()).toEqual([1, 1]);
    // The next press is one again.
    pointer('pointerdown');
    release();
    expect(seen()).toEqual([2, 1]);
  });

  it('is not held by a finger that moves away, and held by the key for its menu', () => {
    pointer('pointerdown');
    pointer('pointermove', { clientX: 40 });
    jasmine.clock().tick(2000);
    expect(seen()).toEqual([0, 0]);
    button.dispatchEvent(new MouseEvent('contextmenu', { bubbles: true, cancelable: true }));
    expect(seen()).toEqual([0, 1]);
  });

  it('is held once by a phone that says so in both ways', () => {
    pointer('pointerdown');
    jasmine.clock().tick(600);
    button.dispatchEvent(new MouseEvent('contextmenu', { bubbles: true, cancelable: true }));
    expect(seen()).toEqual([0, 1]);
  });
});
