import { DestroyRef, Directive, inject, output } from '@angular/core';

/** Pressed for so long (ms) it is held. */
const HELD = 500;
/** A finger that moves further than this (px) while it presses scrolls or swipes. */
const MOVED = 12;

/**
 * What is asked for by holding a button, or by the key for its menu: a press that is shorter stays a press, always. A hold is no press.
 */
@Directive({
  selector: '[hopHold]',
  host: {
    '(pointerdown)': 'down($event)',
    '(pointermove)': 'move($event)',
    '(pointerup)': 'stop()',
    '(pointercancel)': 'stop()',
    '(pointerleave)': 'stop()',
    '(contextmenu)': 'menu($event)',
  },
})
export class Hold {
  readonly hopHold = output();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private from = { x: 0, y: 0 };
  private held = false;
  private pressed = false;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.stop());
  }

  protected down({ button, clientX: x, clientY: y }: PointerEvent): void {
    this.stop();
    this.held = false;
    if (button !== 0) return;
    this.pressed = true;
    document.addEventListener('pointerup', () => (this.pressed = false), { once: true });
    this.from = { x, y };
    this.timer = setTimeout(() => this.hold(), HELD);
  }

  protected move({ clientX, clientY }: PointerEvent): void {
    if (Math.hypot(clientX - this.from.x, clientY - this.from.y) > MOVED) this.stop();
  }

  protected stop(): void {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
  }

  /** The key for a menu, or another button; a phone says so too when something is held, which is the same hold. */
  protected menu(event: Event): void {
    event.preventDefault();
    if (!this.held) this.hold();
  }

  private hold(): void {
    this.stop();
    this.held = true;
    // The press that ends it is none; a key ends nothing.
    if (this.pressed) swallowClick();
    this.hopHold.emit();
  }
}

function swallowClick(): void {
  const swallow = (event: Event): void => (event.stopImmediatePropagation(), event.preventDefault());
  const forget = (): void => document.removeEventListener('click', swallow, { capture: true });
  document.addEventListener('click', swallow, { capture: true, once: true });
  // The click comes right behind it, or not at all.
  document.addEventListener('pointerup', () => setTimeout(forget), { once: true });
}
