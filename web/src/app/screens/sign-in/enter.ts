import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { Router } from '@angular/router';
import type { Door, Me } from '@hopsk/contract';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom, type Observable } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf, type Trouble } from '../../data/problem';
import { signInActions } from '../../data/sign-in';
import { once } from '../../ui/once';

const text = (): FormControl<string> => new FormControl('', { nonNullable: true, validators: Validators.required });

@Component({
  selector: 'hop-enter',
  imports: [ReactiveFormsModule, MatButton, MatFormFieldModule, MatInput],
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
  protected readonly form = new FormGroup({ email: text(), password: text() });
  protected readonly setup = new FormGroup({ club: text(), name: text(), email: text(), password: text() });
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
    if (this.form.valid) void this.enter(this.api.signIn(this.form.getRawValue()));
    else this.form.markAllAsTouched();
  }

  protected setUp(): void {
    if (this.setup.valid) void this.enter(this.api.setUp(this.setup.getRawValue()));
    else this.setup.markAllAsTouched();
  }

  protected demo(): void {
    void this.enter(this.api.demo());
  }

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
      // Only a way inside the app is followed.
      await this.router.navigateByUrl(/^\/(?!\/)/.test(this.to()) ? this.to() : '/');
    } catch (error) {
      this.trouble.set(troubleOf(error));
    } finally {
      this.busy.set(false);
    }
  }
}
