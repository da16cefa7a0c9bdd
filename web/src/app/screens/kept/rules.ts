import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { AGREEMENTS } from '@hopsk/contract/agreement';
import { HALL_NAMES } from '@hopsk/contract/hall-names';
import type { PeopleRules } from '@hopsk/contract/people-data';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { KeptApi } from '../../data/kept-api';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { once } from '../../ui/once';
import { namedOptions } from '../../ui/options';
import { numbers, orNothing } from '../../ui/reads';
import { Whole } from '../../ui/whole';

const MONTHS = { low: 1, high: 600, whole: true };

/** Whether something is kept for a shorter time than before; null: for good. */
const shorter = (now: number | null, before: number | null): boolean => now !== null && (before === null || now < before);

/** How long a club keeps what of people. */
@Component({
  selector: 'hop-rules',
  imports: [Box, Choice, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.rules }}</h2>
      <p class="muted">{{ text.rulesSays }}</p>
      <hop-sent [of]="sending" />
      @if (rules(); as r) {
        <form (hopWhole)="save()">
          <hop-box [label]="text.runs" [reads]="reads.months" [hint]="text.always" [value]="r.runs" (taken)="put({ runs: $event })" />
          <hop-box [label]="text.left" [reads]="reads.months" [hint]="text.always" [value]="r.left" (taken)="put({ left: $event })" />
          <hop-box [label]="text.looks" [reads]="reads.some" [value]="r.looks" (taken)="put({ looks: $event })" />
          <hop-box [label]="text.clips" [reads]="reads.days" [value]="r.clips ?? 0" (taken)="put({ clips: $event })" />
          <hop-choice [label]="text.agreement" [options]="agreements" [value]="r.agreement" (taken)="put({ agreement: $event })" />
          <hop-choice [label]="text.hall" [options]="halls" [value]="r.hall ?? 'first'" (taken)="put({ hall: $event })" />
          <hop-choice
            [label]="text.hallUnder16"
            [options]="under16"
            [value]="r.hallUnder16 ? 'alike' : 'number'"
            (taken)="put({ hallUnder16: $event === 'alike' })"
          />
          <button mat-flat-button type="submit" [disabled]="sending.busy()">{{ text.save }}</button>
        </form>
        <p class="muted">{{ text.agreementSays }}</p>
      }
    </section>
  `,
  styleUrl: '../club/section.scss',
  styles: `
    form hop-box,
    form hop-choice {
      width: 300px;
    }
    form button {
      margin-top: 22px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Rules {
  private readonly api = inject(KeptApi);
  private readonly questions = inject(Ask);
  protected readonly text = words.kept;
  protected readonly sending = new Sending();
  protected readonly reads = {
    some: numbers(MONTHS),
    months: orNothing(numbers(MONTHS)),
    days: numbers({ low: 0, high: 365, whole: true }),
  };
  protected readonly agreements = namedOptions(AGREEMENTS, words.kept.agreements);
  protected readonly halls = namedOptions(HALL_NAMES, words.kept.halls);
  protected readonly under16 = namedOptions(['number', 'alike'] as const, words.kept.under16);
  protected readonly rules = signal<PeopleRules | null>(null);
  private before: PeopleRules | null = null;

  constructor() {
    void this.sending.send(async () => {
      this.stands(await firstValueFrom(this.api.rules()));
      return '';
    });
  }

  protected put(change: Partial<PeopleRules>): void {
    this.rules.update((now) => now && { ...now, ...change });
  }

  protected readonly save = once(async () => {
    const [now, before] = [this.rules(), this.before];
    if (!now || !before) return;
    const { shorter: question, shorterYes: yes, shorterNo: no } = this.text;
    const less =
      shorter(now.runs, before.runs) ||
      shorter(now.left, before.left) ||
      shorter(now.looks, before.looks) ||
      shorter(now.clips, before.clips);
    if (less && !(await this.questions.sure({ question, yes, no }))) return;
    await this.sending.send(async () => {
      this.stands(await firstValueFrom(this.api.saveRules(now)));
      return this.text.saved;
    });
  });

  private stands(rules: PeopleRules): void {
    this.before = rules;
    this.rules.set(rules);
  }
}
