import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { AccountApi } from '../../data/account-api';
import { mine } from '../../data/may';
import { signInFeature } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Head } from '../../ui/head';
import { ClubFileForm } from './club-file';
import { FaultViews } from './fault-views';
import { LeaveClub } from './leave-club';
import { Leaving } from './leaving';
import { Members } from './members';
import { OwnDevices } from './own-devices';
import { OwnHouse } from './own-house';
import { OwnLock } from './own-lock';
import { OwnPasskeys } from './own-passkeys';
import { OwnPassword } from './own-password';
import { OwnSettings } from './own-settings';
import { Phones } from './phones';
import { Recount } from './recount';
import { Taught } from './taught';

/** One's own settings, what the club teaches, how phones reach this server, who belongs to the club, and the club as a file: as far as a role goes. */
@Component({
  selector: 'hop-club',
  imports: [
    ClubFileForm,
    FaultViews,
    Head,
    LeaveClub,
    MatButton,
    Members,
    OwnDevices,
    OwnHouse,
    OwnLock,
    OwnPasskeys,
    OwnPassword,
    OwnSettings,
    Phones,
    Recount,
    RouterLink,
    Sent,
    Taught,
  ],
  template: `
    <hop-head>
      <h1>
        <bdi>{{ me()?.club?.name ?? text.title }}</bdi>
      </h1>
      <span class="muted"
        ><bdi>{{ me()?.coach?.name }}</bdi> · {{ text.roles[mine.role()] }}</span
      ><button acts mat-stroked-button (click)="signOut()">{{ common.signOut }}</button>
    </hop-head>
    <div class="page">
      <hop-sent [of]="sending" />
      @if (me()?.club?.demo && may('members')) {
        <hop-own-house />
      }
      <div class="two">
        <div>
          <hop-own-settings />
          @if (may('phones')) {
            <hop-phones />
          }
          @if (may('members')) {
            <hop-members />
            <section>
              <h2>{{ text.kept }}</h2>
              <p>
                <a routerLink="/club/people">{{ text.keptOpen }}</a>
              </p>
            </section>
          }
          <hop-own-password />
          @if (!me()?.club?.demo) {
            <hop-own-passkeys />
          }
          <hop-own-devices />
          <hop-own-lock />
          @if (may('import')) {
            <hop-club-file />
          }
          <hop-leave-club />
        </div>
        <div>
          @if (may('teach')) {
            <hop-taught />
            <hop-fault-views />
            <hop-recount />
          }
        </div>
      </div>
    </div>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubScreen {
  private readonly api = inject(AccountApi);
  private readonly leaving = new Leaving();
  private readonly questions = inject(Ask);
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly mine = mine();
  protected readonly may = this.mine.may;
  protected readonly me = inject(Store).selectSignal(signInFeature.selectMe);

  /** Signs out; what would be lost is said first, and where nothing would nothing is asked. */
  protected async signOut(): Promise<void> {
    const lost = await this.leaving.lost(true);
    const question = [...lost, this.text.signOutAsk].join(' ');
    if (lost.length > 0 && !(await this.questions.sure({ question, yes: this.common.signOut, no: this.text.staySigned }))) return;
    await this.sending.send(() => this.leaving.by(this.api.signOut(), true));
  }
}
