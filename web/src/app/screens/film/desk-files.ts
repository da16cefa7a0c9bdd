import { inject, Injectable } from '@angular/core';
import { filmCells, readFilm } from '@hopsk/contract/film-table';
import { feetCells } from '@hopsk/core/film/feet-table';
import type { Mark } from '@hopsk/core/film/marks';
import { marksFromWebvtt, webvttOf } from '@hopsk/core/film/webvtt';
import { saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { fileName, saveFile } from '../../drawing/export';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';

/** What lies on the film desk as files: a table of all of it, marks as WebVTT, and both back in. */
@Injectable()
export class DeskFiles {
  private readonly desk = inject(FilmDesk);
  private readonly sport = inject(FilmSport);

  /** All of it as a table. */
  saveTable(): void {
    const clip = this.desk.clip();
    if (!clip) return;
    const cells = filmCells({ ...this.desk.work(), frames: this.desk.frames(), picture: clip.picture });
    saveFile(new Blob([Papa.unparse(cells)], { type: 'text/csv' }), fileName(this.desk.named(), 'csv'));
  }

  /** Measured feet alone. */
  saveFeet(): void {
    const stood = this.desk.feet().map((one) => one.stood);
    const table = Papa.unparse(feetCells(this.desk.frames(), stood));
    saveFile(new Blob([table], { type: 'text/csv' }), fileName(`${this.desk.named()} ${words.film.doings.feet}`, 'csv'));
  }

  /** Its marks for a player that shows them beside the clip. */
  saveCues(): void {
    const text = webvttOf(this.desk.clip()?.frames ?? [], this.desk.work().marks, (kind) => this.sport.label(kind));
    saveFile(new Blob([text], { type: 'text/vtt' }), fileName(this.desk.named(), 'vtt'));
  }

  /**
   * What a file says, beside what is there: a point that has the same name is where the file has it, and so is a foot in the same frame.
   * What cannot be taken is said, and then nothing of a table is.
   */
  async take(file: File): Promise<void> {
    const text = await file.text();
    const cues = marksFromWebvtt(text, this.desk.clip()?.frames ?? []);
    if (cues === null) return this.takeTable(text);
    this.desk.put({ marks: added(this.desk.work().marks, cues.marks, markKey) });
    if (cues.others > 0) this.desk.said.set(words.film.otherCues(cues.others));
  }

  private takeTable(text: string): void {
    const [{ film }, { desk }] = [words, this];
    const { clip, problems, missing } = readFilm(Papa.parse<string[]>(text).data);
    const wrong = problems.flatMap(({ line, wrong: of }) =>
      saidFields(of).map(({ path, message }) => film.line(line, `${path} ${message}`)),
    );
    if (!clip) return desk.said.set(missing.length > 0 ? film.missing(missing.join(', ')) : wrong.slice(0, 3).join(' '));
    if ([...clip.marks, ...clip.again, ...clip.prints].some(({ frame }) => frame > desk.last()))
      return desk.said.set(film.beyond(desk.last()));
    const [own, tapped] = [desk.clip()?.picture, clip.points.length + clip.prints.length > 0];
    if (own && tapped && (own.width !== clip.picture.width || own.height !== clip.picture.height))
      return desk.said.set(film.otherPicture(clip.picture.width, clip.picture.height, own.width, own.height));
    const work = desk.work();
    desk.put({
      marks: added(work.marks, clip.marks, markKey),
      again: added(work.again, clip.again, markKey),
      points: added(work.points, clip.points, ({ name }) => name),
      prints: added(work.prints, clip.prints, ({ foot, frame }) => `${foot} ${frame}`),
    });
  }
}

const markKey = ({ kind, frame }: Mark): string => `${kind} ${frame}`;

/** Those of a list that another one has no word on, and all of the other. */
function added<T>(old: readonly T[], taken: readonly T[], key: (one: T) => string): T[] {
  const known = new Set(taken.map(key));
  return [...old.filter((one) => !known.has(key(one))), ...taken];
}
