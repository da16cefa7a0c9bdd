import { signal } from '@angular/core';

/** Questions of one kind, of which only the latest counts: what comes of an earlier one, answer or failure, is dropped. */
export class Latest {
  private asked = 0;
  private readonly waiting = signal(false);
  /** Whether the latest question is still open. */
  readonly open = this.waiting.asReadonly();

  /**
   * Asks; hands over the answer, or the failure, unless something else was asked meanwhile.
   * @param question is told whether it still is the latest, for work in several steps.
   * @example void latest.ask(() => asking.ask('whatIf', ask), (seen) => this.seen.set(seen), () => this.failed.set(true))
   */
  async ask<T>(
    question: (stands: () => boolean) => Promise<T>,
    take: (answer: T) => void,
    failed: (error: unknown) => void,
  ): Promise<void> {
    const mine = ++this.asked;
    const stands = (): boolean => mine === this.asked;
    this.waiting.set(true);
    const outcome = await question(stands).then(
      (answer) => () => take(answer),
      (error: unknown) => () => failed(error),
    );
    if (!stands()) return;
    this.waiting.set(false);
    outcome();
  }

  /** What is on its way is of no interest any more. */
  drop(): void {
    this.asked++;
    this.waiting.set(false);
  }
}
