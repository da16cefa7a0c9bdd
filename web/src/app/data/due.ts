import { keepAtOnce, sayAtOnce } from './said-at-once';

const KEY = 'hopsk.sign-out';

/** Whether somebody signed out here while the server could not be asked: nobody is known on this device before it was told. */
export const signOutDue = (): boolean => sayAtOnce(KEY) !== null;

export const setSignOutDue = (due: boolean): void => keepAtOnce(KEY, due ? '1' : null);
