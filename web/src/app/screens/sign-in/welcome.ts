import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import { LEAST_PASSWORD } from '@hopsk/contract/club';
import { type WayIn } from '@hopsk/contract/members';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { LeftHere } from '../../data/left-here';
import { MembersApi } from '../../data/members-api';
import { signInActions } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { passwords } from '../../ui/reads';
import { Whole } from '../../ui/whole';

/** Where a link leads that an owner made: somebody chooses a password, and is in. Its secret stands behind the #, which no server is sent. */
@Component({
  selector: 'hop-welcome',
  imports: [Fields, MatButton, RouterLink, Sent, Whole],
  template: `
    <main class="door">
      <h1>{{ app }}</h1>
      <hop-sent [of]="looking" />
      <hop-sent [of]="entering" />
      @if (way(); as to) {
        <form (hopWhole)="enter()">
          <h2>{{ to.invited ? text.welcome(to.name, to.club) : text.newPassword(to.name, to.club) }}</h2>
          <p>
            {{ text.welcomeSays }} <strong translate="no">{{ to.email }}</strong>
          </p>
          <hop-fields [fields]="fields" [value]="typed()" [said]="entering.of" (taken)="typed.set($event)" />
          <button mat-flat-button type="submit" [disabled]="entering.busy()">{{ text.goIn }}</button>
        </form>
      } @else if (looking.trouble()) {
        <a mat-stroked-button routerLink="/enter">{{ text.toDoor }}</a>
      }
    </main>
  `,
  styleUrl: './enter.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Welcome {
  private readonly api = inject(MembersApi);
  private readonly store = inject(Store);
  private readonly left = inject(LeftHere);
  private readonly router = inject(Router);
  private readonly secret = inject(ActivatedRoute).snapshot.fragment ?? '';
  protected readonly text = words.enter;
  protected readonly app = words.app;
  protected readonly looking = new Sending();
  protected readonly entering = new Sending();
  protected readonly way = signal<WayIn | null>(null);
  protected readonly typed = signal({ password: '' });
  protected readonly fields: readonly Field<'password'>[] = [
    {
      key: 'password',
      label: words.enter.password,
      reads: passwords(LEAST_PASSWORD),
      fill: 'new-password',
      note: words.enter.passwordHint,
    },
  ];

  constructor() {
    void this.looking.send(async () => {
      this.way.set(await firstValueFrom(this.api.lookIn(this.secret)));
      return '';
    });
  }

  protected readonly enter = once(() =>
    this.entering.send(async () => {
      const me = await firstValueFrom(this.api.wayIn({ secret: this.secret, password: this.typed().password }));
      // Whoever was signed in on this device is not any more.
      this.store.dispatch(signInActions.left());
      await this.left.open(me);
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      await this.router.navigateByUrl('/');
      return '';
    }),
  );
}
