import type { Part } from '../../ui/dialogs';

/** What is asked and shown while a run is on; it comes with its page. */
export const RESULT_PICKER: Part = () => import('./result-picker').then(({ ResultPicker }) => ResultPicker);
export const NOTE_BOX: Part = () => import('./note-box').then(({ NoteBox }) => NoteBox);
export const WHO_PICKER: Part = () => import('./who-picker').then(({ WhoPicker }) => WhoPicker);
export const TO_COME: Part = () => import('./to-come').then(({ ToCome }) => ToCome);
export const TAP_BOX: Part = () => import('./tap-box').then(({ TapBox }) => TapBox);
export const TEMPO_BOX: Part = () => import('./tempo-box').then(({ TempoBox }) => TempoBox);
export const THINGS_BOX: Part = () => import('./things-box').then(({ ThingsBox }) => ThingsBox);
export const LAST_TAPS: Part = () => import('./last-taps').then(({ LastTaps }) => LastTaps);
export const KEY_LIST: Part = () => import('./key-list').then(({ KeyList }) => KeyList);
