import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, NavigationError, NavigationStart, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, firstValueFrom, map } from 'rxjs';
import { words } from '@hopsk/words/words';
import { AccountApi } from '../data/account-api';
import { ErasedClips } from '../data/erased-clips';
import { FilmSending } from '../data/film-sending';
import { LeftHere } from '../data/left-here';
import { Live } from '../data/live';
import { may, mine } from '../data/may';
import { Outbox } from '../data/outbox';
import { troubleOf } from '../data/problem';
import { loadAll } from '../data/records';
import { signInActions, signInFeature } from '../data/sign-in';
import { TeachingStore } from '../data/teaching';
import { Icon } from '../ui/icon';
import { Dialogs, type Part } from '../ui/dialogs';
import { once } from '../ui/once';
import { lockWhenLeft } from './left-alone';
import { WentWrong } from './went-wrong';

const FIND_BOX: Part = () => import('../screens/find/find-box').then(({ FindBox }) => FindBox);

/** The house behind the door: its menu, and a page of it. What is not sent yet is sent from here. */
@Component({
  selector: 'hop-inside',
  imports: [RouterOutlet, RouterLink, RouterLinkActive, Icon],
  templateUrl: './inside.html',
  styleUrl: './inside.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown.escape)': 'more.set(false)', '(window:online)': 'askAgain()', '(document:keydown)': 'key($event)' },
})
export class Inside {
  protected readonly text = words;
  private readonly mine = mine();
  protected readonly menu = computed(() =>
    (['today', 'people', 'stance', 'steps', 'build', 'floor', 'faults', 'film', 'club'] as const).filter((page) => this.mine.may(page)),
  );
  /** On a phone these wait behind ‘more’, where there are more than fit. */
  protected readonly seldom = computed((): readonly string[] =>
    this.menu().length > 5 ? ['people', 'stance', 'steps', 'film', 'club'] : [],
  );
  protected readonly more = signal(false);
  private readonly api = inject(AccountApi);
  private readonly sending = inject(Outbox);
  private readonly films = inject(FilmSending);
  private readonly live = inject(Live);
  private readonly left = inject(LeftHere);
  private readonly teaching = inject(TeachingStore);
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
  private readonly dialogs = inject(Dialogs);
  protected readonly partAway = this.dialogs.away.asReadonly();
  private readonly club = computed(() => this.me()?.club.id ?? null);
  /** The page shown is one of those behind ‘more’. */
  protected readonly elsewhere = computed(() => this.seldom().includes(this.url().split(/[/?]/)[1] ?? ''));
  /** The run has the whole screen. */
  protected readonly bare = computed(() => this.status() !== 'in' || /^\/floor\/run(\?|$)/.test(this.url()));
  protected readonly unsent = computed(() => {
    const { state, waiting } = this.outbox();
    return waiting > 0 && state !== 'sent' && state !== 'sending' ? waiting : 0;
  });

  constructor() {
    inject(ErasedClips);
    lockWhenLeft();
    // Whoever goes to another page by a link beneath an open menu does not want it there.
    effect(() => {
      this.url();
      untracked(() => this.more.set(false));
    });
    effect(() => {
      const club = this.club();
      if (club !== null) untracked(() => this.enter(club));
    });
    // Who it is was known from this device only: that is asked as soon as the server answers anything.
    let sending = false;
    effect(() => {
      const through = sending && this.outbox().state === 'sent';
      sending = this.outbox().state === 'sending';
      if (this.live.hearing() || through) untracked(() => this.askAgain());
    });
    // Whoever is given another role, or none, asks who they are now.
    this.live.hints
      .pipe(
        filter((hint) => 'member' in hint && hint.member === this.me()?.coach.id),
        takeUntilDestroyed(),
      )
      .subscribe(() => void this.whoNow());
  }

  /** ‘/’ where nothing is typed, and control and K anywhere, find. */
  protected key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [contenteditable=true]') !== null;
    const asked = (event.key === '/' && !typing) || (event.key === 'k' && (event.ctrlKey || event.metaKey));
    if (!asked || this.bare() || this.dialogs.open) return;
    event.preventDefault();
    this.find();
  }

  protected find(): void {
    this.more.set(false);
    void this.dialogs.show(FIND_BOX, { label: words.common.find, width: '640px', height: 'min(640px, 86dvh)' });
  }

  protected askAgain(): void {
    if (this.offline()) this.store.dispatch(signInActions.ask());
  }

  private async whoNow(): Promise<void> {
    try {
      const me = await firstValueFrom(this.api.me());
      await this.left.open(me);
      this.store.dispatch(signInActions.entered({ me, offline: false }));
    } catch (error) {
      // A run that is open goes on; without an answer nothing is known.
      if (troubleOf(error).kind !== 'signed-out' || this.bare()) return;
      this.store.dispatch(signInActions.left());
      await this.router.navigate(['/enter']);
    }
  }

  private enter(club: string): void {
    this.sending.open(club);
    const role = this.mine.role();
    if (may(role, 'film')) this.films.begin();
    if (may(role, 'hints')) this.live.open();
    for (const load of loadAll(role)) this.store.dispatch(load);
    // What faults are called here is asked for before any page says it.
    this.teaching.load();
  }

  /** A browser does not fetch again what failed once, unless the whole page is loaded; that only where the server answers. */
  protected readonly fetchAgain = once(async (url: string) => {
    const answers = await firstValueFrom(this.api.there()).then(
      () => true,
      () => false,
    );
    if (answers) location.assign(url);
  });
}
