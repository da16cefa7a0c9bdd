import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LEAST_PASSPHRASE } from '@hopsk/contract/club-lines';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { ClubFileApi } from '../../data/club-file-api';
import { openFile } from '../../drawing/export';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { once } from '../../ui/once';
import { passphrases } from '../../ui/reads';
import { Whole } from '../../ui/whole';
import { madeUp } from './made-up';

/** All that the club has, saved as a file: sealed with a passphrase, or open. */
@Component({
  selector: 'hop-club-file-out',
  imports: [Box, MatButton, Sent, Whole],
  template: `
    <hop-sent [of]="sending" />
    <form (hopWhole)="save()">
      <hop-box
        [label]="text.passphrase"
        [reads]="reads"
        [value]="passphrase()"
        [said]="sending.of('passphrase')"
        (taken)="passphrase.set($event)"
      />
      <button mat-stroked-button type="button" (click)="make()">{{ text.makeUp }}</button>
      <button mat-stroked-button>{{ passphrase() === '' ? text.export : text.exportSealed }}</button>
    </form>
    <p class="muted">{{ text.passphraseSays }}</p>
  `,
  styleUrl: './section.scss',
  styles: `
    form hop-box {
      width: min(340px, 100%);
    }
    p.muted {
      margin: 8px 0 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubFileOut {
  private readonly api = inject(ClubFileApi);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly reads = passphrases(LEAST_PASSPHRASE);
  /** What seals it; empty: nothing does. */
  protected readonly passphrase = signal('');

  protected readonly make = (): void => this.passphrase.set(madeUp());

  protected readonly save = once(() =>
    this.sending.send(async () => {
      const passphrase = this.passphrase();
      // Who is signed out, or has to wait, gets no file with an error in it.
      const { id } = await firstValueFrom(this.api.ready(passphrase === '' ? null : passphrase));
      openFile(`/api/export/${id}`);
      return passphrase === '' ? '' : this.text.sealedOut;
    }),
  );
}
