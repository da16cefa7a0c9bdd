import { inject } from '@angular/core';
import { Athlete, Pattern, Progression, type AthleteSave, type PatternSave, type ProgressionSave } from '@hopsk/contract';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, concatMap, from, map, mergeMap, of, switchMap, type Observable } from 'rxjs';
import * as z from 'zod';
import { Api } from './api';
import { troubleOf } from './problem';
import { DeviceStore } from './device-store';
import { recordActions, type Kind, type Row, type Saving } from './records';

const LISTS = { people: z.array(Athlete), patterns: z.array(Pattern), progressions: z.array(Progression) } as const;

interface Door {
  readonly list: () => Observable<Row[]>;
  readonly save: (record: Saving) => Observable<Row>;
  readonly archive: (id: string, archived: boolean) => Observable<Row>;
}

/** What the server offers for a kind of record. */
function doorOf(api: Api, kind: Kind): Door {
  switch (kind) {
    case 'people':
      return { list: api.athletes, save: (one) => api.saveAthlete(one as AthleteSave), archive: api.archiveAthlete };
    case 'patterns':
      return { list: api.patterns, save: (one) => api.savePattern(one as PatternSave), archive: api.archivePattern };
    case 'progressions':
      return { list: api.progressions, save: (one) => api.saveProgression(one as ProgressionSave), archive: api.archiveProgression };
  }
}

/** Fetches lists, and without a network gives what this device kept of them. */
export const loadRecords = createEffect(
  (actions = inject(Actions), api = inject(Api), device = inject(DeviceStore)) =>
    actions.pipe(
      ofType(recordActions.load),
      mergeMap(({ kind }) =>
        doorOf(api, kind)
          .list()
          .pipe(
            switchMap((rows) => from(device.keep(kind, rows)).pipe(map(() => recordActions.loaded({ kind, rows, offline: false })))),
            catchError((error: unknown) =>
              from(fromDevice(device, kind)).pipe(
                map((rows) =>
                  rows ? recordActions.loaded({ kind, rows, offline: true }) : recordActions.failed({ kind, trouble: troubleOf(error) }),
                ),
              ),
            ),
          ),
      ),
    ),
  { functional: true },
);

async function fromDevice(device: DeviceStore, kind: Kind): Promise<Row[] | null> {
  const kept = LISTS[kind].safeParse(await device.recall(kind));
  return kept.success ? kept.data : null;
}

export const saveRecords = createEffect(
  (actions = inject(Actions), api = inject(Api)) =>
    actions.pipe(
      ofType(recordActions.save),
      concatMap(({ kind, record }) =>
        doorOf(api, kind)
          .save(record)
          .pipe(
            map((row) => recordActions.saved({ kind, row })),
            catchError((error: unknown) => of(recordActions.refused({ kind, id: record.id, trouble: troubleOf(error) }))),
          ),
      ),
    ),
  { functional: true },
);

export const archiveRecords = createEffect(
  (actions = inject(Actions), api = inject(Api)) =>
    actions.pipe(
      ofType(recordActions.archive),
      concatMap(({ kind, id, archived }) =>
        doorOf(api, kind)
          .archive(id, archived)
          .pipe(
            map((row) => recordActions.saved({ kind, row })),
            catchError((error: unknown) => of(recordActions.refused({ kind, id, trouble: troubleOf(error) }))),
          ),
      ),
    ),
  { functional: true },
);
