import { Injectable } from '@angular/core';
import { ClipHeld, FilmKept, FilmMet, FilmRows, type ClipSent, type FilmSave } from '@hopsk/contract/films';
import { Requests } from './requests';

/** What was marked in clips, as the club keeps it. */
@Injectable({ providedIn: 'root' })
export class FilmsApi extends Requests {
  list = () => this.get('/films', FilmRows);
  of = (clip: string) => this.get(`/films/${clip}`, FilmMet);
  forget = (clip: string) => this.delete(`/films/${clip}`);
  save = (clip: string, film: FilmSave) => this.put(`/films/${clip}`, film, FilmKept);

  clip = (clip: string) => this.get(`/films/${clip}/clip`, ClipHeld);
  beginClip = (clip: string, sent: ClipSent) => this.put(`/films/${clip}/clip`, sent, ClipHeld);
  putPiece = (clip: string, n: number, piece: Blob) => this.put(`/films/${clip}/clip/${n}`, piece, ClipHeld);
  piece = (clip: string, n: number) => this.bytes(`/films/${clip}/clip/${n}`);
  endClip = (clip: string) => this.delete(`/films/${clip}/clip`);
}
