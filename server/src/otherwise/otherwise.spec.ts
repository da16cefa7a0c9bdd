import type { PatternVersion, SessionVersion } from '@hopsk/contract/versions';
import { randomUUID } from 'node:crypto';
import type { Otherwise } from '@hopsk/contract/otherwise';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Session } from '@hopsk/contract/session';
import type { Teaching } from '@hopsk/contract/teaching';
import { ENGINE } from '@hopsk/core/language/engine';
import { LANGUAGE } from '@hopsk/core/language/language';
import { understand } from '@hopsk/core/language/plain';
import { definitionsOf } from '@hopsk/core/language/own-moves';
import { makeReady } from '../ready.js';
import { expectedOf, fixtureText } from '../testing/fixtures.js';
import { Coach, openHouse, pattern, type House } from '../testing/house.js';
import { bringUp } from './bring-up.js';

interface Meaning {
  readonly steps: string;
  readonly print: string;
}

/** What a line says so that it goes on being done as it was. */
const MANNER = /^(?:engine 1|tempo flat)(?:\n|, )/;

describe('lines that were saved with an earlier language', () => {
  let house: House;
  let coach: Coach;
  const body = async <T>(path: string): Promise<T> => (await coach.get(path).expect(200)).body as T;
  const open = (): Promise<Otherwise[]> => body<Otherwise[]>('/read-otherwise');
  const named = async (name: string): Promise<Pattern> => {
    const found = (await body<Pattern[]>('/patterns')).find((one) => one.name === name);
    if (!found) throw new Error(`There is no pattern ${name}.`);
    return found;
  };

  beforeEach(async () => {
    house = await openHouse(null, fixtureText('v3', 'database.sql'));
    const { me, signIn } = expectedOf('v3');
    coach = await Coach.signIn(house, me.club.id, signIn);
  });
  afterEach(() => house.close());

  it('say what they did: the plain form of then stands in a new version, what was typed is listed', async () => {
    const listed = await open();
    // 22 of them read otherwise; 14 more are read as they were and only take other times.
    const only = ({ typed, stands }: Otherwise): boolean => MANNER.test(stands) && stands.replace(MANNER, '') === typed;
    const ofPatterns = listed.filter(({ record }) => record === 'pattern');
    expect([ofPatterns.length, ofPatterns.filter(only).length]).toEqual([36, 14]);
    const taught = listed.filter((one) => one.record === 'teaching' && !only(one));
    expect(taught.map(({ part, of, typed, stands }) => [part, of, typed, stands])).toEqual(
      jasmine.arrayWithExactContents([
        ['move', 'my-stamp', 'half step ahead 20 cm, hold 0.2 s', 'half step ahead 20 cm, hold 0.2 s'],
        ['move', 'my-double', 'advance 3x, corner', 'advance 3×, corner'],
        ['way-back', 'Against a cross: far', 'shuffle right 2x 2', 'tempo flat, shuffle right 2× 2 times'],
      ]),
    );
    const parts = new Set(listed.filter(({ record }) => record === 'session').map(({ part }) => part));
    expect([...parts].sort()).toEqual(['call', 'dose', 'line', 'own-dose', 'partner', 'station']);
    // What stands is read today as it is printed, with nothing marked.
    const own = definitionsOf((await body<Teaching>('/teaching')).moves);
    for (const one of listed.filter(({ part }) => !part.endsWith('dose'))) {
      const { parsed, plain } = understand(one.stands, own);
      expect(plain).withContext(`${one.part}: ${one.stands}`).toBe(one.was);
      // What stands as it was typed is marked as it was.
      if (!only(one)) expect(parsed.errors.length).withContext(`${one.part}: ${one.stands}`).toBe(0);
    }
    // What the version that wrote them printed, of lines without a club's own names.
    const then = new Map((JSON.parse(fixtureText('v3', 'lines.json')) as Meaning[]).map(({ steps, print }) => [steps, print]));
    const lines = ofPatterns.filter(({ stands }) => !/my-|corner/.test(stands));
    expect(lines.length).toBe(31);
    const withoutClubs = (print = ''): string =>
      print
        .split('\n')
        .filter((row) => !/^(?:corner|stamp|double) = /.test(row))
        .join('\n');
    for (const { typed, was } of lines)
      expect(withoutClubs(then.get(typed)))
        .withContext(typed)
        .toBe(was.replace(MANNER, ''));
  });

  it('are one version each, with the language and engine that each was read with', async () => {
    const typed = await named('Typed 1');
    expect([typed.steps, typed.version]).toEqual(['tempo flat, advance 3×', 2]);
    const versions = await body<PatternVersion[]>(`/patterns/${typed.id}/versions`);
    expect(versions.map(({ version, language, engine, steps }) => [version, language, engine, steps])).toEqual([
      [2, LANGUAGE, ENGINE, 'tempo flat, advance 3×'],
      // An earlier version says what it said too: who brings it back brings back that.
      [1, 1, 1, 'tempo flat, advance 3×'],
    ]);
    const { rows } = await house.pool.query<{ steps: string }>('select steps from pattern_version where pattern_id = $1 and version = 1', [
      typed.id,
    ]);
    expect(rows).toEqual([{ steps: 'advance 3x' }]);
    // A part that a line names, and a club’s own move, mean another thing today.
    expect((await named('Own words')).steps).toBe('tempo flat, my-stamp, my-double, corner 2 times, advance 2×');
    const [, first] = await body<PatternVersion[]>(`/patterns/${(await named('Own words')).id}/versions`);
    expect(first?.body?.steps).toBe('tempo flat, my-stamp, my-double, corner 2 times, advance 2×');
    // What reads and is done as it did is the version that it was.
    const listed = await open();
    const stayed = (await body<Pattern[]>('/patterns')).filter(({ id }) => !listed.some(({ recordId }) => recordId === id));
    expect(stayed.length).toBeGreaterThan(2);
    for (const same of stayed) {
      const all = await body<PatternVersion[]>(`/patterns/${same.id}/versions`);
      expect(new Set(all.map(({ language }) => language)))
        .withContext(same.name)
        .toEqual(new Set([1]));
    }
  });

  it('are brought up once, whatever is started again', async () => {
    const listed = await open();
    const patterns = await body('/patterns');
    await makeReady(house.pool);
    expect(await bringUp(house.pool)).toBe(0);
    expect(await open()).toEqual(listed);
    expect(await body('/patterns')).toEqual(patterns);
  });

  it('read as they were typed once a coach takes that, and stand where they let them', async () => {
    const listed = await open();
    const find = (typed: string): Otherwise => {
      const one = listed.find((each) => each.typed === typed);
      if (!one) throw new Error(`${typed} is not listed.`);
      return one;
    };
    const settle = async (typed: string, take: boolean): Promise<unknown> =>
      (await coach.post(`/read-otherwise/${find(typed).id}`, { take }).expect(200)).body;
    expect(await settle('split 3x, shuffle right 40', true)).toEqual({ now: 'taken' });
    expect((await named('Typed 2')).steps).toBe('split 3x, shuffle right 40');
    expect(await settle('half step ahead 40', false)).toEqual({ now: 'stands' });
    expect((await named('Typed 4')).steps).toBe('half step ahead 40 times');
    // In a session, and in what the club teaches.
    expect(await settle('3 × 8, set rest 60 s', true)).toEqual({ now: 'taken' });
    expect(await settle('advance 3x, corner', true)).toEqual({ now: 'taken' });
    const session = (await body<Session[]>('/sessions')).find(({ name }) => name === 'As it was typed');
    expect(session?.stages[0]?.dose).toBe('3 × 8, set rest 60 s');
    expect((await body<Teaching>('/teaching')).moves[2]).toEqual({ name: 'my-double', steps: 'advance 3x, corner' });
    // What a coach has written anew stays as they wrote it.
    const rewritten = await named('Typed 6');
    await coach.put(`/patterns/${rewritten.id}`, { ...rewritten, steps: 'split, advance' }).expect(200);
    expect(await settle('(split, advance) 3x10', true)).toEqual({ now: 'changed' });
    expect((await named('Typed 6')).steps).toBe('split, advance');
    const settled = [
      'split 3x, shuffle right 40',
      'half step ahead 40',
      '3 × 8, set rest 60 s',
      'advance 3x, corner',
      '(split, advance) 3x10',
    ];
    const left = listed.filter(({ typed, record }) => !settled.includes(typed) || (typed === 'half step ahead 40' && record !== 'pattern'));
    // The stages that hold the same lines are asked about by themselves.
    const ids = new Set((await open()).map(({ id }) => id));
    expect(left.every(({ id }) => ids.has(id))).toBeTrue();
    expect(listed.length - ids.size).toBe(5);
    await coach.post(`/read-otherwise/${find('half step ahead 40').id}`, { take: true }).expect(404);
  });

  it('are told to their club alone', async () => {
    const stranger = await Coach.of(house, 'Other club');
    expect((await stranger.get('/read-otherwise').expect(200)).body).toEqual([]);
    const [first] = await open();
    await stranger.post(`/read-otherwise/${first?.id}`, { take: true }).expect(404);
    expect((await open())[0]).toEqual(first);
  });

  it('go with whoever is erased, and with the club', async () => {
    const own = (await open()).find(({ part }) => part === 'own-dose');
    expect(own?.typed).toBe('2 × 6, set rest 30 s');
    const { rows } = await house.pool.query<{ place: string }>("select place from read_otherwise where place like 'differences.%'");
    const athleteId = rows[0]?.place.split('.')[1] ?? '';
    const { name } = (await body<{ id: string; name: string }[]>('/athletes')).find(({ id }) => id === athleteId) ?? { name: '' };
    await coach.post(`/athletes/${athleteId}/erase`, { name }).expect(204);
    expect((await open()).some(({ part }) => part === 'own-dose')).toBeFalse();
    const left = await house.pool.query('select from read_otherwise where position($1 in place) > 0', [athleteId]);
    expect(left.rowCount).toBe(0);
  });

  it('come in from a page, or a file, of before as what they said', async () => {
    const fresh = pattern({ name: 'From an old page', steps: 'advance 3x10', language: 1, engine: 1 });
    const kept = (await coach.put(`/patterns/${fresh.id}`, fresh).expect(201)).body as Pattern;
    expect(kept.steps).toBe('tempo flat, advance 3× 10 times');
    expect((await open()).find(({ recordId }) => recordId === fresh.id)).toEqual(
      jasmine.objectContaining({ typed: 'advance 3x10', stands: 'tempo flat, advance 3× 10 times', language: 1, name: 'From an old page' }),
    );
    // What is more than anybody types is not read twice.
    const long = pattern({ name: 'Long', steps: 'advance 3x, '.repeat(1600), language: 1 });
    expect(((await coach.put(`/patterns/${long.id}`, long).expect(201)).body as Pattern).steps).toContain('advance 3×, ');
    const lines = Array.from({ length: 12 }, (_, i) => ({ name: `at ${i}`, steps: `advance ${i + 2}x, `.repeat(1500) }));
    const session = (await body<Session[]>('/sessions')).find(({ name }) => name === 'As it was typed');
    const [stage] = session?.stages ?? [];
    const heavy = { ...session, id: randomUUID(), version: 0, language: 1, differences: [], stages: [{ ...stage, stations: lines }] };
    const saved = (await coach.put(`/sessions/${heavy.id}`, heavy).expect(201)).body as Session;
    const read = saved.stages[0]?.stations.filter(({ steps }) => steps.includes('×')) ?? [];
    expect([read.length > 0, read.length < lines.length]).toEqual([true, true]);
    // What says nothing is read as today.
    const today = pattern({ name: 'From today', steps: 'advance 3x' });
    expect(((await coach.put(`/patterns/${today.id}`, today).expect(201)).body as Pattern).steps).toBe('advance 3x');
  });
});

