import { invertedEffects } from '@codemirror/commands';
import { HighlightStyle } from '@codemirror/language';
import { forEachDiagnostic, type Diagnostic } from '@codemirror/lint';
import { StateEffect, StateField, type EditorState } from '@codemirror/state';
import { Decoration, EditorView, type DecorationSet } from '@codemirror/view';
import { tags } from '@lezer/highlight';
import type { Draft } from '../../parts/pattern-draft';

/** Something said about a stretch of the line. */
export interface Mark {
  readonly from: number;
  readonly to: number;
  readonly kind: 'note' | 'beware' | 'stop' | 'unread';
  readonly message: string;
  /** What would put it right, each in its place. */
  readonly fixes: readonly string[];
}

export interface Place {
  readonly from: number;
  readonly to: number;
}

/** For whom a line is written and where it begins, before and after a change that turns it round. */
export interface Turned {
  readonly from: WrittenFor;
  readonly to: WrittenFor;
}
export type WrittenFor = Pick<Draft, 'hand' | 'lead' | 'area'>;

export const setWritten = StateEffect.define<Turned>();
/** What goes with a change of the text is taken back with it. */
export const withTheText = invertedEffects.of((transaction) =>
  transaction.effects.flatMap((one) => (one.is(setWritten) ? [setWritten.of({ from: one.value.to, to: one.value.from })] : [])),
);

export const setNow = StateEffect.define<Place | null>();
const nowMark = Decoration.mark({ class: 'now' });

/** Where the step under way can be marked in a text of that length; null where it cannot. */
const markable = (place: Place | null, length: number): Place | null =>
  place && place.from < place.to && place.to <= length ? place : null;

/** Whether the step under way is marked there already. */
export function isNow(state: EditorState, wanted: Place | null): boolean {
  const place = markable(wanted, state.doc.length);
  const { from, to, value } = state.field(nowField).iter();
  return value === null ? place === null : from === place?.from && to === place.to;
}

/** The step under way, inverted. */
export const nowField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    let next = marks.map(transaction.changes);
    for (const one of transaction.effects) {
      if (!one.is(setNow)) continue;
      const place = markable(one.value, transaction.newDoc.length);
      next = place ? Decoration.set([nowMark.range(place.from, place.to)]) : Decoration.none;
    }
    return next;
  },
  provide: (field) => EditorView.decorations.from(field),
});

export const COLOURS = HighlightStyle.define([
  { tag: tags.keyword, class: 'word-move' },
  { tag: tags.typeName, class: 'word-outside' },
  { tag: tags.propertyName, class: 'word-foot' },
  { tag: tags.number, class: 'word-size' },
  { tag: tags.string, class: 'word-hand' },
  { tag: tags.comment, class: 'word-comment' },
]);

/** Whether these marks, and no others, stand there already. */
export function isSaid(state: EditorState, wanted: readonly Diagnostic[]): boolean {
  const stands = new Set<string>();
  forEachDiagnostic(state, ({ message, markClass }, from, to) => void stands.add(`${from} ${to} ${markClass} ${message}`));
  const said = wanted.map(({ message, markClass, from, to }) => `${from} ${to} ${markClass} ${message}`);
  return stands.size === new Set(said).size && said.every((one) => stands.has(one));
}

const SEVERITY = { note: 'info', beware: 'warning', stop: 'error', unread: 'error' } as const;

/** Marks as the editor shows them; those beyond a text that is shorter by now are left out. */
export const diagnosticsOf = (marks: readonly Mark[], length: number): Diagnostic[] =>
  marks
    .filter((mark) => mark.to <= length && mark.from <= mark.to)
    .map(({ from, to, kind, message, fixes }) => ({
      from,
      to,
      severity: SEVERITY[kind],
      markClass: `mark-${kind}`,
      message,
      actions: fixes.map((fix) => ({
        name: fix,
        apply: (view, a, b) => view.dispatch({ changes: { from: a, to: b, insert: fix }, userEvent: 'input.fix' }),
      })),
    }));
