import { ChangeDetectionStrategy, Component, computed, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { ImportNow } from '@hopsk/contract/club-lines';
import { inALine, saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { mine } from '../../data/may';
import { messageOf } from '../../data/problem';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { FileBox } from '../../ui/file-box';
import { once } from '../../ui/once';
import { passwords } from '../../ui/reads';
import { Whole } from '../../ui/whole';
import { ClubFileOut } from './club-file-out';
import { Incoming } from './incoming';

const KINDS = ['athletes', 'patterns', 'sessions', 'runs', 'events'] as const;

/** All that the club has, as a file: out, and in again. */
@Component({
  selector: 'hop-club-file',
  imports: [Box, ClubFileOut, FileBox, MatButton, Sent, Whole],
  template: `
    <section>
      <h2>{{ text.file }}</h2>
      <p>{{ text.fileSays }}</p>
      @if (!under() && may('export')) {
        <hop-club-file-out />
      }
      <hop-sent [of]="sending" />
      @if (incoming.coming()) {
        <p role="status">{{ text.sending }}</p>
      }
      @if (incoming.now(); as now) {
        @switch (now.state) {
          @case ('reading') {
            <p role="status">{{ text.reading }} <progress [value]="now.through" [attr.aria-label]="text.reading"></progress></p>
          }
          @case ('adding') {
            <p role="status">{{ text.adding }} <progress [value]="now.through" [attr.aria-label]="text.adding"></progress></p>
          }
          @case ('failed') {
            <p class="said wrong" role="alert">{{ why() }}</p>
          }
        }
        @if (now.state === 'sealed') {
          <p role="status">{{ text.sealed }}</p>
          @if (why() !== '') {
            <p class="said wrong" role="alert">{{ why() }}</p>
          }
          <form (hopWhole)="open()">
            <hop-box
              [label]="text.passphraseOf"
              [reads]="reads"
              [value]="passphrase()"
              [said]="sending.of('passphrase')"
              (taken)="passphrase.set($event)"
            />
            <button mat-flat-button>{{ text.open }}</button>
          </form>
        }
        @if (now.state === 'read' || now.state === 'added') {
          <table class="counts">
            <caption role="status">
              {{
                now.state === 'read' ? text.holds(now.club) : text.took(now.club)
              }}
            </caption>
            <thead>
              <tr>
                <td></td>
                <th scope="col">{{ now.state === 'read' ? text.fresh : text.added }}</th>
                <th scope="col">{{ text.known }}</th>
              </tr>
            </thead>
            <tbody>
              @for (kind of kinds; track kind) {
                <tr>
                  <th scope="row">{{ text.kinds[kind] }}</th>
                  <td class="num">{{ now.counts[kind].added }}</td>
                  <td class="num">{{ now.counts[kind].known }}</td>
                </tr>
              }
            </tbody>
          </table>
          @if (!news()) {
            <p>{{ text.nothingNew }}</p>
          }
        }
        @if (now.erases > 0 && now.state === 'read') {
          <p class="said" role="alert">{{ text.erases(now.erases) }}</p>
        }
        @if ((now.state === 'read' || now.state === 'adding' || now.state === 'added') && text.wholes[now.whole] !== '') {
          <p class="said">{{ text.wholes[now.whole] }}</p>
        }
        @if (now.refused.count > 0) {
          <p>{{ text.leftOut(now.refused.count) }}</p>
          <ul>
            @for (one of refused(); track one.line) {
              <li>
                <span class="num">{{ text.lineOf(one.line) }}</span>&ngsp;<bdi>{{ one.why }}</bdi>
              </li>
            }
          </ul>
        }
      }
      <div class="row">
        @if (incoming.now()?.state === 'read' && news()) {
          <button mat-flat-button (click)="add()">{{ text.add }}</button>
        }
        @if (under()) {
          <button mat-stroked-button (click)="cancel()">{{ text.cancel }}</button>
        } @else {
          <hop-file [label]="text.import" accept=".jsonl,.json,.gz,.age,application/json" (taken)="import($event)" />
        }
      </div>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubFileForm {
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly may = mine().may;
  protected readonly incoming = new Incoming(this.sending);
  /** Whether one is on its way, so that no other can be taken. */
  protected readonly under = computed(
    () => this.incoming.coming() || ['sealed', 'reading', 'read', 'adding'].includes(this.incoming.now()?.state ?? ''),
  );
  protected readonly kinds = KINDS;
  /** Whether it holds anything that is not here already. */
  protected readonly news = computed(() => {
    const now = this.incoming.now();
    return now?.state === 'added' || (now?.erases ?? 0) > 0 || KINDS.some((kind) => (now?.counts[kind].added ?? 0) > 0);
  });
  protected readonly why = computed(() => {
    const problem = this.incoming.now()?.problem;
    return problem ? messageOf(problem) : '';
  });
  protected readonly refused = computed(() =>
    (this.incoming.now()?.refused.told ?? []).map(({ line, fields }: ImportNow['refused']['told'][number]) => ({
      line,
      why: inALine(saidFields(fields.slice(0, 3))),
    })),
  );

  /** What a sealed one is to be opened with. */
  protected readonly passphrase = signal('');
  protected readonly reads = passwords(1, 'text');

  protected readonly import = once((file: File) => this.incoming.send(file));
  protected readonly open = once(async () => {
    await this.incoming.open(this.passphrase());
    if (this.incoming.now()?.state !== 'sealed') this.passphrase.set('');
  });
  protected readonly add = once(() => this.incoming.add());
  protected readonly cancel = once(() => this.incoming.cancel());
}