describe('a club file that does not say how it was read', () => {
  let house: House;
  afterEach(() => house.close());

  it('is read as before that was said; a line of which something was marked then may be one of today, and stays', async () => {
    house = await openHouse();
    const coach = await Coach.of(house, 'Ours');
    const body = async <T>(path: string): Promise<T> => (await coach.get(path).expect(200)).body as T;
    const lines = ['advance 3x', 'step left, then jump twice', 'split, shuffle right 40 cm'];
    const patterns = lines.map((steps, i) => ({ ...pattern({ name: `Line ${i}`, steps }), id: randomUUID() }));
    const file = { format: 'hopsk-club', version: 3, club: { name: 'Ours' }, athletes: [], patterns, sessions: [], runs: [] };
    expect((await coach.takeIn(JSON.stringify(file))).counts.patterns).toEqual({ added: 3, known: 0 });
    expect((await body<Pattern[]>('/patterns')).map(({ steps }) => steps)).toEqual([
      'tempo flat, advance 3×',
      'step left, then jump twice',
      'tempo flat, split, shuffle right 40 cm',
    ]);
    expect((await body<Otherwise[]>('/read-otherwise')).map(({ typed, stands }) => [typed, stands])).toEqual(
      jasmine.arrayWithExactContents([
        ['advance 3x', 'tempo flat, advance 3×'],
        ['split, shuffle right 40 cm', 'tempo flat, split, shuffle right 40 cm'],
      ]),
    );
    // What goes out says it, and comes in as it is.
    const { text } = await coach.file();
    expect(JSON.parse(text.split('\n', 1)[0] ?? '')).toEqual(jasmine.objectContaining({ language: LANGUAGE, engine: ENGINE }));
    const versions = await body<SessionVersion[]>(`/patterns/${patterns[0]?.id}/versions`);
    expect(versions.map(({ language }) => language)).toEqual([LANGUAGE]);
  });
});
