import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { OwnViews, View } from '@hopsk/core/catalogue/fault';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { RouterLink } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import type { Trouble } from '../../data/problem';
import { signInActions, signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Sending, Sent } from '../../parts/sending';
import { Choice } from '../../ui/choice';
import { Whole } from '../../ui/whole';

type Whose = 'club' | 'coach';
const FROM = { front: ['front'], side: ['side'], both: ['front', 'side'] } as const satisfies Record<string, readonly View[]>;
const fromOf = (views: readonly View[]): keyof typeof FROM => (views.length > 1 ? 'both' : (views[0] ?? 'side'));

/** From where faults show, where the club or the coach has it otherwise than the catalogue. */
@Component({
  selector: 'hop-fault-views',
  imports: [Choice, MatButton, RouterLink, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.views }}</h2>
      <p class="muted">{{ text.viewsSays }}</p>
      <p>
        <a routerLink="/club/faults">{{ text.ownFaults }}</a>
      </p>
      <hop-sent [of]="sending" />
      @if (ready()) {
        @for (row of rows(); track row.whose + row.code) {
          <p class="row">
            <strong>{{ row.label }}</strong>
            <span
              >{{ row.from }}, {{ row.who }} <span class="muted">({{ row.usual }})</span></span
            >
            <button mat-button [attr.aria-label]="text.forget + ' ' + row.label" (click)="say(row.whose, row.code, null)">
              {{ text.forget }}
            </button>
          </p>
        } @empty {
          <p class="muted">{{ text.noViews }}</p>
        }
        <form (hopWhole)="say(whose(), fault(), views[from()])">
          <hop-choice [label]="text.viewsFault" [options]="faults()" [value]="fault()" (taken)="chosen.set($event)" />
          <hop-choice [label]="text.viewsFrom" [options]="froms" [value]="from()" (taken)="from.set($event)" />
          <hop-choice [label]="text.viewsWhose" [options]="whoses" [value]="whose()" (taken)="whose.set($event)" />
          <button mat-flat-button [disabled]="sending.busy()">{{ text.viewsKeep }}</button>
        </form>
        <p class="muted" role="status">{{ usual(fault()) }}</p>
      } @else {
        <p role="status">{{ common.loading }}</p>
      }
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultViews {
  private readonly club = inject(TeachingStore);
  private readonly api = inject(MembersApi);
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly ready = this.club.ready;
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly views = FROM;
  protected readonly faults = this.club.faultOptions;
  protected readonly froms = (['front', 'side', 'both'] as const).map((value) => ({ value, label: words.club.viewsFroms[value] }));
  protected readonly whoses = (['club', 'coach'] as const).map((value) => ({ value, label: words.club.viewsWhoses[value] }));
  protected readonly chosen = signal<string | null>(null);
  protected readonly fault = computed(() => this.chosen() ?? this.faults()[0]?.value ?? '');
  /** As the club has them without what anybody says of where they show. */
  private readonly entries = computed(() => faultsByCode({ faults: this.club.teaching().faults }));
  protected readonly from = signal<keyof typeof FROM>('both');
  protected readonly whose = signal<Whose>('club');
  private readonly said = computed<Record<Whose, OwnViews>>(() => ({
    club: this.club.teaching().views,
    coach: this.me()?.coach.views ?? {},
  }));
  protected readonly rows = computed(() =>
    (['club', 'coach'] as const).flatMap((whose) =>
      Object.entries(this.said()[whose]).map(([code, views]) => ({
        whose,
        code,
        label: faultLabel(code),
        from: this.text.viewsFroms[fromOf(views)],
        who: this.text.viewsWhoses[whose],
        usual: this.usual(code),
      })),
    ),
  );

  constructor() {
    this.club.load();
  }

  protected usual(code: string): string {
    const fault = this.entries().get(code);
    return fault ? this.text.viewsUsual(this.text.viewsFroms[fromOf(fault.views)]) : '';
  }

  /** Says from where a fault shows; null: as usual again. */
  protected say(whose: Whose, code: string, views: readonly View[] | null): void {
    const { [code]: _, ...others } = this.said()[whose];
    const all: OwnViews = views === null ? others : { ...others, [code]: views };
    void this.sending.send(async () => (await this.kept(whose, all)) ?? this.common.saved);
  }

  private async kept(whose: Whose, views: OwnViews): Promise<Trouble | null> {
    if (whose === 'club') return this.club.save({ views });
    const { units, tapDelay } = this.me()?.coach ?? { units: 'cm', tapDelay: 1 };
    const me = await firstValueFrom(this.api.saveSettings({ units, tapDelay, views }));
    this.store.dispatch(signInActions.entered({ me, offline: false }));
    return null;
  }
}
