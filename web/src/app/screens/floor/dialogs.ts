import { words } from '@hopsk/words/words';
import type { Dialogs, Part } from '../../ui/dialogs';

/** The catalogue, to find a fault in; closes with its code. */
export const FAULT_PICKER: Part = () => import('./fault-picker').then(({ FaultPicker }) => FaultPicker);
export const RESULT_PICKER: Part = () => import('./result-picker').then(({ ResultPicker }) => ResultPicker);
export const NOTE_BOX: Part = () => import('./note-box').then(({ NoteBox }) => NoteBox);
export const WHO_PICKER: Part = () => import('./who-picker').then(({ WhoPicker }) => WhoPicker);
export const TO_COME: Part = () => import('./to-come').then(({ ToCome }) => ToCome);
export const TAP_BOX: Part = () => import('./tap-box').then(({ TapBox }) => TapBox);
export const LAST_TAPS: Part = () => import('./last-taps').then(({ LastTaps }) => LastTaps);
export const KEY_LIST: Part = () => import('./key-list').then(({ KeyList }) => KeyList);

/** A fault by a few letters of it; null where none was taken. */
export const pickFault = (dialogs: Dialogs): Promise<string | null> =>
  dialogs.show<string>(FAULT_PICKER, { label: words.run.find, width: '560px', height: '86dvh' });
