/** One after the other, of all pages of this device; where a browser keeps no turns, as on a page that was not opened over HTTPS, of this page's own accord. */
export async function inTurn<T>(name: string, work: () => Promise<T>): Promise<T> {
  return 'locks' in navigator ? await navigator.locks.request(name, work) : work();
}
