import type { Made } from '@hopsk/core/catalogue/made';
import { words } from '@hopsk/words/words';
import type { Dialogs, Part } from '../../ui/dialogs';

/** The catalogue, to find a fault in, or to make one; closes with its code, or with what is made. */
export const FAULT_PICKER: Part = () => import('./fault-picker').then(({ FaultPicker }) => FaultPicker);

/** What comes of looking for a fault. */
export type Picked = string | Made;

const pick = <P extends Picked>(dialogs: Dialogs, data: { readonly makes: boolean }): Promise<P | null> =>
  dialogs.show<P>(FAULT_PICKER, { label: words.floor.find, width: '560px', height: '86dvh', data });

/** A fault by a few letters of it; null where none was taken. */
export const pickFault = (dialogs: Dialogs): Promise<string | null> => pick<string>(dialogs, { makes: false });

/** The same, or one that is made where none is called so. */
export const pickOrMake = (dialogs: Dialogs): Promise<Picked | null> => pick(dialogs, { makes: true });
