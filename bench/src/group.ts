import { RULES } from '@hopsk/core/log/count';
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import type { Ask } from './ask.js';
import { median, timedAsync, type Line } from './measure.js';

/** Ten years of a large club: athletes, runs, who is in each, and what each is watched for. */
const [ATHLETES, RUNS, IN_EACH, FAULTS] = [200, 30_000, 12, 8];

/** Straight into the tables: what runs add up to, without their logs. Those of the last day are the demo club's own. */
const MADE = `
create temp table own as select club_id from run group by club_id order by count(*) desc limit 1;
create temp table who as select row_number() over () as n, gen_random_uuid() as id from generate_series(1, ${ATHLETES});
insert into athlete select (jsonb_populate_record(a.like_it, jsonb_build_object('id', who.id, 'name', 'Bench ' || who.n))).*
  from who, lateral (select athlete as like_it from athlete where club_id = (table own) and archived_at is null limit 1) a;
create temp table made as select n, gen_random_uuid() as id, now() - n * interval '2 hours 55 minutes' as at from generate_series(1, ${RUNS}) n;
insert into run select (jsonb_populate_record(r.like_it, jsonb_build_object('id', made.id, 'day', made.at::date, 'started_at', made.at, 'session_id', null))).*
  from made, lateral (select run as like_it from run where club_id = (table own) limit 1) r;
create temp table there as select made.id as run_id, who.id as athlete_id, made.n as run_n, k as place
  from made, generate_series(1, ${IN_EACH}) k join who on true where who.n = 1 + (made.n * 7 + k * 17) % ${ATHLETES};
insert into run_athlete (club_id, run_id, athlete_id, place) select (table own), run_id, athlete_id, place from there;
insert into tally (club_id, athlete_id, fault, run_id, attempts, faulty, again, noted, left_taps, right_taps)
  select (table own), athlete_id, 'fault-' || f, run_id, 30, (run_n * f + place) % 11, 0, 0, 0, 0 from there, generate_series(1, ${FAULTS}) f;
analyze athlete, run, run_athlete, tally;
`;

/** An athlete's book, and the map of a group of eight weeks and of a year, where the club has ten years; the baseline is one of a season, or what it took before they were there. */
export async function group({ databaseUrl }: { readonly databaseUrl: string }, ask: Ask): Promise<Line[]> {
  const since = (weeks: number): string => new Date(Date.now() - weeks * 7 * 24 * 3600_000).toISOString().slice(0, 10);
  const map = async (weeks: number): Promise<number> => median(await timedAsync(8, () => ask(`/book?since=${since(weeks)}`)));
  const before = [await map(8), await map(52)] as const;
  await promisify(execFile)('psql', [databaseUrl, '-q', '-v', 'ON_ERROR_STOP=1', '-c', MADE]);
  // The first look at a run counts its parts; here they are counted.
  await promisify(execFile)('psql', [
    databaseUrl,
    '-q',
    '-c',
    `update run set details_to = arrival, details_rules = ${RULES}; analyze run`,
  ]);
  const athletes = await ask<{ readonly id: string; readonly name: string }[]>('/athletes');
  const one = athletes.find(({ name: of }) => of.startsWith('Bench '));
  const book = async (of: string | undefined): Promise<number> => median(await timedAsync(15, () => ask(`/athletes/${of}/book`)));
  const name = (of: string): string => `the map of a group over ${of}, in ten years of ${ATHLETES} athletes`;
  return [
    {
      name: `the book of one of them, of ${(RUNS * IN_EACH) / ATHLETES} evenings`,
      ...{
        value: await book(one?.id),
        unit: 'ms',
        baseline: await book(athletes.find(({ name: of }) => !of.startsWith('Bench '))?.id),
        limit: 100,
      },
    },
    { name: name('eight weeks'), value: await map(8), unit: 'ms', baseline: before[0], limit: 300 },
    { name: name('a year'), value: await map(52), unit: 'ms', baseline: before[1], limit: null },
  ];
}
