/**
 * What must be known before anything else, so not from the store, which takes a moment: a word under a name; null where there is none, and
 * in a browser that keeps nothing.
 */
export function sayAtOnce(name: string): string | null {
  try {
    return localStorage.getItem(name);
  } catch {
    return null;
  }
}

/** Keeps a word under a name, or none. */
export function keepAtOnce(name: string, word: string | null): void {
  try {
    if (word === null) localStorage.removeItem(name);
    else localStorage.setItem(name, word);
  } catch {
    // What a browser does not keep is not known.
  }
}
