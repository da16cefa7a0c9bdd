import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { LEAST_PASSWORD, type Door, type Me } from '@hopsk/contract/club';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom, type Observable } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf, type Trouble } from '../../data/problem';
import { signInActions } from '../../data/sign-in';
import { Box } from '../../ui/box';
import { once } from '../../ui/once';
import { emails, passwords, texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';

@Component({
  selector: 'hop-enter',
  imports: [Box, MatButton, Whole],
  templateUrl: './enter.html',
  styleUrl: './enter.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Enter {
  /** Where the coach was going. */
  readonly to = input('/');
  protected readonly text = words.enter;
  protected readonly common = words.common;
  protected readonly app = words.app;
  protected readonly door = signal<Door | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly busy = signal(false);
  protected readonly reads = { name: texts(80, 1), email: emails, password: passwords(1), newPassword: passwords(LEAST_PASSWORD) };
  protected readonly typed = signal({ email: '', password: '' });
  protected readonly setup = signal({ club: '', name: '', email: '', password: '' });
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  constructor() {
    void this.look();
  }

  protected async look(): Promise<void> {
    try {
      this.door.set(await firstValueFrom(this.api.door()));
      this.trouble.set(null);
    } catch (error) {
      this.trouble.set(troubleOf(error));
    }
  }

  protected signIn(): void {
    void this.enter(this.api.signIn(this.typed()));
  }

  protected setUp(): void {
    void this.enter(this.api.setUp(this.setup()));
  }

  protected demo(): void {
    void this.enter(this.api.demo());
  }

  protected type(change: Partial<{ email: string; password: string }>): void {
    this.typed.update((typed) => ({ ...typed, ...change }));
  }

  protected typeSetup(change: Partial<{ club: string; name: string; email: string; password: string }>): void {
    this.setup.update((typed) => ({ ...typed, ...change }));
  }

  /** What the server says of a field. */
  protected said(path: string): string {
    return this.trouble()?.fields.find((field) => field.path === path)?.message ?? '';
  }

  private readonly enter = once((way: Observable<Me>) => this.pass(way));

  private async pass(way: Observable<Me>): Promise<void> {
    this.busy.set(true);
    this.trouble.set(null);
    try {
      const me = await firstValueFrom(way);
      this.store.dispatch(signInActions.entered({ me, offline: false }));
      // Only a way inside the app is followed, and the door is not inside.
      await this.router.navigateByUrl(/^\/(?!\/|enter\b)/.test(this.to()) ? this.to() : '/');
    } catch (error) {
      this.trouble.set(troubleOf(error));
    } finally {
      this.busy.set(false);
    }
  }
}
