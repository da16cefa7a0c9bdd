import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { Router } from '@angular/router';
import type { Coach, Phone, Settings } from '@hopsk/contract';
import type { SchoolChoices } from '@hopsk/core/judge/schools';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf, type Trouble } from '../../data/problem';
import { DeviceStore } from '../../data/device-store';
import { Outbox } from '../../data/outbox';
import { SchoolChoicesForm } from '../../parts/school-choices';
import { loadAll } from '../../data/records';
import { signInActions, signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Ask } from '../../ui/ask';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';

const text = (...more: (typeof Validators.required)[]): FormControl<string> =>
  new FormControl('', { nonNullable: true, validators: [Validators.required, ...more] });

/** The club's coaches, the coach's own settings, the club file, and how phones reach this server. */
@Component({
  selector: 'hop-club',
  imports: [FileBox, Head, MatButton, MatFormFieldModule, MatInput, MatSelectModule, ReactiveFormsModule, SchoolChoicesForm],
  templateUrl: './club.html',
  styles: `
    section {
      border-top: 1px solid var(--rule);
      padding: 16px 0;
      max-width: 760px;
    }
    section h2 {
      margin-bottom: 10px;
    }
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 12px;
      align-items: flex-start;
    }
    form button {
      min-height: 48px;
    }
    .codes {
      display: flex;
      flex-wrap: wrap;
      gap: 24px;
    }
    figure {
      margin: 0;
    }
    figure img {
      display: block;
      image-rendering: pixelated;
      background: #fff;
    }
    mat-form-field {
      width: 210px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);
  private readonly school = inject(TeachingStore);
  protected readonly teaching = this.school.teaching;
  protected readonly ready = this.school.ready;
  protected readonly text = words.club;
  protected readonly common = words.common;
  private readonly questions = inject(Ask);
  protected readonly enter = words.enter;
  protected readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly coaches = signal<readonly Coach[]>([]);
  protected readonly phone = signal<Phone | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly said = signal('');
  protected readonly settings = new FormGroup({
    units: new FormControl<Settings['units']>('cm', { nonNullable: true }),
    tapDelay: new FormControl(1, { nonNullable: true, validators: [Validators.min(0), Validators.max(3)] }),
  });
  protected readonly coach = new FormGroup({ name: text(), email: text(Validators.email), password: text(Validators.minLength(10)) });
  protected readonly password = new FormGroup({ old: text(), password: text(Validators.minLength(10)) });

  constructor() {
    effect(() => {
      const me = this.me();
      if (me) untracked(() => this.settings.reset({ units: me.coach.units, tapDelay: me.coach.tapDelay }));
    });
    this.school.load();
    void this.trying(async () => {
      this.coaches.set(await firstValueFrom(this.api.coaches()));
      this.phone.set(await firstValueFrom(this.api.phone()));
    });
  }

  /** What the club holds where schools differ. */
  protected async choose(choices: SchoolChoices): Promise<void> {
    this.tell(await this.school.save({ choices }));
  }

  protected async forget(code: string): Promise<void> {
    this.tell(await this.school.save({ stances: this.teaching().stances.filter((one) => one.code !== code) }));
  }

  protected async forgetMove(name: string): Promise<void> {
    this.tell(await this.school.save({ moves: this.teaching().moves.filter((one) => one.name !== name) }));
  }

  private tell(trouble: Trouble | null): void {
    this.trouble.set(trouble);
    this.said.set(trouble ? '' : this.common.saved);
  }

  protected saveSettings(): void {
    if (this.settings.invalid) return this.settings.markAllAsTouched();
    void this.trying(async () => {
      const me = await firstValueFrom(this.api.saveSettings(this.settings.getRawValue()));
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      this.said.set(this.common.saved);
    });
  }

  protected readonly addCoach = once(async () => {
    if (this.coach.invalid) return this.coach.markAllAsTouched();
    await this.trying(async () => {
      this.coaches.set(await firstValueFrom(this.api.addCoach(this.coach.getRawValue())));
      this.coach.reset();
    });
  });

  protected readonly changePassword = once(async () => {
    if (this.password.invalid) return this.password.markAllAsTouched();
    await this.trying(async () => {
      await firstValueFrom(this.api.changePassword(this.password.getRawValue()));
      this.password.reset();
      this.said.set(this.text.changed);
    });
  });

  protected readonly export = once(() =>
    this.trying(async () => {
      const url = URL.createObjectURL(await firstValueFrom(this.api.exportClub()));
      const link = document.createElement('a');
      link.href = url;
      link.download = 'club.hopsk.json';
      link.click();
      URL.revokeObjectURL(url);
    }),
  );

  protected import(file: File): void {
    void this.trying(async () => {
      const content = await file
        .text()
        .then((body): unknown => JSON.parse(body))
        .catch(() => null);
      if (content === null) {
        this.trouble.set({ kind: 'bad-input', message: `‘${file.name}’ ${this.text.notJson}`, fields: [] });
        return;
      }
      const done = await firstValueFrom(this.api.importClub(content));
      const words = (['athletes', 'patterns', 'runs'] as const).map(
        (what) => `${done[what].added} ${what} ${this.text.added}, ${done[what].known} ${this.text.known}`,
      );
      this.said.set(`${this.text.imported}: ${words.join('; ')}.`);
      for (const load of loadAll()) this.store.dispatch(load);
    });
  }

  /** Signs out; copies of people leave this device, taps that are not sent stay. */
  protected async signOut(): Promise<void> {
    const { signOutUnsent: question, staySigned: no } = this.text;
    if (this.outbox.state().waiting > 0 && !(await this.questions.sure({ question, yes: this.common.signOut, no }))) return;
    await this.trying(async () => {
      await firstValueFrom(this.api.signOut());
      await this.device.forgetLists();
      this.store.dispatch(signInActions.left());
      await this.router.navigate(['/enter']);
    });
  }

  private async trying(work: () => Promise<void>): Promise<void> {
    this.trouble.set(null);
    this.said.set('');
    try {
      await work();
    } catch (error) {
      this.trouble.set(troubleOf(error));
    }
  }
}
