import { said } from '../said.js';
import type { NotationError } from './ast.js';
import { NOTATION_LIMITS } from './limits.js';
import type { NotationMessages } from './messages.js';
import { placeOf, type Span } from './places.js';

/** Gathers what could not be read, each with its place. */
export class Errors {
  readonly list: NotationError[] = [];

  constructor(private readonly text: string) {}

  add<Code extends keyof NotationMessages>(
    span: Span,
    code: Code,
    values: NotationMessages[Code],
    expected: readonly string[] = [],
    nearest: string | null | (() => string | null) = null,
    readings: readonly string[] = [],
    step: Span | null = null,
  ): void {
    // What is not said is not looked for either: the nearest of all words takes its time.
    if (this.list.length >= NOTATION_LIMITS.errors) return;
    const message = said<NotationMessages, Code>(code, values);
    this.list.push({
      ...message,
      from: span.from,
      to: span.to,
      ...placeOf(this.text, span.from),
      expected,
      nearest: typeof nearest === 'function' ? nearest() : nearest,
      readings,
      step: step && { from: step.from, to: step.to },
    });
  }

  /** What was asked of a piece of the text is answered. */
  answered({ from }: Span, code: keyof NotationMessages): void {
    const at = this.list.findLastIndex((one) => one.code === code && one.from === from);
    if (at >= 0) this.list.splice(at, 1);
  }

  /** Asks which of several is meant. */
  ask<Code extends keyof NotationMessages>(
    span: Span,
    code: Code,
    values: NotationMessages[Code],
    readings: readonly string[],
    step: Span | null = null,
  ): void {
    this.add(span, code, values, [], null, readings, step);
  }
}
