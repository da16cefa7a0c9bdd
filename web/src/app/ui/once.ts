/**
 * An act that takes time and is not begun again while it is under way: whoever presses twice gets one run, one copy, one file.
 * @example protected readonly take = once(() => this.build());
 */
export function once<A extends readonly unknown[]>(act: (...args: A) => Promise<unknown>): (...args: A) => Promise<void> {
  let underWay = false;
  return async (...args) => {
    if (underWay) return;
    underWay = true;
    try {
      await act(...args);
    } finally {
      underWay = false;
    }
  };
}
