/** Shakes the phone for so long (ms), where it can and the browser lets a page do so. */
export const vibrate = (ms: number): void => {
  if ('vibrate' in navigator) navigator.vibrate(ms);
};
