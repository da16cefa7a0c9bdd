import { HttpErrorResponse } from '@angular/common/http';
import type { FilmWork } from '@hopsk/contract/film-work';
import type { ClipHeld, ClipSent, FilmKept, FilmMet, FilmRow, FilmSave } from '@hopsk/contract/films';
import { of, throwError, type Observable } from 'rxjs';

export const failing = (status: number, body: object): Observable<never> =>
  throwError(() => new HttpErrorResponse({ status, error: body }));

/** A club that keeps what was marked in clips, as the server does. */
export class FilmClub {
  kept: FilmKept | null = null;
  away = false;
  saves = 0;

  readonly of = (): Observable<FilmMet> => (this.away ? failing(0, {}) : of({ film: structuredClone(this.kept) }));
  readonly save = (clip: string, { version, name, work }: FilmSave): Observable<FilmKept> => {
    this.saves++;
    if (this.away) return failing(0, {});
    if (version > 0 && !this.kept) return failing(404, { error: 'not-found', values: { what: 'film' }, fields: [] });
    if ((this.kept?.version ?? 0) !== version)
      return failing(409, { error: 'stale', values: { what: 'film' }, fields: [], current: this.kept, changed: ['work'] });
    // A database puts keys in an order of its own.
    const turned = Object.fromEntries(Object.entries(work).reverse()) as FilmWork;
    this.kept = { clip, name, version: version + 1, work: turned };
    return of(structuredClone(this.kept));
  };

  readonly list = (): Observable<FilmRow[]> => {
    const { kept } = this;
    if (!kept) return of([]);
    const { clip, name, version, work } = kept;
    return of([
      {
        clip,
        name,
        version,
        athlete: work.athlete,
        day: work.day,
        marks: work.marks.length,
        keptAt: '2026-11-30T10:00:00Z',
        who: 'Runa',
        held: this.heldNow.whole ? (this.sent?.bytes ?? null) : null,
      },
    ]);
  };
  readonly forget = (): Observable<unknown> => {
    this.kept = null;
    return of(null);
  };

  /** For how many days it keeps clips, and what it has of one. */
  days = 0;
  sent: ClipSent | null = null;
  readonly pieces = new Map<number, Blob>();
  /** After so many pieces the network is gone. */
  breaksAfter = Infinity;
  /** Pieces that came, one after the other. */
  readonly came: number[] = [];

  private get heldNow(): ClipHeld {
    const has = [...this.pieces.keys()].sort((a, b) => a - b);
    const there = [...this.pieces.values()].reduce((sum, { size }) => sum + size, 0);
    return { days: this.days, bytes: this.sent?.bytes ?? null, type: this.sent?.type ?? '', whole: there === this.sent?.bytes, has };
  }
  readonly clip = (): Observable<ClipHeld> => of(this.heldNow);
  readonly beginClip = (_: string, sent: ClipSent): Observable<ClipHeld> => {
    this.sent = sent;
    return of(this.heldNow);
  };
  readonly putPiece = (_: string, n: number, piece: Blob): Observable<ClipHeld> => {
    if (this.came.length >= this.breaksAfter) return failing(0, {});
    this.came.push(n);
    this.pieces.set(n, piece);
    return of(this.heldNow);
  };
  readonly piece = (_: string, n: number): Observable<Blob> => of(this.pieces.get(n) ?? new Blob());
  readonly endClip = (): Observable<unknown> => {
    this.sent = null;
    this.pieces.clear();
    return of(null);
  };
}
