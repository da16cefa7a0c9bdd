import { inject, Injectable } from '@angular/core';
import { Dialogs, type Part } from './dialogs';

/** A question with the words of its two answers. */
export interface Question {
  readonly question: string;
  readonly yes: string;
  readonly no: string;
  /** A word to be typed: what is wrong with it is said beside its box; nothing where it will do. */
  readonly box?: { readonly label: string; readonly most: number; readonly wrong: (typed: string) => string };
}

/** What asks. */
export const ASK: Part = () => import('./ask-dialog').then(({ AskDialog }) => AskDialog);

/** Asks the coach in a dialog. */
@Injectable({ providedIn: 'root' })
export class Ask {
  private readonly dialogs = inject(Dialogs);

  /** Whether they say yes; closing it is no. */
  async sure(question: Omit<Question, 'box'>): Promise<boolean> {
    return (await this.word(question)) !== null;
  }

  /** What they type; null where they would rather not. */
  word(question: Question): Promise<string | null> {
    return this.dialogs.show<string>(ASK, { data: question, labelledBy: 'question' });
  }
}
