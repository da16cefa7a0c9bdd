import type { ClubRecord, Imported } from '@hopsk/contract/club-lines';
import type { FieldProblem } from '@hopsk/contract/problem';
import { run, type Db } from '../db/sql.js';
import { noTally } from './counts.js';

type Kind = 'athlete' | 'erased' | 'decision' | 'pattern' | 'session' | 'run';

/** What becomes of a record: it is new, there already, or cannot be taken. */
export type Sorted = { readonly is: 'new' | 'known' } | { readonly is: 'refused'; readonly fields: readonly FieldProblem[] };

const notThere = (path: string): FieldProblem => ({ path, code: 'not-there', values: {} });

/**
 * Says of each record of a file, in its order, what becomes of it in a club, and adds up. Nothing is written: looking through a file
 * and adding it go the same way.
 */
export class Sorting {
  private readonly tally = noTally();

  private constructor(
    private readonly db: Db,
    private readonly clubId: string,
    private readonly there: Readonly<Record<Kind, Set<string>>>,
  ) {}

  static async of(db: Db, clubId: string): Promise<Sorting> {
    const there = {
      athlete: new Set<string>(),
      erased: new Set<string>(),
      decision: new Set<string>(),
      pattern: new Set<string>(),
      session: new Set<string>(),
      run: new Set<string>(),
    };
    for (const { kind, id } of await run<{ kind: Kind; id: string }>(db, 'club-ids', clubId)) there[kind].add(id);
    return new Sorting(db, clubId, there);
  }

  /** People of the club that the file says were erased, so far. */
  erases = 0;

  get counts(): Imported {
    return structuredClone(this.tally);
  }

  /** What becomes of it. */
  sort({ kind, record }: Exclude<ClubRecord, { kind: 'log' }>): Sorted {
    if (kind === 'teaching' || kind === 'word') return { is: 'new' };
    const { athlete, erased, pattern, session } = this.there;
    if (kind === 'film') {
      const of = record.work.athlete;
      const code = of === null ? null : erased.has(of) ? ('erased' as const) : athlete.has(of) ? null : ('not-there' as const);
      return code === null ? { is: 'new' } : { is: 'refused', fields: [{ path: 'film.athlete', code, values: {} }] };
    }
    if (kind === 'erased') {
      if (erased.has(record.id)) return { is: 'known' };
      erased.add(record.id);
      if (athlete.has(record.id)) this.erases++;
      return { is: 'new' };
    }
    if (kind === 'somebody') {
      if (athlete.has(record.id)) return { is: 'known' };
      athlete.add(record.id);
      return { is: 'new' };
    }
    if (kind === 'decision') {
      const code = erased.has(record.athlete) ? ('erased' as const) : athlete.has(record.athlete) ? null : ('not-there' as const);
      if (code !== null) return { is: 'refused', fields: [{ path: 'decision.athlete', code, values: {} }] };
      if (this.there.decision.has(record.id)) return { is: 'known' };
      this.there.decision.add(record.id);
      return { is: 'new' };
    }
    if (kind === 'athlete' && erased.has(record.id)) return { is: 'refused', fields: [{ path: 'athlete', code: 'erased', values: {} }] };
    if (kind === 'run' && !this.there.run.has(record.id)) {
      const strangers = record.athletes.filter((id) => !athlete.has(id) && !erased.has(id));
      if (strangers.length === 0 && record.athletes.every((id) => erased.has(id)))
        return { is: 'refused', fields: [{ path: 'run.athletes', code: 'erased', values: {} }] };
      const fields = strangers.map((id): FieldProblem => ({ path: 'run.athletes', code: 'unknown-athlete', values: { id } }));
      if (record.patternId !== null && !pattern.has(record.patternId)) fields.push(notThere('run.patternId'));
      if (record.sessionId !== null && !session.has(record.sessionId)) fields.push(notThere('run.sessionId'));
      if (fields.length > 0) return { is: 'refused', fields: fields.slice(0, 20) };
    }
    const known = this.there[kind].has(record.id);
    this.there[kind].add(record.id);
    this.tally[`${kind}s`][known ? 'known' : 'added']++;
    return { is: known ? 'known' : 'new' };
  }

  /** Of a run's events, those that it lacks; null where there is no such run, in the club or before them in the file. */
  async lacking({ run: runId, events }: Extract<ClubRecord, { kind: 'log' }>['record']): Promise<typeof events | null> {
    if (!this.there.run.has(runId)) return null;
    const ids = events.map(({ id }) => id);
    const there = new Set((await run<{ id: string }>(this.db, 'events-there', this.clubId, runId, ids)).map(({ id }) => id));
    const lacking = events.filter(({ id }) => !there.has(id));
    this.tally.events.added += lacking.length;
    this.tally.events.known += events.length - lacking.length;
    return lacking;
  }
}
