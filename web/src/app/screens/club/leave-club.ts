import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import { DeviceStore } from '../../data/device-store';
import { signInActions } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';

/** Out of the club, of one's own will. */
@Component({
  selector: 'hop-leave-club',
  imports: [MatButton, Sent],
  template: `
    <section>
      <h2>{{ text.leave }}</h2>
      <p class="muted">{{ text.leaveSays }}</p>
      <hop-sent [of]="sending" />
      <button mat-stroked-button type="button" (click)="leave()">{{ text.leaveDo }}</button>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LeaveClub {
  private readonly api = inject(MembersApi);
  private readonly device = inject(DeviceStore);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly questions = inject(Ask);
  protected readonly text = words.club;
  protected readonly sending = new Sending();

  protected async leave(): Promise<void> {
    const { leaveAsk: question, leaveDo: yes, leaveNo: no } = this.text;
    if (!(await this.questions.sure({ question, yes, no }))) return;
    await this.sending.send(async () => {
      await firstValueFrom(this.api.leaveClub());
      await this.device.forgetLists();
      this.store.dispatch(signInActions.left());
      await this.router.navigate(['/enter']);
      return '';
    });
  }
}
