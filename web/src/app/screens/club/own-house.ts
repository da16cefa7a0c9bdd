import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { MembersApi } from '../../data/members-api';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Leaving } from './leaving';

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
  private readonly leaving = new Leaving();
  private readonly questions = inject(Ask);
  protected readonly text = words.club;
  protected readonly sending = new Sending();

  protected async own(): Promise<void> {
    const { ownHouseAsk, ownHouseDo: yes, ownHouseNo: no, ownHouseWord: word, ownHouseType: label } = this.text;
    const box = { label, most: 20, wrong: (typed: string): string => (typed.trim().toLowerCase() === word ? '' : label) };
    const question = [...(await this.leaving.lost(false)), ownHouseAsk].join(' ');
    if ((await this.questions.word({ question, yes, no, box })) === null) return;
    await this.sending.send(() => this.leaving.by(this.api.ownHouse()));
  }
}
