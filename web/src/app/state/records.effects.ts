import { inject } from '@angular/core';
import { Athlete, Pattern, type AthleteSave, type PatternSave } from '@hopsk/contract';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, concatMap, from, map, mergeMap, of, switchMap, type Observable } from 'rxjs';
import * as z from 'zod';
import { Api } from '../api/api';
import { troubleOf } from '../api/problem';
import { DeviceStore } from '../device/store';
import { recordActions, type Kind, type Row } from './records';

const LISTS = { people: z.array(Athlete), patterns: z.array(Pattern) } as const;

/** Fetches lists, and without a network gives what this device kept of them. */
export const loadRecords = createEffect(
  (actions = inject(Actions), api = inject(Api), device = inject(DeviceStore)) =>
    actions.pipe(
      ofType(recordActions.load),
      mergeMap(({ kind }) =>
        (kind === 'people' ? (api.athletes() as Observable<Row[]>) : (api.patterns() as Observable<Row[]>)).pipe(
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
        (kind === 'people'
          ? (api.saveAthlete(record as AthleteSave) as Observable<Row>)
          : (api.savePattern(record as PatternSave) as Observable<Row>)
        ).pipe(
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
        (kind === 'people'
          ? (api.archiveAthlete(id, archived) as Observable<Row>)
          : (api.archivePattern(id, archived) as Observable<Row>)
        ).pipe(
          map((row) => recordActions.saved({ kind, row })),
          catchError((error: unknown) => of(recordActions.refused({ kind, id, trouble: troubleOf(error) }))),
        ),
      ),
    ),
  { functional: true },
);
