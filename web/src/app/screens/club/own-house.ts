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

/** An end to the demo: its club is taken away, and the house waits for its first coach. */
@Component({
  selector: 'hop-own-house',
  imports: [MatButton, Sent],
  template: `
    <section>
      <h2>{{ text.ownHouse }}</h2>
      <p>{{ text.ownHouseSays }}</p>
      <hop-sent [of]="sending" />
      <button mat-flat-button type="button" (click)="own()">{{ text.ownHouseDo }}</button>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnHouse {
  private readonly api = inject(MembersApi);
  private readonly device = inject(DeviceStore);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly questions = inject(Ask);
  protected readonly text = words.club;
  protected readonly sending = new Sending();

  protected async own(): Promise<void> {
    const { ownHouseAsk: question, ownHouseDo: yes, ownHouseNo: no, ownHouseWord: word, ownHouseType: label } = this.text;
    const box = { label, most: 20, wrong: (typed: string): string => (typed.trim().toLowerCase() === word ? '' : label) };
    if ((await this.questions.word({ question, yes, no, box })) === null) return;
    await this.sending.send(async () => {
      await firstValueFrom(this.api.ownHouse());
      await this.device.forgetLists();
      this.store.dispatch(signInActions.left());
      await this.router.navigate(['/enter']);
      return '';
    });
  }
}
