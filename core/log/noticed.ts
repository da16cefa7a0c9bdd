import type { RunCount } from './count.js';
import type { Result } from './event.js';

/** Praise, or where the ball went, as it is counted now. */
interface Note {
  readonly athlete: string;
  readonly exercise: number;
  /** Null: praise. */
  readonly result: Result | null;
}

/** Praise and results by the event that said them: kept apart from the feet. */
export class Noticed {
  private readonly notes = new Map<string, Note>();

  set(id: string, note: Note | null): void {
    if (note === null) this.notes.delete(id);
    else this.notes.set(id, note);
  }

  ids(): readonly string[] {
    return [...this.notes.keys()];
  }

  praise(): RunCount['praise'] {
    const praise: Record<string, number> = {};
    for (const { athlete, result } of this.notes.values()) if (result === null) praise[athlete] = (praise[athlete] ?? 0) + 1;
    return praise;
  }

  /** Results with the event that said each. */
  each(): { readonly id: string; readonly athlete: string; readonly exercise: number; readonly result: Result }[] {
    return [...this.notes].flatMap(([id, { result, ...note }]) => (result === null ? [] : [{ id, ...note, result }]));
  }

  /** Results by athlete. */
  results(): RunCount['results'] {
    const results: Record<string, Partial<Record<Result, number>>> = {};
    for (const { athlete, result } of this.notes.values()) {
      if (result === null) continue;
      const mine = (results[athlete] ??= {});
      mine[result] = (mine[result] ?? 0) + 1;
    }
    return results;
  }
}
