import type { EditorState, TransactionSpec } from '@codemirror/state';
import { topStepAt } from './line-language';

/** What palette and buttons write into a line, parted as the line needs it. */

const written = (from: number, to: number, insert: string, caret: number): TransactionSpec => ({
  changes: { from, to, insert },
  selection: { anchor: caret },
  userEvent: 'input.palette',
  scrollIntoView: true,
});

/** A step behind the one that holds the caret. */
export function stepAdded(state: EditorState, step: string): TransactionSpec {
  const caret = state.selection.main.head;
  const at = topStepAt(state, caret)?.to ?? caret;
  const before = state.sliceDoc(0, at).trimEnd();
  const lead = before === '' ? '' : /[,;·→\n([|=]$/.test(before) ? (before.length === at ? ' ' : '') : ', ';
  const trail = /^[ \t]*([,;·→\n)\]|]|$)/.test(state.sliceDoc(at)) ? '' : ', ';
  return written(at, at, `${lead}${step}${trail}`, at + lead.length + step.length);
}

/** The next word in the place of what is typed of it; a separator stands without a blank before it. */
export function wordWritten(state: EditorState, from: number, text: string): TransactionSpec {
  const at = text === ',' ? state.sliceDoc(0, from).trimEnd().length : from;
  const lead = at > 0 && text !== ',' && !/\s$/.test(state.sliceDoc(0, at)) ? ' ' : '';
  const insert = `${lead}${text} `;
  return written(at, state.selection.main.head, insert, at + insert.length);
}
