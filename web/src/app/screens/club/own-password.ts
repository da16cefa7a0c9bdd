import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LEAST_PASSWORD } from '@hopsk/contract/club';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import { Sending, Sent } from '../../parts/sending';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { passwords } from '../../ui/reads';
import { Whole } from '../../ui/whole';

const NOTHING = { old: '', password: '' };

/** The coach's own password, changed by whoever knows it. */
@Component({
  selector: 'hop-own-password',
  imports: [Fields, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.password }}</h2>
      <hop-sent [of]="sending" />
      <form (hopWhole)="save()">
        <hop-fields [fields]="fields" [value]="typed()" [said]="sending.of" (taken)="typed.set($event)" />
        <button mat-flat-button>{{ text.changePassword }}</button>
      </form>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnPassword {
  private readonly api = inject(MembersApi);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly typed = signal(NOTHING);
  protected readonly fields: readonly Field<keyof typeof NOTHING>[] = [
    { key: 'old', label: words.club.old, reads: passwords(1), fill: 'current-password' },
    { key: 'password', label: words.club.new, reads: passwords(LEAST_PASSWORD), fill: 'new-password', note: words.enter.passwordHint },
  ];

  protected readonly save = once(() =>
    this.sending.send(async () => {
      await firstValueFrom(this.api.changePassword(this.typed()));
      this.typed.set(NOTHING);
      return this.text.changed;
    }),
  );
}
