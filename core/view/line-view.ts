import type { Level } from '../judge/finding.js';
import type { Study } from '../judge/study.js';

/** A piece of the line of steps: a step that is simulated, or what stands between. */
export interface LinePiece {
  readonly text: string;
  readonly from: number;
  /** Moves that this step makes, as first and last index; null for what is no step. */
  readonly moves: { readonly first: number; readonly last: number } | null;
  /** Worst finding at it, or 'unread'. */
  readonly mark: Level | 'unread' | null;
}

const RANK: Readonly<Record<Level, number>> = { note: 1, beware: 2, stop: 3 };

/** Cuts the text into pieces so that each step can light up with its moves. The pieces joined are the text itself. */
export function lineView(study: Study): LinePiece[] {
  const { text } = study;
  const spans = new Map<number, { to: number; first: number; last: number }>();
  for (const move of study.simulation.moves) {
    const known = spans.get(move.span.from);
    spans.set(move.span.from, { to: move.span.to, first: known?.first ?? move.index, last: move.index });
  }
  const edges = new Set([0, text.length]);
  for (const [from, { to }] of spans) edges.add(from).add(to);
  for (const error of study.errors) edges.add(error.from).add(error.to);
  const cuts = [...edges].filter((edge) => edge <= text.length).sort((a, b) => a - b);
  const pieces: LinePiece[] = [];
  for (let i = 1; i < cuts.length; i++) {
    const from = cuts[i - 1] as number;
    const to = cuts[i] as number;
    const span = [...spans].find(([start, { to: end }]) => start <= from && to <= end)?.[1] ?? null;
    const unread = study.errors.some((error) => error.from <= from && to <= error.to && error.to > error.from);
    pieces.push({
      text: text.slice(from, to),
      from,
      moves: span && { first: span.first, last: span.last },
      mark: unread ? 'unread' : worst(study, from, to),
    });
  }
  return pieces;
}

function worst(study: Study, from: number, to: number): Level | null {
  let mark: Level | null = null;
  for (const { span, level } of study.findings)
    if (span && span.from <= from && to <= span.to && RANK[level] > (mark === null ? 0 : RANK[mark])) mark = level;
  return mark;
}
