import { Directive, output } from '@angular/core';

/** A finger that goes so far (px) to the side, and further than up or down, swipes. */
const FAR = 60;

/** A swipe over something: 1 to the left, as one goes on to the next, −1 to the right. */
@Directive({
  selector: '[hopSwipe]',
  host: { '(touchstart)': 'start($event)', '(touchend)': 'end($event)' },
})
export class Swipe {
  readonly hopSwipe = output<1 | -1>();
  private from: Touch | null = null;

  protected start({ touches }: TouchEvent): void {
    this.from = touches.length === 1 ? (touches[0] ?? null) : null;
  }

  protected end({ changedTouches: [to] }: TouchEvent): void {
    const { from } = this;
    this.from = null;
    if (!from || !to) return;
    const [x, y] = [to.clientX - from.clientX, to.clientY - from.clientY];
    if (Math.abs(x) >= FAR && Math.abs(x) > 2 * Math.abs(y)) this.hopSwipe.emit(x < 0 ? 1 : -1);
  }
}
