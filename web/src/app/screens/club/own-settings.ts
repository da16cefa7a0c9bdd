import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Settings } from '@hopsk/contract/club';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import { same } from '../../data/same';
import { signInActions, signInFeature } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { once } from '../../ui/once';
import { numbers } from '../../ui/reads';
import { Whole } from '../../ui/whole';

/** What is typed here; the rest of the settings stays. */
type Typed = Pick<Settings, 'units' | 'tapDelay'>;

/** How the coach reads lengths, and how long they look before they tap. */
@Component({
  selector: 'hop-own-settings',
  imports: [Box, Choice, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.settings }}</h2>
      <hop-sent [of]="sending" />
      <form (hopWhole)="save()">
        <hop-choice [label]="text.units" [options]="units" [value]="settings().units" (taken)="set({ units: $event })" />
        <hop-box
          [label]="text.tapDelay"
          [reads]="tapDelay"
          [note]="text.tapDelaySays"
          [value]="settings().tapDelay"
          [said]="sending.of('tapDelay')"
          (taken)="set({ tapDelay: $event })"
        />
        <button mat-flat-button>{{ common.save }}</button>
      </form>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnSettings {
  private readonly api = inject(MembersApi);
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly tapDelay = numbers({ low: 0, high: 3, step: 0.1, unit: 's' });
  protected readonly units = [
    { value: 'cm' as const, label: words.club.unitsCm },
    { value: 'ft-in' as const, label: words.club.unitsFt },
  ];
  private readonly stored = computed<Typed>(
    () => {
      const { units, tapDelay } = this.me()?.coach ?? { units: 'cm', tapDelay: 1 };
      return { units, tapDelay };
    },
    { equal: same },
  );
  /** As they are typed; the coach's own until then. */
  protected readonly settings = linkedSignal(() => this.stored());

  protected set(change: Partial<Typed>): void {
    this.settings.update((typed) => ({ ...typed, ...change }));
  }

  protected readonly save = once(() =>
    this.sending.send(async () => {
      const me = await firstValueFrom(this.api.saveSettings({ ...this.settings(), views: this.me()?.coach.views ?? {} }));
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      return this.common.saved;
    }),
  );
}
