import type { NotationError } from './ast.js';
import { NOTATION_LIMITS } from './limits.js';
import { placeOf, type Span } from './places.js';

/** Gathers what could not be read, each with its place. */
export class Errors {
  readonly list: NotationError[] = [];

  constructor(private readonly text: string) {}

  add(span: Span, message: string, expected: readonly string[] = [], nearest: string | null = null): void {
    if (this.list.length >= NOTATION_LIMITS.errors) return;
    this.list.push({ from: span.from, to: span.to, ...placeOf(this.text, span.from), message, expected, nearest });
  }
}
