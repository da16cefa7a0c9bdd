import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import type { RunOpen } from '@hopsk/contract/run';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { exhaustMap, filter, firstValueFrom, of } from 'rxjs';
import { Api } from '../data/api';
import { later } from '../data/later';
import { Live } from '../data/live';
import { troubleOf } from '../data/problem';
import { people } from '../data/records';
import { signInFeature } from '../data/sign-in';
import { Together } from '../data/together';
import { RoomForRun } from './room-for-run';
import { Sounds } from '../ports/sounds';
import { once } from '../ui/once';

/** From a hint to the look that it is worth (ms): what is hinted at meanwhile is seen too. */
const LOOKS = 1000;

/** Runs of the club that are under way on other devices, to take part in. */
@Component({
  selector: 'hop-under-way',
  imports: [MatButton],
  template: `
    @for (one of under(); track one.id) {
      <p class="said row under" role="status">
        <span
          ><strong
            ><bdi>{{ one.name }}</bdi></strong
          >
          {{ text.under }} <span class="muted">{{ saysOf(one) }}</span></span
        ><button mat-flat-button (click)="join(one)">{{ text.join }}</button>
      </p>
    }
  `,
  styles: `
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UnderWay {
  /** The run that is open on this device, which is not joined; null: none. Until it is known nothing is offered. */
  readonly here = input.required<string | null | undefined>();
  /** Why it could not be joined. */
  readonly refused = output<string>();
  private readonly api = inject(Api);
  private readonly together = inject(Together);
  private readonly router = inject(Router);
  private readonly sounds = inject(Sounds);
  private readonly room = new RoomForRun();
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);
  private readonly people = inject(Store).selectSignal(people.selectById);
  protected readonly text = words.floor;
  private readonly going = signal<readonly RunOpen[]>([]);
  protected readonly under = computed(() => (this.here() === undefined ? [] : this.going().filter(({ id }) => id !== this.here())));

  constructor() {
    void this.look();
    // A run that begins or ends elsewhere is hinted at, and each tap in it is: one look in a while is enough.
    inject(Live)
      .hints.pipe(
        filter((hint) => 'run' in hint),
        exhaustMap((hint) => of(hint).pipe(later(LOOKS))),
        takeUntilDestroyed(),
      )
      .subscribe(() => void this.look());
  }

  protected readonly join = once(async ({ id }: RunOpen) => {
    // Sound may only begin with a tap; this is the one.
    this.sounds.wake();
    const clubId = this.me()?.club.id;
    if (clubId === undefined || !(await this.room.made())) return;
    try {
      const at = performance.now();
      const whole = await firstValueFrom(this.api.run(id));
      // Who is not known yet comes with the list of the club's people: 'nobody known' is not a name to keep.
      const known = whole.run.athletes.flatMap((one) => this.people()[one] ?? []);
      const names = Object.fromEntries(known.map(({ id, name }) => [id, name]));
      await this.together.join(whole, { clubId, names }, { at, came: performance.now() });
      await this.router.navigate(['/floor/run']);
    } catch (error) {
      this.refused.emit(troubleOf(error).message);
    }
  });

  protected saysOf({ startedAt, coaches, athletes }: RunOpen): string {
    const begun = new Date(startedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
    return [begun, ...coaches, athletes.map((id) => this.nameOf(id)).join(', ')].join(' · ');
  }

  private nameOf(athlete: string): string {
    return this.people()[athlete]?.name ?? '–';
  }

  private async look(): Promise<void> {
    // Without a network nothing can be joined: the list of earlier runs says that there is none.
    this.going.set(await firstValueFrom(this.api.openRuns()).catch(() => []));
  }
}
