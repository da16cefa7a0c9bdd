import { firstValueFrom, from, map, mergeMap, Observable, of, raceWith, TimeoutError, type MonoTypeOperatorFunction } from 'rxjs';

/** What comes, so many milliseconds later: by one timeout, which runs out by itself, and not by an interval that somebody has to clear. */
export const later = <T>(ms: number): MonoTypeOperatorFunction<T> =>
  mergeMap(
    (value) =>
      new Observable<T>((out) => {
        const timer = setTimeout(() => {
          out.next(value);
          out.complete();
        }, ms);
        return () => clearTimeout(timer);
      }),
  );

/** An answer that comes within so many milliseconds, or a TimeoutError. */
export const within = <T>(ms: number): MonoTypeOperatorFunction<T> =>
  raceWith(
    of(ms).pipe(
      later(ms),
      map((): never => {
        throw new TimeoutError();
      }),
    ),
  );

/** Done with the work, or after 3 s. */
export const soon = (work: Promise<void>): Promise<void> => firstValueFrom(from(work).pipe(within(3000))).catch(() => undefined);
