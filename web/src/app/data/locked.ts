/** Where it stands that this device is locked; other tabs hear of it. */
export const LOCKED = 'hopsk.locked';
const TOUCHED = 'hopsk.touched';

/** Whether this device is locked. Read before anything else, so not from the store, which takes a moment. */
export const isLocked = (): boolean => {
  try {
    return localStorage.getItem(LOCKED) !== null;
  } catch {
    return false;
  }
};

export function setLocked(locked: boolean): void {
  try {
    if (locked) localStorage.setItem(LOCKED, '1');
    else localStorage.removeItem(LOCKED);
  } catch {
    // A browser that keeps nothing has nothing to lock away.
  }
}

/** When somebody last touched this device in any of its tabs (ms); now, where that is not known. */
export const touchedAt = (): number => {
  try {
    return Number(localStorage.getItem(TOUCHED) ?? Date.now());
  } catch {
    return Date.now();
  }
};

export function touched(): void {
  try {
    localStorage.setItem(TOUCHED, String(Date.now()));
  } catch {
    // It then locks by nothing but its button.
  }
}
