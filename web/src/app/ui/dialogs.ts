import { inject, Injectable, Injector, signal, type Type } from '@angular/core';
import type { MatDialog } from '@angular/material/dialog';
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

  /** A part was asked for that could not be fetched: a browser asks for it no more until the page is loaded anew. */
  readonly away = signal(false);

  private dialog: Promise<Type<MatDialog>> | null = null;
  private readonly had = new Map<Part, Type<unknown>>();

  /** Parts that came with their page, and are there whatever becomes of the network. */
  have(dialog: Type<MatDialog>, parts: ReadonlyMap<Part, Type<unknown>>): void {
    this.dialog = Promise.resolve(dialog);
    for (const [part, it] of parts) this.had.set(part, it);
  }

  /** Shows a part until it is closed; what it was closed with, null where with nothing, or where it could not be fetched. */
  async show<R>(part: Part, { label, labelledBy, data, width = '480px', height }: Shown): Promise<R | null> {
    this.shown++;
    try {
      const dialogs = this.dialog ?? import('./material-dialog').then(({ MatDialog }) => MatDialog);
      const fetched = await Promise.all([dialogs, this.had.get(part) ?? part()]).catch(() => null);
      this.away.set(fetched === null);
      if (fetched === null) return null;
      const [material, shown] = fetched;
      const dialog = this.injector.get(material).open<unknown, unknown, R | null>(shown, {
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
}
