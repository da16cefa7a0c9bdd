import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { DeviceLock } from '../../data/device-lock';
import { signInActions } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { insideOnly } from '../../text/inside-only';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { pins } from '../../ui/reads';
import { Whole } from '../../ui/whole';

/** A device that is locked: its PIN opens it, without a network too; whoever has a password of their own comes in by that. */
@Component({
  selector: 'hop-locked',
  imports: [Fields, MatButton, RouterLink, Sent, Whole],
  template: `
    <main class="door">
      <h1>{{ app }}</h1>
      <h2>{{ text.locked }}</h2>
      <hop-sent [of]="trying" />
      @if (gone()) {
        <p class="said beware" role="alert">{{ text.lockedGone }}</p>
        <a mat-flat-button routerLink="/enter">{{ text.toDoor }}</a>
      } @else {
        <p>{{ text.lockedSays }}</p>
        <form (hopWhole)="open()">
          @if (wrong() > 0) {
            <p class="said beware" role="alert">{{ text.wrongPin(wrong()) }}</p>
          }
          <hop-fields [fields]="fields" [value]="typed()" (taken)="typed.set($event)" />
          <button mat-flat-button type="submit" [disabled]="trying.busy()">{{ text.unlock }}</button>
        </form>
        <p class="other">
          <a routerLink="/enter">{{ text.unlockOther }}</a>
        </p>
      }
    </main>
  `,
  styleUrl: './enter.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Locked {
  /** Where the coach was. */
  readonly to = input('/');
  protected readonly text = words.enter;
  protected readonly app = words.app;
  protected readonly trying = new Sending();
  protected readonly typed = signal({ pin: '' });
  /** Tries that are left after a wrong one; 0 before one. */
  protected readonly wrong = signal(0);
  protected readonly gone = signal(false);
  protected readonly fields: readonly Field<'pin'>[] = [{ key: 'pin', label: words.enter.pin, reads: pins }];
  private readonly lock = inject(DeviceLock);
  private readonly store = inject(Store);

  protected readonly open = once(() =>
    this.trying.send(async () => {
      const { open, left } = await this.lock.unlock(this.typed().pin);
      // Begun anew: nothing of before is in this page's memory.
      if (open) location.assign(insideOnly(this.to()));
      this.typed.set({ pin: '' });
      this.wrong.set(left);
      this.gone.set(left === 0);
      // The server is told, now or when it can be.
      if (left === 0) this.store.dispatch(signInActions.ask());
      return '';
    }),
  );
}
