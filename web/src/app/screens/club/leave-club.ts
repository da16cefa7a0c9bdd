import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { MembersApi } from '../../data/members-api';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Leaving } from './leaving';

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
  private readonly leaving = new Leaving();
  private readonly questions = inject(Ask);
  protected readonly text = words.club;
  protected readonly sending = new Sending();

  protected async leave(): Promise<void> {
    const { leaveAsk, leaveDo: yes, leaveNo: no } = this.text;
    const question = [...(await this.leaving.lost(false)), leaveAsk].join(' ');
    if (!(await this.questions.sure({ question, yes, no }))) return;
    await this.sending.send(() => this.leaving.by(this.api.leaveClub()));
  }
}
