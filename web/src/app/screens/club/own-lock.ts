import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { DeviceLock, type DeviceLockKept } from '../../data/device-lock';
import { Sending, Sent } from '../../parts/sending';
import { Choice } from '../../ui/choice';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { pins } from '../../ui/reads';
import { Whole } from '../../ui/whole';

/** The lock of this device: a PIN, and after how many minutes. */
@Component({
  selector: 'hop-own-lock',
  imports: [Choice, Fields, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.lock }}</h2>
      <p>{{ text.lockSays }}</p>
      <hop-sent [of]="sending" />
      @if (kept(); as lock) {
        <p>{{ text.lockSet(lock.minutes) }}</p>
        <p class="row">
          <button mat-flat-button (click)="now()">{{ text.lockNow }}</button>
          <button mat-stroked-button (click)="remove()">{{ text.lockRemove }}</button>
        </p>
      } @else {
        <form (hopWhole)="set()">
          <hop-fields [fields]="fields" [value]="typed()" (taken)="typed.set($event)" />
          <hop-choice [label]="text.lockAfter" [options]="after" [value]="minutes()" (taken)="minutes.set($event)" />
          <button mat-flat-button>{{ text.lockSetIt }}</button>
        </form>
      }
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnLock {
  private readonly lock = inject(DeviceLock);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly kept = signal<DeviceLockKept | null>(null);
  protected readonly typed = signal({ pin: '' });
  protected readonly minutes = signal(5);
  protected readonly fields: readonly Field<'pin'>[] = [{ key: 'pin', label: words.enter.pin, reads: pins, note: words.club.lockPinSays }];
  protected readonly after = [1, 2, 5, 10, 30].map((value) => ({ value, label: words.club.lockMinutes(value) }));

  constructor() {
    void this.look();
  }

  private async look(): Promise<void> {
    this.kept.set(await this.lock.kept().catch(() => null));
  }

  protected readonly set = once(() =>
    this.sending.send(async () => {
      await this.lock.set(this.typed().pin, this.minutes());
      this.typed.set({ pin: '' });
      await this.look();
      return '';
    }),
  );

  protected readonly remove = once(() =>
    this.sending.send(async () => {
      await this.lock.remove();
      await this.look();
      return '';
    }),
  );

  protected readonly now = once(() =>
    this.sending.send(async () => {
      if (!(await this.lock.lock())) return this.text.lockNotNow;
      location.assign('/locked');
      return '';
    }),
  );
}
