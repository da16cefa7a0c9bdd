import { FILM_COLUMNS, MOST_FILM_ROWS, readFilm } from '@hopsk/contract/film-table';
import { filmReport, type FilmReport } from '@hopsk/core/film/report';
import { within } from '@hopsk/core/film/difference';
import { heldIn } from '@hopsk/core/film/held';
import { isFought, setOf, type Manner } from '@hopsk/core/film/sport-set';
import type { SchoolChoices } from '@hopsk/core/judge/schools';
import { markLabel, saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import type { Source } from './commands.js';
import { BadInput } from './options.js';
import type { Answer } from './sessions.js';
import { columns } from './table.js';

/** Problems that are told at most. */
const TOLD = 20;

/** What is filmed: a sport, and how they stand in it. */
type FilmedAs = Readonly<Partial<Record<'sport' | 'stance', string>>>;

/**
 * What marks and points of a clip come to: the table that docs/cli.md describes. Ends with 1 where something is outside its window, out of
 * order, or where the floor's points do not go together. @throws BadInput with file, line and column of what cannot be read.
 */
export function film({ name, text }: Source, schools: SchoolChoices, { sport = '', stance = '' }: FilmedAs): Answer {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''));
  if (data.length > MOST_FILM_ROWS) throw new BadInput(`${name} has more than ${MOST_FILM_ROWS} rows.`);
  const { clip, problems, missing } = readFilm(data);
  if (missing.length > 0)
    throw new BadInput(`${name}:1: there is no column ${missing.join(', ')}; the columns are ${FILM_COLUMNS.join(', ')}.`);
  const said = problems.flatMap(({ line, wrong }) =>
    saidFields(wrong).map(({ path, message }) => `${line === 0 ? name : `${name}:${line}`}: ${path} ${message}`),
  );
  const more = said.length - TOLD;
  if (clip === null) throw new BadInput([...said.slice(0, TOLD), ...(more > 0 ? [`… and ${more} more.`] : [])].join('\n'));
  const set = setOf(sport);
  const report = filmReport(clip, heldIn(set, stance, { pattern: schools }), isFought(set));
  const { floor } = report;
  const wrong =
    report.times.some(({ judged }) => judged?.told === 'outside') ||
    report.outOfOrder.length > 0 ||
    (floor !== null && ('code' in floor || floor.bad.length > 0));
  return { text: textOf(report, set.manner), data: report, code: wrong ? 1 : 0 };
}

const ms = (seconds: number): number => Math.round(seconds * 1000);

function textOf(report: FilmReport, manner: Manner | null): string {
  const { times, over, outOfOrder } = report;
  const rows = [
    ...times.map(({ attempt, time, took, window, judged }): [string, string] => [
      words.film.attempt(attempt, words.film.times[time]),
      [
        words.film.took(ms(took.seconds), ms(within(took))),
        ...(window && judged ? [words.film.window(ms(window[0]), ms(window[1])), words.film.told(judged.told, judged.rate)] : []),
      ].join(', '),
    ]),
    ...over.map(({ time, n, mean, sd, within: around }): [string, string] => [
      words.film.all(words.film.times[time]),
      words.film.over(n, ms(mean), sd === null ? null : ms(sd), around === null ? null : ms(around)),
    ]),
    ...(times.length > 0
      ? [[words.film.repeats, words.film.repeatsTo(report.repeats === null ? null : ms(report.repeats))] as [string, string]]
      : []),
    ...floorRows(report),
  ];
  const order = outOfOrder.map(({ attempt, first, then }) =>
    words.film.outOfOrder(attempt, markLabel(first.kind, manner), markLabel(then.kind, manner)),
  );
  return [columns(rows), ...order, ...floorSaid(report)].filter((line) => line !== '').join('\n');
}

function floorRows({ floor, feet, steps }: FilmReport): [string, string][] {
  const cm = (metres: number): number => Math.round(metres * 100);
  const side = words.common.sides;
  return [
    ...(floor && !('code' in floor) ? floor.residuals : []).map(({ name, pixels }): [string, string] => [
      words.film.point(name),
      words.film.off(pixels.toFixed(1)),
    ]),
    ...feet.map(({ foot, frame, place, toe }): [string, string] => [
      words.film.foot(side[foot], frame),
      `${words.film.place(place.at.x.toFixed(2), place.at.y.toFixed(2), Math.ceil(place.within * 100))}; ${toe ? words.film.toe(Math.round(toe.value), Math.ceil(toe.within)) : words.film.noToe}`,
    ]),
    ...steps.map(({ foot, from, to, length }): [string, string] => [
      words.film.step(side[foot], from, to),
      words.film.long(cm(length.value), Math.ceil(length.within * 100)),
    ]),
  ];
}

function floorSaid({ floor }: FilmReport): string[] {
  if (floor === null) return [];
  if ('code' in floor) return [words.film.refused[floor.code](floor.names.join(', '))];
  return [...(floor.checked ? [] : [words.film.unchecked]), ...(floor.bad.length > 0 ? [words.film.bad(floor.bad)] : [])];
}
