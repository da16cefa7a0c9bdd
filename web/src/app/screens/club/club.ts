import { ChangeDetectionStrategy, Component, inject, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { LEAST_PASSWORD, type Coach, type Phone, type Settings } from '@hopsk/contract/club';
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
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { emails, numbers, passwords, texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';

const KINDS = ['athletes', 'patterns', 'sessions', 'runs'] as const;
const NO_COACH = { name: '', email: '', password: '' };
const NO_PASSWORD = { old: '', password: '' };

type Form = 'settings' | 'coach' | 'password';

/** The club's coaches, the coach's own settings, the club file, and how phones reach this server. */
@Component({
  selector: 'hop-club',
  imports: [Box, Choice, FileBox, Head, MatButton, SchoolChoicesForm, Whole],
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
    h3 {
      margin: 14px 0 6px;
    }
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 12px;
      align-items: flex-start;
    }
    form button {
      min-height: 40px;
      margin-top: 20px;
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
    form hop-box,
    form hop-choice {
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
  protected readonly units = [
    { value: 'cm' as const, label: words.club.unitsCm },
    { value: 'ft-in' as const, label: words.club.unitsFt },
  ];
  protected readonly reads = {
    name: texts(80, 1),
    email: emails,
    password: passwords(1),
    newPassword: passwords(LEAST_PASSWORD),
    tapDelay: numbers({ low: 0, high: 3, step: 0.1, unit: 's' }),
  };
  /** As they are typed; the coach's own until then. */
  protected readonly settings = linkedSignal<Settings>(() => {
    const { units, tapDelay } = this.me()?.coach ?? { units: 'cm', tapDelay: 1 };
    return { units, tapDelay };
  });
  private readonly sent = signal<Form | null>(null);
  protected readonly coach = signal(NO_COACH);
  protected readonly password = signal(NO_PASSWORD);

  constructor() {
    this.school.load();
    void this.trying(async () => {
      this.coaches.set(await firstValueFrom(this.api.coaches()));
      this.phone.set(await firstValueFrom(this.api.phone()));
    });
  }

  protected set(change: Partial<Settings>): void {
    this.settings.update((typed) => ({ ...typed, ...change }));
  }

  protected typeCoach(change: Partial<typeof NO_COACH>): void {
    this.coach.update((typed) => ({ ...typed, ...change }));
  }

  protected typePassword(change: Partial<typeof NO_PASSWORD>): void {
    this.password.update((typed) => ({ ...typed, ...change }));
  }

  /** What the server says of a field of the form that was sent last. */
  protected of(form: Form, path: string): string {
    return form === this.sent() ? (this.trouble()?.fields.find((field) => field.path === path)?.message ?? '') : '';
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
    void this.trying(async () => {
      const me = await firstValueFrom(this.api.saveSettings(this.settings()));
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      this.said.set(this.common.saved);
    }, 'settings');
  }

  protected readonly addCoach = once(async () => {
    await this.trying(async () => {
      this.coaches.set(await firstValueFrom(this.api.addCoach(this.coach())));
      this.coach.set(NO_COACH);
    }, 'coach');
  });

  protected readonly changePassword = once(async () => {
    await this.trying(async () => {
      await firstValueFrom(this.api.changePassword(this.password()));
      this.password.set(NO_PASSWORD);
      this.said.set(this.text.changed);
    }, 'password');
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
      const { kinds, took, imported } = this.text;
      const all = KINDS.map((kind) => took(kinds[kind], done[kind].added, done[kind].known));
      this.said.set(imported(all.join('; ')));
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

  private async trying(work: () => Promise<void>, form: Form | null = null): Promise<void> {
    this.sent.set(form);
    this.trouble.set(null);
    this.said.set('');
    try {
      await work();
    } catch (error) {
      this.trouble.set(troubleOf(error));
    }
  }
}
