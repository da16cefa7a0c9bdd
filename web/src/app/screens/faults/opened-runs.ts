import { signal } from '@angular/core';
import type { RunsBehind } from '@hopsk/contract/book';
import { firstValueFrom, type Observable } from 'rxjs';
import { Latest } from '../../compute/latest';

/** The runs behind one number of several, of which one is open at a time. */
export class OpenedRuns {
  private readonly asking = new Latest();
  /** Which is open, how it is called, and its runs once they are here; null: none. */
  readonly now = signal<{ readonly key: string; readonly label: string; readonly runs: RunsBehind | null } | null>(null);

  constructor(private readonly failed: (error: unknown) => void) {}

  /** Opens it, or puts it away where it is open. */
  turn(key: string, label: string, asked: Observable<RunsBehind>): void {
    if (this.now()?.key === key) return this.now.set(null);
    this.now.set({ key, label, runs: null });
    void this.asking.ask(
      () => firstValueFrom(asked),
      (runs) => this.now.update((now) => (now?.key === key ? { ...now, runs } : now)),
      (error) => {
        this.now.set(null);
        this.failed(error);
      },
    );
  }
}
