import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatIcon } from '@angular/material/icon';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, map } from 'rxjs';
import { words } from '@hopsk/words/words';
import { Outbox } from '../data/outbox';
import { signInFeature } from '../data/sign-in';

@Component({
  selector: 'hop-root',
  imports: [RouterOutlet, RouterLink, RouterLinkActive, MatIcon],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown.escape)': 'more.set(false)' },
})
export class App {
  protected readonly text = words;
  protected readonly menu = ['people', 'stance', 'steps', 'build', 'floor', 'faults', 'club'] as const;
  /** On a phone these wait behind ‘more’. */
  protected readonly seldom: readonly string[] = ['people', 'stance', 'club'];
  protected readonly more = signal(false);
  protected readonly outbox = inject(Outbox).state;
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly status = this.store.selectSignal(signInFeature.selectStatus);
  protected readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly offline = this.store.selectSignal(signInFeature.selectOffline);
  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map((event) => event.urlAfterRedirects),
    ),
    { initialValue: this.router.url },
  );
  /** The page shown is one of those behind ‘more’. */
  protected readonly elsewhere = computed(() => this.seldom.includes(this.url().split(/[/?]/)[1] ?? ''));
  /** The run has the whole screen; the door has no menu. */
  protected readonly bare = computed(
    () => this.status() !== 'in' || this.url().startsWith('/floor/run?') || this.url() === '/floor/run' || this.url().startsWith('/enter'),
  );
  protected readonly unsent = computed(() => {
    const { state, waiting } = this.outbox();
    return waiting > 0 && state !== 'sent' && state !== 'sending' ? waiting : 0;
  });
}
