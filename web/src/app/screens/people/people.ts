import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { RouterLink } from '@angular/router';
import type { Athlete } from '@hopsk/contract/people';
import { faultLabel, lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { newId } from '../../data/ids';
import { people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { Head } from '../../ui/head';

@Component({
  selector: 'hop-people',
  imports: [Head, RouterLink, MatButton, MatCheckbox],
  templateUrl: './people.html',
  styles: `
    td:first-child a {
      font: 600 17px var(--label);
    }
    .away td {
      color: var(--muted);
    }
    td .tag {
      margin-right: 4px;
    }
    @media (max-width: 600px) {
      :is(th, td):is(:nth-child(3), :nth-child(4), :nth-child(5)) {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class People {
  private readonly store = inject(Store);
  protected readonly text = words.people;
  protected readonly common = words.common;
  protected readonly fresh = newId();
  protected readonly status = this.store.selectSignal(people.selectStatus);
  protected readonly showAway = signal(false);
  protected readonly find = signal('');
  private readonly all = this.store.selectSignal(people.selectAll);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly away = computed(() => this.all().filter((athlete) => athlete.archivedAt !== null).length);
  protected readonly rows = computed(() => {
    const words = this.find().trim().toLocaleLowerCase();
    return this.all()
      .filter(
        (athlete) =>
          (this.showAway() || athlete.archivedAt === null) && `${athlete.name} ${athlete.sport}`.toLocaleLowerCase().includes(words),
      )
      .map((athlete) => ({ athlete, height: this.height(athlete), focus: athlete.focus.map(faultLabel) }));
  });

  protected load(): void {
    this.store.dispatch(people.actions.load());
  }

  private height(athlete: Athlete): string {
    return athlete.height === null ? '–' : lengthText(athlete.height, this.me()?.coach.units ?? 'cm');
  }
}
