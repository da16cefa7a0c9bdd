import { autocompletion, closeBrackets, closeBracketsKeymap, completionKeymap } from '@codemirror/autocomplete';
import { defaultKeymap, history, historyKeymap, redo, redoDepth, undo, undoDepth } from '@codemirror/commands';
import { setDiagnostics } from '@codemirror/lint';
import { syntaxHighlighting } from '@codemirror/language';
import { Compartment, EditorState, type Extension } from '@codemirror/state';
import { EditorView, keymap, placeholder, tooltips } from '@codemirror/view';
import { ChangeDetectionStrategy, Component, DestroyRef, effect, ElementRef, inject, input, output, signal } from '@angular/core';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Edit } from '@hopsk/core/search/drag';
import { stepAdded, wordWritten } from './line-insert';
import { ownMoves, sportOf, stepsLanguage } from './line-language';
import {
  COLOURS,
  diagnosticsOf,
  isNow,
  isSaid,
  nowField,
  setNow,
  setWritten,
  withTheText,
  type Mark,
  type Place,
  type Turned,
  type WrittenFor,
} from './line-states';

/** The line of steps: typed with completion, help and marks; every change can be taken back. */
@Component({
  selector: 'hop-line',
  template: '',
  styleUrl: './line-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineEditor {
  readonly value = input.required<string>();
  readonly locked = input(false);
  readonly label = input('');
  readonly help = input('');
  /** The club's own moves, for completion. */
  readonly names = input<readonly OwnMove[]>([]);
  /** Whose strikes are offered. */
  readonly sport = input('');
  readonly marks = input<readonly Mark[]>([]);
  readonly now = input<Place | null>(null);
  readonly typed = output<string>();
  /** The line was turned round, or that was taken back: for whom it is written now. */
  readonly written = output<WrittenFor>();
  /** The caret was put somewhere by hand. */
  readonly caret = output<number>();
  /** What stands before the caret. */
  readonly before = signal('');
  readonly canUndo = signal(false);
  readonly canRedo = signal(false);
  private readonly view: EditorView;
  private readonly outer = new Compartment();
  /** The text that came in or went out last, so that an own change does not come back. */
  private known = '';
  /** What is set before anybody typed is not taken back. */
  private touched = false;

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    this.view = new EditorView({ parent: host, state: this.fresh('') });
    effect(() => this.take(this.value()));
    effect(() => this.view.dispatch({ effects: this.outer.reconfigure(this.fromOutside()) }));
    // Marks put the caret anew, for which the page is laid out: what is drawn need not wait for it.
    effect((onCleanup) => {
      const [marks, now] = [this.marks(), this.now()];
      const later = setTimeout(() => this.show(marks, now));
      onCleanup(() => clearTimeout(later));
    });
    inject(DestroyRef).onDestroy(() => this.view.destroy());
  }

  undo(): void {
    undo(this.view);
    this.view.focus();
  }

  redo(): void {
    redo(this.view);
    this.view.focus();
  }

  /** Puts a step behind the one that holds the caret, parted as the line needs it. */
  add(step: string): void {
    this.view.dispatch(stepAdded(this.view.state, step));
  }

  /** Writes the next word in the place of what is typed of it, and goes on behind it. */
  write(from: number, text: string): void {
    this.view.dispatch(wordWritten(this.view.state, from, text));
    this.view.focus();
  }

  /** Changes a stretch of the line. */
  change({ from, to, insert }: Edit): void {
    this.view.dispatch({ changes: { from, to, insert }, userEvent: 'input.drag' });
  }

  /** Puts another text in the place of all of it; can be taken back. */
  replace(text: string, turned: Turned | null = null): void {
    this.view.dispatch({
      changes: { from: 0, to: this.view.state.doc.length, insert: text },
      effects: turned ? [setWritten.of(turned)] : [],
      userEvent: 'input.operation',
    });
  }

  /** The caret goes to a place and the line is in hand. */
  goTo(pos: number): void {
    this.view.dispatch({ selection: { anchor: Math.min(pos, this.view.state.doc.length) }, scrollIntoView: true });
    this.view.focus();
  }

  private take(text: string): void {
    if (text === this.known) return;
    this.known = text;
    if (text === this.view.state.doc.toString()) return;
    // What is opened anew has nothing to take back; the lock and the label go with it.
    if (!this.touched) {
      this.view.setState(this.fresh(text));
      this.before.set(text);
    } else this.view.dispatch({ changes: { from: 0, to: this.view.state.doc.length, insert: text } });
    this.count(this.view.state);
  }

  private fresh(doc: string): EditorState {
    return EditorState.create({
      doc,
      selection: { anchor: doc.length },
      extensions: [
        history(),
        withTheText,
        closeBrackets(),
        autocompletion({ icons: false, tooltipClass: () => 'words' }),
        keymap.of([...closeBracketsKeymap, ...completionKeymap, ...historyKeymap, ...defaultKeymap]),
        stepsLanguage(),
        syntaxHighlighting(COLOURS),
        nowField,
        tooltips({ parent: document.body }),
        EditorView.lineWrapping,
        this.outer.of(this.fromOutside()),
        EditorView.updateListener.of((update) => {
          if (update.docChanged) {
            this.known = update.state.doc.toString();
            if (
              update.transactions.some(
                (one) => one.isUserEvent('input') || one.isUserEvent('delete') || one.isUserEvent('undo') || one.isUserEvent('redo'),
              )
            ) {
              this.touched = true;
              this.typed.emit(this.known);
            }
            this.count(update.state);
          }
          if (update.docChanged || update.selectionSet) this.before.set(update.state.sliceDoc(0, update.state.selection.main.head));
          for (const one of update.transactions.flatMap((transaction) => transaction.effects))
            if (one.is(setWritten)) this.written.emit(one.value.to);
          if (update.transactions.some((one) => one.isUserEvent('select'))) this.caret.emit(update.state.selection.main.head);
        }),
      ],
    });
  }

  /** What the screen says about the editor. */
  private fromOutside(): Extension {
    return [
      EditorState.readOnly.of(this.locked()),
      ownMoves.of(this.names()),
      sportOf.of(this.sport()),
      placeholder(this.help()),
      EditorView.contentAttributes.of({
        'aria-label': this.label(),
        'aria-readonly': String(this.locked()),
        spellcheck: 'false',
        autocapitalize: 'off',
        autocorrect: 'off',
        translate: 'no',
      }),
    ];
  }

  private count(state: EditorState): void {
    this.canUndo.set(undoDepth(state) > 0);
    this.canRedo.set(redoDepth(state) > 0);
  }

  /** Marks and the step under way in one change of the view, and in none where they stand so: each puts the selection anew. */
  private show(marks: readonly Mark[], now: Place | null): void {
    const { state } = this.view;
    const said = diagnosticsOf(marks, state.doc.length);
    const changes = [
      ...(isSaid(state, said) ? [] : [setDiagnostics(state, said)]),
      ...(isNow(state, now) ? [] : [{ effects: setNow.of(now) }]),
    ];
    if (changes.length > 0) this.view.dispatch(...changes);
  }
}
