import { ChangeDetectionStrategy, Component, computed, inject, type Signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { ThingAs } from '@hopsk/core/log/event';
import type { TakesPart } from '@hopsk/core/log/things';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import { byId, orNone } from '../../ui/options';

/** What takes part, and what can be done about it. */
export interface ThingsOf {
  readonly list: Signal<readonly TakesPart[]>;
  readonly athletes: Signal<readonly { readonly id: string; readonly name: string }[]>;
  readonly add: (as: ThingAs) => void;
  readonly off: (thing: TakesPart) => void;
  readonly whose: (thing: TakesPart, athlete: string | null) => void;
}

/** What can be switched on without anything at hand. */
const STAND_INS: readonly ThingAs[] = ['light', 'strap', 'feeder'];

/** Lights, counters, straps and feeders of a run: whose each is, and stand-ins to be switched on and off. */
@Component({
  selector: 'hop-things-box',
  imports: [Choice, MatButton],
  template: `
    <h2 id="things">{{ text.things }}</h2>
    <p class="muted">{{ text.thingsSay }}</p>
    <ul>
      @for (one of rows(); track one.thing.id) {
        <li>
          <span>{{ one.name }}</span>
          @if (one.thing.as !== 'feeder') {
            <hop-choice
              [label]="text.thingWhose"
              [options]="athletes()"
              [value]="one.thing.athlete"
              (taken)="of.whose(one.thing, $event)"
            />
          }
          <button mat-stroked-button [attr.aria-label]="text.thingOffOf(one.name)" (click)="of.off(one.thing)">{{ text.thingOff }}</button>
        </li>
      } @empty {
        <li class="muted">{{ text.thingsNone }}</li>
      }
    </ul>
    <h3>{{ text.standIns }}</h3>
    <p class="muted">{{ text.standInsSay }}</p>
    <div class="add">
      @for (kind of standIns; track kind) {
        <button mat-stroked-button (click)="of.add(kind)">+ {{ text.thingAs[kind] }}</button>
      }
    </div>
    <button mat-flat-button class="done" (click)="self.close()">{{ common.close }}</button>
  `,
  styleUrl: './picker.scss',
  styles: `
    :host {
      display: grid;
      gap: 10px;
      padding: 16px;
    }
    h2,
    h3,
    p,
    ul {
      margin: 0;
    }
    li {
      flex-wrap: wrap;
      gap: 8px;
    }
    li span {
      flex: 1 1 140px;
    }
    .add {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
    }
    button {
      min-height: 48px;
    }
    .done {
      justify-self: end;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ThingsBox {
  protected readonly self = inject<MatDialogRef<ThingsBox, void>>(MatDialogRef);
  protected readonly of = inject<ThingsOf>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly standIns = STAND_INS;
  protected readonly athletes = computed(() => orNone(words.run.thingNobody, byId(this.of.athletes())));
  /** The first light is 1, as it came. */
  protected readonly rows = computed(() => {
    const seen = new Map<ThingAs, number>();
    return this.of.list().map((thing) => {
      const n = (seen.get(thing.as) ?? 0) + 1;
      seen.set(thing.as, n);
      return { thing, name: this.text.thingCalled(this.text.thingAs[thing.as], n, thing.standIn) };
    });
  });
}
