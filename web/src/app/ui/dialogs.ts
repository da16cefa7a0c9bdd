import { inject, Injectable, Injector, type Type } from '@angular/core';
import { firstValueFrom } from 'rxjs';

/** A part that is shown in a dialog, fetched when it is needed. */
export type Part = () => Promise<Type<unknown>>;

interface Shown {
  /** What it is called aloud; a part with a heading of its own names that one instead. */
  readonly label?: string;
  readonly labelledBy?: string;
  readonly data?: unknown;
  readonly width?: string;
  readonly height?: string;
}

/** Parts in dialogs: the keys stay inside while one is open, and the focus goes back to where it was. */
@Injectable({ providedIn: 'root' })
export class Dialogs {
  private readonly injector = inject(Injector);
  private shown = 0;

  /** Whether any is open: keys of the page mean nothing then. */
  get open(): boolean {
    return this.shown > 0;
  }

  /** Fetches parts before they are needed: a hall may have no network by then. */
  ready(...parts: readonly Part[]): void {
    const fetch = (): void => {
      for (const part of [this.dialog, ...parts]) part().catch(() => undefined);
    };
    if ('requestIdleCallback' in window) requestIdleCallback(fetch);
    else setTimeout(fetch, 300);
  }

  /** Shows a part until it is closed; what it was closed with, null where with nothing. */
  async show<R>(part: Part, { label, labelledBy, data, width = '480px', height }: Shown): Promise<R | null> {
    this.shown++;
    try {
      const [{ MatDialog }, shown] = await Promise.all([import('./material-dialog'), part()]);
      const dialog = this.injector.get(MatDialog).open<unknown, unknown, R | null>(shown, {
        data,
        width,
        maxWidth: '100vw',
        ...(height && { height }),
        ...(label && { ariaLabel: label }),
        ...(labelledBy && { ariaLabelledBy: labelledBy }),
      });
      return (await firstValueFrom(dialog.afterClosed())) ?? null;
    } finally {
      this.shown--;
    }
  }

  private readonly dialog: Part = () => import('./material-dialog').then(({ MatDialog }) => MatDialog);
}
