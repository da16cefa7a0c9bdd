import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LEAST_PASSWORD, type Coach } from '@hopsk/contract/club';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { AccountApi } from '../../data/account-api';
import { Sending, Sent } from '../../parts/sending';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { emails, passwords, texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';

const NOBODY = { name: '', email: '', password: '' };

/** Who coaches here, and another one. */
@Component({
  selector: 'hop-coaches',
  imports: [Fields, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.coaches }}</h2>
      <hop-sent [of]="sending" />
      <table class="rules">
        <tbody>
          @for (one of coaches(); track one.id) {
            <tr>
              <td>
                <bdi>{{ one.name }}</bdi>
              </td>
              <td class="muted" translate="no">{{ one.email }}</td>
            </tr>
          }
        </tbody>
      </table>
      <h3>{{ text.addCoach }}</h3>
      <form (hopWhole)="add()">
        <hop-fields [fields]="fields" [value]="typed()" [said]="sending.of" (taken)="typed.set($event)" />
        <button mat-flat-button>{{ common.add }}</button>
      </form>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Coaches {
  private readonly api = inject(AccountApi);
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly coaches = signal<readonly Coach[]>([]);
  protected readonly typed = signal(NOBODY);
  protected readonly fields: readonly Field<keyof typeof NOBODY>[] = [
    { key: 'name', label: words.common.name, reads: texts(80, 1) },
    { key: 'email', label: words.enter.email, reads: emails },
    {
      key: 'password',
      label: words.enter.password,
      reads: passwords(LEAST_PASSWORD),
      fill: 'new-password',
      note: words.enter.passwordHint,
    },
  ];

  constructor() {
    void this.sending.send(async () => {
      this.coaches.set(await firstValueFrom(this.api.coaches()));
      return '';
    });
  }

  protected readonly add = once(() =>
    this.sending.send(async () => {
      this.coaches.set(await firstValueFrom(this.api.addCoach(this.typed())));
      this.typed.set(NOBODY);
      return '';
    }),
  );
}
