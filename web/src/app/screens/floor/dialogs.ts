import { words } from '@hopsk/words/words';
import type { Dialogs, Part } from '../../ui/dialogs';

/** The catalogue, to find a fault in; closes with its code. */
export const FAULT_PICKER: Part = () => import('./fault-picker').then(({ FaultPicker }) => FaultPicker);

/** A fault by a few letters of it; null where none was taken. */
export const pickFault = (dialogs: Dialogs): Promise<string | null> =>
  dialogs.show<string>(FAULT_PICKER, { label: words.floor.find, width: '560px', height: '86dvh' });
