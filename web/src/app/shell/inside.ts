import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatIcon, MatIconRegistry } from '@angular/material/icon';
import { DomSanitizer } from '@angular/platform-browser';
import { NavigationEnd, NavigationError, NavigationStart, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, firstValueFrom, map } from 'rxjs';
import { words } from '@hopsk/words/words';
import { AccountApi } from '../data/account-api';
import { Live } from '../data/live';
import { Outbox } from '../data/outbox';
import { loadAll } from '../data/records';
import { signInFeature } from '../data/sign-in';
import { ICONS } from '../ui/look/icons';
import { Dialogs } from '../ui/dialogs';
import { once } from '../ui/once';
import { WentWrong } from './went-wrong';

/** The house behind the door: its menu, and a page of it. What is not sent yet is sent from here. */
@Component({
  selector: 'hop-inside',
  imports: [RouterOutlet, RouterLink, RouterLinkActive, MatIcon],
  templateUrl: './inside.html',
  styleUrl: './inside.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown.escape)': 'more.set(false)' },
})
export class Inside {
  protected readonly text = words;
  protected readonly menu = ['people', 'stance', 'steps', 'build', 'floor', 'faults', 'club'] as const;
  /** On a phone these wait behind ‘more’. */
  protected readonly seldom: readonly string[] = ['people', 'stance', 'club'];
  protected readonly more = signal(false);
  private readonly api = inject(AccountApi);
  private readonly sending = inject(Outbox);
  private readonly live = inject(Live);
  protected readonly outbox = this.sending.state;
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly status = this.store.selectSignal(signInFeature.selectStatus);
  protected readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly offline = this.store.selectSignal(signInFeature.selectOffline);
  protected readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map((event) => event.urlAfterRedirects),
    ),
    { initialValue: this.router.url },
  );
  /** Where the page is that was asked for and could not be fetched. */
  protected readonly pageAway = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationError || event instanceof NavigationStart),
      map((event) => (event instanceof NavigationError ? event.url : null)),
    ),
    { initialValue: null },
  );
  protected readonly wrong = inject(WentWrong);
  protected readonly partAway = inject(Dialogs).away.asReadonly();
  private readonly club = computed(() => this.me()?.club.id ?? null);
  /** The page shown is one of those behind ‘more’. */
  protected readonly elsewhere = computed(() => this.seldom.includes(this.url().split(/[/?]/)[1] ?? ''));
  /** The run has the whole screen. */
  protected readonly bare = computed(() => this.status() !== 'in' || /^\/floor\/run(\?|$)/.test(this.url()));
  protected readonly unsent = computed(() => {
    const { state, waiting } = this.outbox();
    return waiting > 0 && state !== 'sent' && state !== 'sending' ? waiting : 0;
  });

  constructor() {
    const registry = inject(MatIconRegistry);
    const sanitizer = inject(DomSanitizer);
    for (const [name, svg] of Object.entries(ICONS)) registry.addSvgIconLiteral(name, sanitizer.bypassSecurityTrustHtml(svg));
    effect(() => {
      const club = this.club();
      if (club !== null) untracked(() => this.enter(club));
    });
  }

  private enter(club: string): void {
    this.sending.open(club);
    this.live.open();
    for (const load of loadAll()) this.store.dispatch(load);
  }

  /** A browser does not fetch again what failed once, unless the whole page is loaded; that only where the server answers. */
  protected readonly fetchAgain = once(async (url: string) => {
    const answers = await firstValueFrom(this.api.door()).then(
      () => true,
      () => false,
    );
    if (answers) location.assign(url);
  });
}
