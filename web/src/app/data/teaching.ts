import { computed, inject, Injectable } from '@angular/core';
import { Teaching } from '@hopsk/contract/teaching';
import { SCHOOLS, type OwnSchool } from '@hopsk/core/body/school';
import { faultsByCode, offeredFaults } from '@hopsk/core/catalogue/faults';
import { madeFault, type Made } from '@hopsk/core/catalogue/made';
import { faultLabel, sayFaultsBy, schoolWords } from '@hopsk/words/naming';
import { Actions, createEffect, ofType, provideEffects } from '@ngrx/effects';
import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props, provideState, Store } from '@ngrx/store';
import {
  catchError,
  concatMap,
  exhaustMap,
  filter,
  firstValueFrom,
  from,
  map,
  of,
  takeUntil,
  tap,
  type MonoTypeOperatorFunction,
  type Observable,
} from 'rxjs';
import { Api } from './api';
import { DeviceStore } from './device-store';
import { newId } from './ids';
import { troubleOf, type Trouble } from './problem';
import { signInActions } from './sign-in';

type Change = Partial<Pick<Teaching, 'choices' | 'stances' | 'moves' | 'playbooks' | 'views' | 'numbers' | 'faults'>>;

const actions = createActionGroup({
  source: 'teaching',
  events: {
    Load: emptyProps(),
    Fetched: props<{ teaching: Teaching }>(),
    /** What this device kept of it; the next visit asks again. */
    Recalled: props<{ teaching: Teaching | null }>(),
    Save: props<{ save: string; change: Change }>(),
    Saved: props<{ save: string; teaching: Teaching }>(),
    Refused: props<{ save: string; trouble: Trouble }>(),
    /** Faults that were made on the floor: the server has them from the run, now or later. */
    Made: props<{ made: readonly Made[] }>(),
  },
});

interface TeachingState {
  readonly teaching: Teaching;
  /** Of those that were made on the floor, what may not be in it yet. */
  readonly made: readonly Made[];
  readonly status: 'unknown' | 'recalled' | 'ready';
}

const initial: TeachingState = {
  teaching: { version: 0, choices: {}, stances: [], moves: [], playbooks: [], views: {}, numbers: null, faults: [] },
  made: [],
  status: 'unknown',
};

/** What the club teaches, with what was made on the floor and may not be in it yet. */
function withMade({ teaching, made }: TeachingState): Teaching {
  const codes = new Set(teaching.faults.map(({ code }) => code));
  const fresh = made.filter(({ code }) => !codes.has(code));
  return fresh.length === 0 ? teaching : { ...teaching, faults: [...teaching.faults, ...fresh.map(madeFault)] };
}

const feature = createFeature({
  name: 'teaching',
  reducer: createReducer(
    initial,
    on(actions.fetched, actions.saved, (state, { teaching }): TeachingState => ({ ...state, teaching, status: 'ready' })),
    on(actions.recalled, (state, { teaching }): TeachingState => (teaching ? { ...state, teaching, status: 'recalled' } : state)),
    // What the server has is otherwise now, or will be: the next page that asks for it fetches it.
    on(actions.made, ({ teaching, made, status }, more): TeachingState => ({
      teaching,
      made: [...made, ...more.made],
      status: status === 'ready' ? 'recalled' : status,
    })),
    on(signInActions.left, () => initial),
  ),
  extraSelectors: ({ selectTeachingState }) => ({ selectWhole: createSelector(selectTeachingState, withMade) }),
});

/** What the club teaches: one record in the store, kept on this device, fetched when it can be. */
@Injectable({ providedIn: 'root' })
export class TeachingStore {
  private readonly store = inject<Store>(Store);
  private readonly done = inject(Actions);
  private readonly status = this.store.selectSignal(feature.selectStatus);
  readonly teaching = this.store.selectSignal(feature.selectWhole);
  /** Faults that were made on the floor since it was fetched. */
  readonly made = this.store.selectSignal(feature.selectMade);
  /** Whether it is known what the club teaches: before that nothing may be changed, or it would be taken for nothing. */
  readonly ready = computed(() => this.status() !== 'unknown');
  /** Everybody's stances and the club's own, with what they are called. */
  readonly stances = computed<readonly OwnSchool[]>(() => [
    ...SCHOOLS.map((school) => ({ ...school, ...schoolWords(school) })),
    ...this.teaching().stances,
  ]);

