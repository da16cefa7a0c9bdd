import { inject, Injectable, Injector } from '@angular/core';
import { firstValueFrom } from 'rxjs';

/** A question with the words of its two answers. */
export interface Question {
  readonly question: string;
  readonly yes: string;
  readonly no: string;
  /** A word to be typed: what is wrong with it is said beside its box; nothing where it will do. */
  readonly box?: { readonly label: string; readonly most: number; readonly wrong: (typed: string) => string };
}

/** Asks the coach in a dialog, which is fetched when the first question comes; the focus goes back to where it was. */
@Injectable({ providedIn: 'root' })
export class Ask {
  private readonly injector = inject(Injector);

  /** Whether they say yes; closing it is no. */
  async sure(question: Omit<Question, 'box'>): Promise<boolean> {
    return (await this.open(question)) !== null;
  }

  /** What they type; null where they would rather not. */
  word(question: Question & Required<Pick<Question, 'box'>>): Promise<string | null> {
    return this.open(question);
  }

  private async open(data: Question): Promise<string | null> {
    const { AskDialog, MatDialog } = await import('./ask-dialog');
    const dialog = this.injector.get(MatDialog).open<InstanceType<typeof AskDialog>, Question, string | null>(AskDialog, {
      data,
      width: '480px',
      ariaLabelledBy: 'question',
    });
    return (await firstValueFrom(dialog.afterClosed())) ?? null;
  }
}
