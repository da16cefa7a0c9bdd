import { Injectable } from '@angular/core';
import { FilmKept, FilmRows, type FilmSave } from '@hopsk/contract/films';
import { Requests } from './requests';

/** What was marked in clips, as the club keeps it. */
@Injectable({ providedIn: 'root' })
export class FilmsApi extends Requests {
  list = () => this.get('/films', FilmRows);
  of = (clip: string) => this.get(`/films/${clip}`, FilmKept);
  forget = (clip: string) => this.delete(`/films/${clip}`);
  save = (clip: string, film: FilmSave) => this.put(`/films/${clip}`, film, FilmKept);
}
