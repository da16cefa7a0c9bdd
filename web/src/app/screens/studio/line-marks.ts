import { computed, linkedSignal, type Signal } from '@angular/core';
import type { Study } from '@hopsk/core/judge/study';
import { mirrorText } from '@hopsk/core/language/mirror';
import type { Span } from '@hopsk/core/language/places';
import type { SimMove } from '@hopsk/core/motion/simulation';
import { lineView, type LinePiece } from '@hopsk/core/view/line-view';
import { meantBy } from '@hopsk/core/view/readings';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Mark } from './line-states';

/** What is drawn: the study may be a moment behind what is typed, and of the mirrored line. */
interface LineOf {
  readonly study: Signal<Study | null>;
  /** As it is typed. */
  readonly steps: Signal<string>;
  readonly mirrored: Signal<boolean>;
  /** The move under way. */
  readonly lit: Signal<number | null>;
}

const NO_MARKS: readonly Mark[] = [];

/** Where in the typed line stand its steps, what is found in it, and the step under way. */
export class LineMarks {
  constructor(private readonly of: LineOf) {}

  /** The line as it was studied, piece by piece. */
  readonly pieces = computed(() => {
    const study = this.of.study();
    return study ? lineView(study) : [];
  });

  /** The text as typed, cut into its pieces, of a mirrored line by the mirrored places; null while the study is behind the typing. */
  private readonly typed = computed<readonly LinePiece[] | null>(() => {
    const steps = this.of.steps();
    const pieces = this.pieces();
    if (pieces.map((piece) => piece.text).join('') === steps) return pieces;
    if (!this.of.mirrored()) return null;
    // 'left' and 'right' differ in length, so the pieces are laid out anew over the typed text.
    let from = 0;
    const back = pieces.map((piece) => {
      const text = mirrorText(piece.text);
      const laid = { ...piece, text, from };
      from += text.length;
      return laid;
    });
    return back.map((piece) => piece.text).join('') === steps ? back : null;
  });

  /** What is said about stretches of the typed line, findings and words that cannot be read. */
  readonly marks = computed(() => this.held() ?? NO_MARKS);
  private readonly held = this.holding((): readonly Mark[] => {
    const study = this.of.study();
    if (!study) return [];
    const unread = study.errors.map((error): Mark => ({
      from: error.from,
      to: error.to,
      kind: 'unread',
      message: say(words.notation, error),
      fixes: meantBy(error),
    }));
    const found = study.findings.flatMap((finding): Mark[] => {
      if (!finding.span) return [];
      const { from, to } = finding.span;
      return [{ from, to, kind: finding.intended ? 'note' : finding.level, message: say(words.findings, finding), fixes: [] }];
    });
    return [...unread, ...found].flatMap((mark) => {
      const place = this.placed(mark);
      return place ? [{ ...mark, ...place }] : [];
    });
  });

  private readonly spanNow = computed<Span | null>(() => {
    const lit = this.of.lit();
    return lit === null ? null : (this.of.study()?.simulation.moves[lit]?.span ?? null);
  });

  /** The step under way, as it stands in the typed line. */
  readonly now = this.holding(() => {
    const span = this.spanNow();
    return span && this.placed(span);
  });

  /** Whether the step under way stands in this piece of the line as it was studied. */
  isLit(piece: LinePiece): boolean {
    const span = this.spanNow();
    return span !== null && piece.from <= span.from && span.from < piece.from + piece.text.length;
  }

  /** The first move of the step at a place of the typed line. */
  moveAt(place: number): SimMove | null {
    const piece = this.typed()?.find((one) => one.moves && one.from <= place && place <= one.from + one.text.length);
    return (piece?.moves && this.of.study()?.simulation.moves[piece.moves.first]) ?? null;
  }

  /** Where a stretch of the studied text stands in the typed one. */
  private placed(span: Span): Span | null {
    const pieces = this.pieces();
    const typed = this.typed();
    if (typed === pieces) return { from: span.from, to: span.to };
    const first = pieces.findIndex((piece) => piece.from + piece.text.length > span.from);
    const last = pieces.findIndex((piece) => piece.from + piece.text.length >= span.to);
    const [a, b] = [typed?.[first], typed?.[last]];
    return a && b ? { from: a.from, to: b.from + b.text.length } : null;
  }

  /** While the study is behind the typing things stay as they were: the editor carries them along with what is typed. */
  private holding<T>(work: () => T): Signal<T | null> {
    const source = computed(() => (this.typed() === null ? null : { now: work() }));
    return linkedSignal<{ readonly now: T } | null, T | null>({
      source,
      computation: (found, before) => (found ? found.now : (before?.value ?? null)),
    });
  }
}
