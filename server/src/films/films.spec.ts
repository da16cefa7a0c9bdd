import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { GivenOut, type Erasure } from '@hopsk/contract/people-data';
import type { AthleteSave } from '@hopsk/contract/people';
import { athlete, Coach, fieldsSaid, openHouse, type House } from '../testing/house.js';

const CLIP = 'a'.repeat(64);
const marked = (more: Partial<FilmWork> = {}): FilmWork => ({
  ...NO_WORK,
  marks: [{ kind: 'contact', frame: 9 }],
  day: '2026-11-30',
  ...more,
});

describe('what was marked in clips', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());
  const added = async (by: Coach, more: Partial<AthleteSave>): Promise<string> => {
    const one = athlete(more);
    await by.put(`/athletes/${one.id}`, one).expect(201);
    return one.id;
  };

  it('is the club’s own, one a clip, and every save of it follows the one before', async () => {
    const [coach, other] = [await Coach.of(house, 'Club'), await Coach.of(house, 'Other')];
    const ada = await added(coach, { name: 'Ada' });
    const { body: first } = await coach
      .put(`/films/${CLIP}`, { version: 0, name: 'Split.mp4', work: marked({ athlete: ada }) })
      .expect(200);
    expect(first).toEqual({ clip: CLIP, name: 'Split.mp4', version: 1, work: marked({ athlete: ada }) });
    const work = marked({ athlete: ada, slow: 8, point: { phase: 'split', fault: '', says: 'as they hit', cue: 'now' } });
    await coach.put(`/films/${CLIP}`, { version: 1, name: 'Split.mp4', work }).expect(200);
    const { body: stale } = await coach.put(`/films/${CLIP}`, { version: 1, name: 'Split.mp4', work: marked() }).expect(409);
    expect([stale.error, stale.current.version, stale.changed]).toEqual(['stale', 2, ['work']]);
    expect((await coach.get(`/films/${CLIP}`).expect(200)).body.film.work).toEqual(work);
    const rows = (await coach.get('/films').expect(200)).body as { clip: string; athlete: string; marks: number }[];
    expect(rows.map(({ clip, athlete: who, marks }) => [clip, who, marks])).toEqual([[CLIP, ada, 1]]);
    expect((await other.get('/films').expect(200)).body).toEqual([]);
    expect((await other.get(`/films/${CLIP}`).expect(200)).body).toEqual({ film: null });
    await other.delete(`/films/${CLIP}`).expect(404);
    // Of another club's athlete nothing is kept.
    await other.put(`/films/${CLIP}`, { version: 0, name: 'x', work: marked({ athlete: ada }) }).expect(404);
    await coach.delete(`/films/${CLIP}`).expect(204);
    expect((await coach.get(`/films/${CLIP}`).expect(200)).body).toEqual({ film: null });
  });

  it('that is none is refused with what is wrong', async () => {
    const coach = await Coach.of(house, 'Club');
    for (const clip of ['A'.repeat(64), 'a'.repeat(63), 'x'])
      await coach.put(`/films/${clip}`, { version: 0, name: 'x', work: marked() }).expect(400);
    for (const [wrong, path] of [
      [{ ...marked(), slow: 0 }, 'work.slow'],
      [{ ...marked(), marks: [{ kind: 'jump', frame: 3 }] }, 'work.marks.0.kind'],
      [{ ...marked(), stills: Array.from({ length: 13 }, (_, frame) => ({ frame, says: '', shapes: [] })) }, 'work.stills'],
    ] as const) {
      const { body } = await coach.put(`/films/${CLIP}`, { version: 0, name: 'x', work: wrong }).expect(400);
      expect(fieldsSaid(body)[0]?.split(' ')[0]).toBe(path);
    }
    expect((await coach.get('/films').expect(200)).body).toEqual([]);
  });

  it('of somebody under 16 waits for a guardian, and goes with whoever is erased', async () => {
    const coach = await Coach.of(house, 'Club');
    const kim = await added(coach, { name: 'Kim', ageGroup: '10–12', agreed: null, cautions: [] });
    const { body } = await coach.put(`/films/${CLIP}`, { version: 0, name: 'x', work: marked({ athlete: kim }) }).expect(409);
    expect(body.error).toBe('not-agreed');
    const bea = await added(coach, { name: 'Bea' });
    await coach.put(`/films/${CLIP}`, { version: 0, name: 'x', work: marked({ athlete: bea }) }).expect(200);
    await coach.put(`/films/${'b'.repeat(64)}`, { version: 0, name: 'y', work: marked() }).expect(200);
    const given = GivenOut.parse((await coach.get(`/athletes/${bea}/data`).expect(200)).body);
    expect(given.films.map(({ name, marks, work }) => [name, marks, work])).toEqual([['x', 1, marked({ athlete: bea })]]);
    // Said of somebody else, a name stands where an eraser is told of it.
    await coach.put(`/films/${'c'.repeat(64)}`, {
      version: 0,
      name: 'z',
      work: marked({ phases: [{ name: 'split', frame: null, good: 'as bea' }] }),
    });
    const { mentions } = (await coach.get(`/athletes/${bea}/erasure`).expect(200)).body as Erasure;
    expect(mentions).toEqual([{ kind: 'film', day: '2026-11-30', text: 'z' }]);
    await coach.post(`/athletes/${bea}/erase`, { name: 'Bea' }).expect(204);
    const rows = (await coach.get('/films').expect(200)).body as { name: string }[];
    expect(rows.map(({ name }) => name)).toEqual(['z', 'y']);
  });
});
