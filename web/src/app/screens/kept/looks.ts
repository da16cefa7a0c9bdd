import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LOOKS_AT_ONCE, type Look } from '@hopsk/contract/people-data';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { KeptApi } from '../../data/kept-api';
import { Sending, Sent } from '../../parts/sending';
import { once } from '../../ui/once';

/** When it was, in the language of the browser. */
const when = (iso: string): string => new Date(iso).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' });

/** Who looked at whom in a club, changed, gave out, erased; the latest first, page by page. */
@Component({
  selector: 'hop-looks',
  imports: [MatButton, Sent],
  template: `
    <section>
      <h2>{{ text.who }}</h2>
      <p class="muted">{{ text.whoSays }}</p>
      <hop-sent [of]="sending" />
      @if (rows().length > 0) {
        <table class="rules">
          <caption class="hidden">
            {{
              text.who
            }}
          </caption>
          <thead>
            <tr>
              @for (head of text.whoHeads; track head) {
                <th scope="col">{{ head }}</th>
              }
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track row.id) {
              <tr>
                <td class="num">{{ row.when }}</td>
                <td>
                  <bdi>{{ row.who }}</bdi>
                </td>
                <td>{{ row.what }}</td>
                <td>
                  <bdi>{{ row.whom }}</bdi>
                </td>
              </tr>
            }
          </tbody>
        </table>
        @if (more()) {
          <button mat-button type="button" [disabled]="sending.busy()" (click)="look()">{{ text.earlier }}</button>
        }
      } @else if (!sending.busy()) {
        <p class="muted">{{ text.nobodyYet }}</p>
      }
    </section>
  `,
  styleUrl: '../club/section.scss',
  styles: `
    td,
    th {
      text-align: start;
      padding: 4px 14px 4px 0;
      vertical-align: top;
    }
    td.num {
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Looks {
  private readonly api = inject(KeptApi);
  protected readonly text = words.kept;
  protected readonly sending = new Sending();
  private readonly looks = signal<readonly Look[]>([]);
  protected readonly more = signal(false);
  protected readonly rows = computed(() =>
    this.looks().map(({ id, lastAt, times, who, what, athlete, athleteId, run, runId, day }) => ({
      id,
      when: when(lastAt),
      who: who ?? this.text.rule,
      what: this.text.done(this.text.whats[what], times),
      whom:
        athlete ??
        (athleteId !== null
          ? this.text.somebodyErased
          : runId === null
            ? ''
            : run === null
              ? this.text.runGone
              : this.text.runOf(run, day ?? '')),
    })),
  );

  constructor() {
    void this.look();
  }

  protected readonly look = once(() =>
    this.sending.send(async () => {
      const page = await firstValueFrom(this.api.looks(this.looks().at(-1)?.id ?? null));
      this.looks.update((before) => [...before, ...page]);
      this.more.set(page.length === LOOKS_AT_ONCE);
      return '';
    }),
  );
}
