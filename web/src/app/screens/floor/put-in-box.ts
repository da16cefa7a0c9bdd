import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Entry } from '@hopsk/core/plan/to-come';
import { words } from '@hopsk/words/words';
import type { Offer, PutIn } from '../../parts/put-in';
import { Box } from '../../ui/box';
import { once } from '../../ui/once';
import { asTyped } from '../../ui/reads';

/** As many as are shown until one looks for more. */
const SHOWN = 6;
/** Characters of a dose. */
const MOST = 400;

/** A stage to be put into a run, found by a few letters, with its dose; made by the worker, and refused with a sentence where it cannot be run. */
@Component({
  selector: 'hop-put-in-box',
  imports: [Box, MatButton],
  template: `
    @if (offers().length > 1) {
      <hop-box [label]="text.findStage" [reads]="reads" [value]="find()" live (taken)="find.set($event)" />
      <ul>
        @for (one of found(); track $index) {
          <li>
            <button type="button" class="plain" [attr.aria-pressed]="chosen() === one" (click)="choose(one)">
              <bdi>{{ one.name }}</bdi>&ngsp;<span class="muted">{{ one.of }}</span>
            </button>
          </li>
        } @empty {
          <li>{{ text.noStage }}</li>
        }
      </ul>
    }
    @if (chosen(); as one) {
      <div class="dose">
        <hop-box code [label]="text.doseNow" [reads]="reads" [value]="dose()" live (taken)="dose.set($event)" />
        <button mat-flat-button (click)="make(one)">{{ offers().length > 1 ? text.takeIn : text.doseTake }}</button>
      </div>
    }
    @if (wrong() !== '') {
      <p class="wrong" role="alert">{{ wrong() }}</p>
    }
  `,
  styleUrl: './picker.scss',
  styles: `
    li button {
      flex: 1;
      text-align: start;
    }
    li button[aria-pressed='true'] {
      font-weight: 700;
    }
    .dose {
      display: flex;
      align-items: end;
      gap: 12px;
      margin: 10px 0;
    }
    .dose hop-box {
      flex: 1;
    }
    .dose button {
      min-height: 48px;
    }
    .wrong {
      color: var(--wrong);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PutInBox {
  readonly offers = input.required<readonly Offer[]>();
  readonly makes = input.required<PutIn>();
  readonly made = output<Entry>();
  protected readonly text = words.run;
  protected readonly reads = asTyped(MOST);
  protected readonly find = signal('');
  protected readonly found = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return this.offers()
      .filter(({ name, of }) => `${name} ${of}`.toLowerCase().includes(asked))
      .slice(0, SHOWN);
  });
  protected readonly chosen = linkedSignal<Offer | null>(() => (this.offers().length === 1 ? (this.offers()[0] ?? null) : null));
  protected readonly dose = linkedSignal(() => this.chosen()?.dose ?? '');
  protected readonly wrong = signal('');

  /** A pattern says its dose only when it is a stage. */
  protected async choose(offer: Offer): Promise<void> {
    this.chosen.set(offer);
    if (offer.dose !== '') return;
    const stage = await offer.stage().catch(() => null);
    if (stage && this.chosen() === offer) this.dose.set(stage.dose);
  }

  protected readonly make = once(async (offer: Offer) => {
    this.wrong.set('');
    const stage = await offer.stage().catch(() => null);
    const made = stage === null ? words.run.cannotPut : await this.makes().made(stage, this.dose());
    if (typeof made === 'string') this.wrong.set(`${made} ${words.run.nothingChanged}`);
    else this.made.emit(made);
  });
}
