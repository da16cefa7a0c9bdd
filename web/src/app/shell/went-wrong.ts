import { HttpErrorResponse } from '@angular/common/http';
import { ErrorHandler, Injectable, signal } from '@angular/core';

/** The network or the server away is said where it matters; it is no fault of the page. */
const isAway = (error: unknown): boolean => error instanceof HttpErrorResponse && (error.status === 0 || error.status === 504);

/** Whatever nobody caught: a promise of a write too. It is said on the page, and not only written where no coach looks. */
@Injectable({ providedIn: 'root' })
export class WentWrong extends ErrorHandler {
  private readonly heard = signal(false);
  /** Whether anything went wrong on this page since it was loaded, or was looked at last. */
  readonly here = this.heard.asReadonly();

  override handleError(error: unknown): void {
    super.handleError(error);
    if (!isAway(error)) this.heard.set(true);
  }

  seen(): void {
    this.heard.set(false);
  }
}
