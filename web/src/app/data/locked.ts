import { keepAtOnce, sayAtOnce } from './said-at-once';

/** Where it stands that this device is locked; other tabs hear of it. */
export const LOCKED = 'hopsk.locked';
const TOUCHED = 'hopsk.touched';

/** Whether this device is locked. */
export const isLocked = (): boolean => sayAtOnce(LOCKED) !== null;

export const setLocked = (locked: boolean): void => keepAtOnce(LOCKED, locked ? '1' : null);

/** For how long (ms) nobody touched this device in any of its tabs; 0 where that is not known. */
export const untouchedFor = (): number => Date.now() - Number(sayAtOnce(TOUCHED) ?? Date.now());

export const touched = (): void => keepAtOnce(TOUCHED, String(Date.now()));