  /** All faults that are known here, by code. */
  readonly catalogue = computed(() => faultsByCode(this.teaching()));
  /** Faults that can be chosen here, and what they are called. */
  readonly faults = computed(() => offeredFaults(this.teaching().faults));
  readonly faultOptions = computed(() => this.faults().map(({ code }) => ({ value: code, label: faultLabel(code) })));
  private readonly ownWords = computed(() => new Map(this.teaching().faults.map((fault) => [fault.code, fault])));

  constructor() {
    sayFaultsBy(this.ownWords);
  }

  /** Fetches it, unless that was done. */
  load(): void {
    this.store.dispatch(actions.load());
  }

  /** Faults that were made on the floor, here or on another device of a run: known from here on, without a network too. */
  takeMade(made: readonly Made[]): void {
    if (made.length === 0) return;
    const known = this.catalogue();
    const fresh = made.filter(({ code }) => !known.has(code));
    if (fresh.length > 0) this.store.dispatch(actions.made({ made: fresh }));
  }

  /** Saves a change; the trouble where it cannot be, null where it is saved or whoever saved it has left. */
  async save(change: Change): Promise<Trouble | null> {
    const save = newId();
    const outcome = firstValueFrom(
      this.done.pipe(
        ofType(actions.saved, actions.refused, signInActions.left),
        filter((one) => !('save' in one) || one.save === save),
      ),
      { defaultValue: null },
    );
    this.store.dispatch(actions.save({ save, change }));
    const one = await outcome;
    return one && 'trouble' in one ? one.trouble : null;
  }
}

/** What comes after somebody has left is dropped: it was another club's. */
const untilLeft = <T>(asked: Actions): MonoTypeOperatorFunction<T> => takeUntil(asked.pipe(ofType(signInActions.left)));

const recalled = (device: DeviceStore): Observable<Teaching | null> =>
  from(device.recall('teaching')).pipe(map((kept) => Teaching.safeParse(kept).data ?? null));

const effects = {
  load: createEffect(
    (asked = inject<Actions>(Actions), api = inject(Api), device = inject(DeviceStore), store = inject<Store>(Store)) => {
      const status = store.selectSignal(feature.selectStatus);
      return asked.pipe(
        ofType(actions.load),
        filter(() => status() !== 'ready'),
        exhaustMap(() =>
          api.teaching().pipe(
            map((teaching) => actions.fetched({ teaching })),
            catchError(() => recalled(device).pipe(map((teaching) => actions.recalled({ teaching })))),
            untilLeft(asked),
          ),
        ),
      );
    },
    { functional: true },
  ),
  save: createEffect(
    (asked = inject<Actions>(Actions), api = inject(Api), store = inject<Store>(Store)) => {
      const known = store.selectSignal(feature.selectTeaching);
      return asked.pipe(
        ofType(actions.save),
        concatMap(({ save, change }) =>
          api.saveTeaching({ ...known(), ...change }).pipe(
            map((teaching) => actions.saved({ save, teaching })),
            catchError((error: unknown) => {
              const refused = actions.refused({ save, trouble: troubleOf(error) });
              if (refused.trouble.kind !== 'stale') return of(refused);
              // Theirs is taken first, so that the next change is made to what there is.
              return api.teaching().pipe(
                concatMap((teaching) => of(actions.fetched({ teaching }), refused)),
                catchError(() => of(refused)),
              );
            }),
            untilLeft(asked),
          ),
        ),
      );
    },
    { functional: true },
  ),
  keep: createEffect(
    (asked = inject(Actions), device = inject(DeviceStore), store = inject<Store>(Store)) => {
      const whole = store.selectSignal(feature.selectWhole);
      return asked.pipe(
        ofType(actions.fetched, actions.saved, actions.made),
        tap(() => void device.keep('teaching', whole())),
      );
    },
    { functional: true, dispatch: false },
  ),
};

/** For where the store is provided. */
export const teachingProviders = [provideState(feature), provideEffects(effects)];
