import { ChangeDetectionStrategy, Component, computed, inject, Injector, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { SIGN_IN_BY, type Passkey, type Passkeys, type SignInBy } from '@hopsk/contract/passkeys';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { PasskeysApi } from '../../data/passkeys-api';
import { Sending, Sent } from '../../parts/sending';
import { Choice } from '../../ui/choice';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { passwords, texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';

const NEW = { name: '', password: '' };

/** One's passkeys: made, taken away, and whether they are needed. */
@Component({
  selector: 'hop-own-passkeys',
  imports: [Choice, Fields, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.passkeys }}</h2>
      <p>{{ text.passkeysSays }}</p>
      <hop-sent [of]="sending" />
      @if (own(); as own) {
        @if (own.keys.length > 0) {
          <table class="rules">
            <tbody>
              @for (one of own.keys; track one.id) {
                <tr>
                  <td>
                    <bdi>{{ one.name }}</bdi>
                  </td>
                  <td class="muted" translate="no">{{ one.at }}</td>
                  <td class="muted num">{{ text.passkeyUsed(day(one.since), day(one.used)) }}</td>
                  <td class="right">
                    <button mat-button type="button" [attr.aria-label]="text.passkeyEndOf(one.name)" (click)="end(one)">
                      {{ text.passkeyEnd }}
                    </button>
                  </td>
                </tr>
              }
            </tbody>
          </table>
        }
        @if (own.not; as not) {
          <p class="said note">{{ text.passkeysNot[not] }}</p>
        } @else {
          <form (hopWhole)="make()">
            <hop-fields [fields]="fields" [value]="typed()" [said]="sending.of" (taken)="typed.set($event)" />
            <button mat-flat-button [disabled]="sending.busy()">{{ text.passkeyMake }}</button>
          </form>
        }
        @if (may()) {
          <form (hopWhole)="change()">
            <hop-choice [label]="text.signInBy" [options]="ways" [value]="by()" (taken)="by.set($event)" />
            <hop-fields [fields]="proof" [value]="proved()" [said]="changing.of" (taken)="proved.set($event)" />
            <button mat-stroked-button [disabled]="changing.busy()">{{ text.signInByChange }}</button>
          </form>
          <hop-sent [of]="changing" />
          @if (by() !== 'either') {
            <p class="said beware">{{ text.signInBySays(own.here) }}</p>
          }
        }
      }
    </section>
  `,
  styleUrl: './section.scss',
  styles: `
    form hop-choice {
      width: min(320px, 100%);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnPasskeys {
  private readonly api = inject(PasskeysApi);
  private readonly injector = inject(Injector);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly changing = new Sending();
  protected readonly own = signal<Passkeys | null>(null);
  protected readonly by = linkedSignal<SignInBy>(() => this.own()?.by ?? 'either');
  /** Whether there is anything to choose: a passkey that works here, or one that is needed already. */
  protected readonly may = computed(() => {
    const own = this.own();
    return own !== null && (own.by !== 'either' || own.keys.some(({ at }) => own.not === null && at === own.here));
  });
  protected readonly typed = signal(NEW);
  protected readonly proved = signal({ password: '' });
  protected readonly proof: readonly Field<'password'>[] = [
    { key: 'password', label: words.club.presentPassword, reads: passwords(1), fill: 'current-password' },
  ];
  protected readonly fields: readonly Field<keyof typeof NEW>[] = [
    { key: 'name', label: words.club.passkeyName, reads: texts(60, 1), note: words.club.passkeyNameSays },
    ...this.proof,
  ];
  protected readonly ways = SIGN_IN_BY.map((value) => ({ value, label: words.club.signInWays[value] }));

  constructor() {
    void this.sending.send(() => this.look());
  }

  protected day(at: string | null): string {
    return at?.slice(0, 10) ?? '';
  }

  protected readonly make = once(() =>
    this.sending.send(async () => {
      const { name, password } = this.typed();
      const { makePasskey } = await import('../../data/with-passkey');
      await makePasskey(this.injector, name, password);
      this.typed.set(NEW);
      await this.look();
      return this.text.passkeyMade;
    }),
  );

  protected readonly end = once(({ id }: Passkey) =>
    this.sending.send(async () => {
      await firstValueFrom(this.api.end(id));
      return this.look();
    }),
  );

  protected readonly change = once(() =>
    this.changing.send(async () => {
      await firstValueFrom(this.api.signInBy(this.by(), this.proved().password));
      this.proved.set({ password: '' });
      await this.look();
      return this.text.signInByChanged;
    }),
  );

  private async look(): Promise<string> {
    this.own.set(await firstValueFrom(this.api.own()));
    return '';
  }
}
