import { ChangeDetectionStrategy, Component, inject, Injector, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { LEAST_PASSWORD, type Door, type Me } from '@hopsk/contract/club';
import type { PasskeyOptions } from '@hopsk/contract/passkey-options';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { defer, firstValueFrom, mergeMap, of, type Observable } from 'rxjs';
import { DoorApi } from '../../data/door-api';
import { DeviceStore } from '../../data/device-store';
import { LeftHere } from '../../data/left-here';
import { signInActions } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { insideOnly } from '../../text/inside-only';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { emails, passwords, texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';

@Component({
  selector: 'hop-enter',
  imports: [Fields, MatButton, Sent, Whole],
  templateUrl: './enter.html',
  styleUrl: './enter.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Enter {
  /** Where the coach was going. */
  readonly to = input('/');
  protected readonly text = words.enter;
  protected readonly common = words.common;
  protected readonly app = words.app;
  protected readonly door = signal<Door | null>(null);
  /** Taps that are on this device only. */
  protected readonly waiting = signal(0);
  protected readonly looking = new Sending();
  protected readonly entering = new Sending();
  protected readonly typed = signal({ email: '', password: '' });
  protected readonly setup = signal({ club: '', name: '', email: '', password: '' });
  protected readonly known: readonly Field<'email' | 'password'>[] = [
    { key: 'email', label: words.enter.email, reads: emails, fill: 'username' },
    { key: 'password', label: words.enter.password, reads: passwords(1), fill: 'current-password' },
  ];
  protected readonly new: readonly Field<'club' | 'name' | 'email' | 'password'>[] = [
    { key: 'club', label: words.enter.club, reads: texts(80, 1), fill: 'organization' },
    { key: 'name', label: words.enter.coach, reads: texts(80, 1), fill: 'name' },
    { key: 'email', label: words.enter.email, reads: emails, fill: 'username' },
    {
      key: 'password',
      label: words.enter.password,
      reads: passwords(LEAST_PASSWORD),
      fill: 'new-password',
      note: words.enter.passwordHint,
    },
  ];
  private readonly api = inject(DoorApi);
  private readonly store = inject(Store);
  private readonly left = inject(LeftHere);
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);

  constructor() {
    void this.look();
    void inject(DeviceStore)
      .waiting()
      .then(
        (taps) => this.waiting.set(taps),
        () => undefined,
      );
  }

  /** What the door offers. */
  protected look(): Promise<void> {
    return this.looking.send(async () => {
      this.door.set(await firstValueFrom(this.api.door()));
      return '';
    });
  }

  protected signIn(): void {
    void this.enter(
      this.api.signIn(this.typed()).pipe(mergeMap((answer) => ('passkey' in answer ? this.byPasskey(answer.passkey) : of(answer)))),
    );
  }

  protected passkey(): void {
    void this.enter(defer(() => this.byPasskey(null)));
  }

  private async byPasskey(asked: PasskeyOptions | null): Promise<Me> {
    return (await import('../../data/with-passkey')).enterByPasskey(this.injector, asked);
  }

  protected setUp(): void {
    void this.enter(this.api.setUp(this.setup()));
  }

  protected demo(): void {
    void this.enter(this.api.demo());
  }

  private readonly enter = once((way: Observable<Me>) =>
    this.entering.send(async () => {
      const me = await firstValueFrom(way);
      await this.left.open(me);
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      await this.router.navigateByUrl(insideOnly(this.to()));
      return '';
    }),
  );
}
