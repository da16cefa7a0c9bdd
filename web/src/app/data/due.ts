const KEY = 'hopsk.sign-out';

/**
 * Whether somebody signed out here while the server could not be asked: nobody is known on this device before it was told. Read before
 * anything else, so not from the store, which takes a moment.
 */
export const signOutDue = (): boolean => {
  try {
    return localStorage.getItem(KEY) !== null;
  } catch {
    return false;
  }
};

export function setSignOutDue(due: boolean): void {
  try {
    if (due) localStorage.setItem(KEY, '1');
    else localStorage.removeItem(KEY);
  } catch {
    // A browser that keeps nothing remembers nobody either.
  }
}
