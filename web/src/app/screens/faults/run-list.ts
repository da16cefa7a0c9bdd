import { booleanAttribute, ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { RunsBehind } from '@hopsk/contract/book';
import { words } from '@hopsk/words/words';
import { mine } from '../../data/may';

/** Runs that are shown at first. */
const MOST = 8;

/** Runs behind a number of one fault, with what each says of it; from there each single tap, to be corrected. */
@Component({
  selector: 'hop-run-list',
  imports: [MatButton, RouterLink],
  template: `
    <table class="rules num">
      <thead>
        <tr>
          @for (head of heads(); track $index) {
            <th scope="col" [class.right]="!$first">{{ head }}</th>
          }
          <th></th>
        </tr>
      </thead>
      <tbody>
        @for (run of shown().slice(0, whole() ? undefined : most); track run.id) {
          <tr>
            <th scope="row">
              <bdi>{{ run.name }}</bdi> <span class="muted">{{ run.at }}</span>
            </th>
            <td class="right">{{ run.faulty }}</td>
            <td class="right">{{ run.attempts }}</td>
            <td class="right">{{ run.again || '' }}</td>
            <td class="right">{{ run.noted || '' }}</td>
            <td class="right">
              @if (may('runs')) {
                <a [routerLink]="['/floor/runs', run.id]" [queryParams]="{ athlete: athlete(), fault: fault() }">{{ text.taps }}</a>
              }
            </td>
          </tr>
        }
      </tbody>
    </table>
    @if (!whole() && shown().length > most) {
      <button mat-button type="button" (click)="whole.set(true)">{{ text.allRuns(shown().length) }}</button>
    }
  `,
  styles: `
    :host {
      display: block;
      overflow-x: auto;
      margin-top: 6px;
    }
    th .muted {
      margin-left: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunList {
  readonly athlete = input.required<string>();
  readonly fault = input.required<string>();
  readonly runs = input.required<RunsBehind>();
  /** Whether they are of several days, which is said then; the latest come first. */
  readonly days = input(false, { transform: booleanAttribute });
  protected readonly text = words.book;
  /** What each number of a run is; without it: attempts of the fault. */
  readonly heads = input<readonly string[]>(words.book.behindHeads);
  protected readonly most = MOST;
  /** Whether all are shown; put back when others come. */
  protected readonly whole = linkedSignal({ source: () => this.runs(), computation: () => false });
  protected readonly may = mine().may;
  protected readonly shown = computed(() =>
    (this.days() ? [...this.runs()].reverse() : this.runs()).map((run) => ({
      ...run,
      at: this.days()
        ? new Date(run.startedAt).toLocaleDateString()
        : new Date(run.startedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }),
    })),
  );
}
