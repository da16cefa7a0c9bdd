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

  /** Results by athlete, of one exercise or of all. */
  results(exercise: number | null): RunCount['results'] {
    const results: Record<string, Partial<Record<Result, number>>> = {};
    for (const { athlete, exercise: its, result } of this.notes.values()) {
      if (result === null || (exercise !== null && its !== exercise)) continue;
      const mine = (results[athlete] ??= {});
      mine[result] = (mine[result] ?? 0) + 1;
    }
    return results;
  }
}
