import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { RunRow } from '@hopsk/contract/run';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { people } from '../data/records';

/** Runs that are over or under way, each with its day, who was in it, and how much was seen. */
@Component({
  selector: 'hop-run-rows',
  imports: [RouterLink],
  template: `
    <ul>
      @for (row of rows(); track row.id) {
        <li>
          <a [routerLink]="['/floor/runs', row.id]"
            ><bdi>{{ row.name }}</bdi></a
          ><span class="muted num"
            >{{ row.day }} · {{ names(row) }} · {{ row.watched }} {{ text.watching }}, {{ row.taps }} {{ text.taps }}</span
          >
        </li>
      }
    </ul>
  `,
  styles: `
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li {
      display: flex;
      flex-direction: column;
      padding: 9px 0;
      border-bottom: 1px solid var(--rule);
    }
    a {
      font-weight: 700;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunRows {
  readonly rows = input.required<readonly RunRow[]>();
  private readonly people = inject(Store).selectSignal(people.selectById);
  protected readonly text = words.floor;

  protected names({ athletes }: RunRow): string {
    return athletes.map((id) => this.people()[id]?.name ?? '–').join(', ');
  }
}
