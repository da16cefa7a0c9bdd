import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import { athlete, Coach, fieldsSaid, type House, openHouse, pattern } from '../testing/house.js';

const bent = {
  code: 'old-loft',
  name: 'Old loft',
  says: '',
  staggered: true,
  width: { rule: 'times', n: 1, of: 'hip' },
  length: { rule: 'metres', metres: 0.4 },
  toes: { lead: 0, rear: 45 },
  leadShare: 0.5,
  heels: { lead: 'down', rear: 'up' },
  onLine: false,
  knees: '',
};

describe('what a club teaches', () => {
  let house: House;
  let coach: Coach;
  let other: Coach;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    other = await Coach.of(house, 'Other');
  });
  afterAll(() => house.close());

  it('is nothing at first, one record a club, seen by nobody else, and never saved over somebody else’s save', async () => {
    expect((await coach.get('/teaching').expect(200)).body).toEqual({
      version: 0,
      choices: {},
      stances: [],
      moves: [],
      playbooks: [],
      views: {},
      numbers: null,
      faults: [],
    });
    const mine = {
      version: 0,
      choices: { crossing: 'never' },
      stances: [bent],
      moves: [{ name: 'corner', steps: 'shuffle right 40 cm' }],
      playbooks: [],
      views: { tall: ['front', 'side'] },
      numbers: { ...BOOK_RULES, by: 'running' },
      faults: [],
    };
    expect((await coach.put('/teaching', mine).expect(200)).body).toEqual({ ...mine, version: 1 });
    const { body } = await coach.put('/teaching', { ...mine, choices: {} }).expect(409);
    expect(body.changed).toEqual(['choices']);
    await coach.put('/teaching', { ...mine, version: 1, choices: {} }).expect(200);
    await coach.put('/teaching', { ...mine, version: 1 }).expect(409);
    // A page of an earlier version knows no numbers: they stay; null is ours again.
    const { numbers: _, ...earlier } = mine;
    expect((await coach.put('/teaching', { ...earlier, version: 2 }).expect(200)).body.numbers).toEqual(mine.numbers);
    expect((await coach.put('/teaching', { ...earlier, version: 3, numbers: null }).expect(200)).body.numbers).toBeNull();
    expect((await other.get('/teaching').expect(200)).body.stances).toEqual([]);
  });

  it('names the field that cannot be', async () => {
    const put = async (change: object): Promise<string[]> =>
      fieldsSaid((await other.put('/teaching', { version: 0, choices: {}, stances: [], ...change }).expect(400)).body);
    expect(await put({ choices: { crossing: 'sideways' } })).toEqual(['choices.crossing one-of never,behind,said']);
    expect(await put({ choices: { moon: 'on' } })).toEqual(['choices.moon topic']);
    expect(await put({ stances: [{ ...bent, code: 'square-ready' }] })).toEqual(['stances.0.code known-stance']);
    expect(await put({ moves: [{ name: 'two words', steps: 'split' }] })).toEqual(['moves.0.name move-name']);
    const twice = ['split', 'hold 1 s'].map((steps) => ({ name: 'a', steps }));
    expect(await put({ moves: twice })).toEqual(['moves twice']);
    expect(await put({ views: { tall: [] } })).toEqual(['views.tall too-few 1']);
    expect(await put({ numbers: { ...BOOK_RULES, breakDays: 0 } })).toEqual(['numbers.breakDays between 7 120']);
    const { recurrence, thumb, running } = BOOK_RULES;
    const crossed = { recurrence: { ...recurrence, seen: 9 }, thumb: { ...thumb, back: 0.95 }, running: { ...running, good: 0.4 } };
    expect(await put({ numbers: { ...BOOK_RULES, ...crossed, lookAgain: { first: 9, most: 8 } } })).toEqual([
      'numbers.recurrence.seen crossed',
      'numbers.thumb.back crossed',
      'numbers.running.good crossed',
      'numbers.lookAgain.first crossed',
    ]);
    expect(await put({ views: { tall: ['above'] } })).toEqual(['views.tall.0 one-of front,side']);
    expect(await put({ views: Object.fromEntries(Array.from({ length: 401 }, (_, i) => [`f${i}`, ['side']])) })).toEqual([
      'views too-many 400',
    ]);
    expect(await put({ stances: [bent, bent] })).toEqual(['stances twice']);
    expect(await put({ stances: [{ ...bent, toes: { lead: 0, rear: 300 } }] })).toEqual(['stances.0.toes.rear between -60 120 °']);
  });

  it('athletes and patterns keep how they depart from it', async () => {
    const ada = athlete({ stance: { width: 0.5, length: null, leadToe: null, rearToe: null }, schools: { crossing: 'behind' } });
    expect((await coach.put(`/athletes/${ada.id}`, ada).expect(201)).body).toEqual(
      jasmine.objectContaining({ stance: ada.stance, schools: ada.schools }),
    );
    const odd = pattern({ tags: ['lunge', 'corner'], area: 'room 3.2 × 4 m', schools: { 'no-approach': 'on' } });
    expect((await coach.put(`/patterns/${odd.id}`, odd).expect(201)).body).toEqual(
      jasmine.objectContaining({ tags: odd.tags, area: odd.area, schools: odd.schools }),
    );
    const wrong = await coach.put(`/patterns/${odd.id}`, { ...odd, version: 1, area: 'the moon' }).expect(400);
    expect(fieldsSaid(wrong.body)).toEqual(['area floor']);
  });

  it('every save of a pattern is kept, for its own club', async () => {
    const one = pattern({ steps: 'split' });
    await coach.put(`/patterns/${one.id}`, one).expect(201);
    await coach.put(`/patterns/${one.id}`, { ...one, version: 1, steps: 'split, advance' }).expect(200);
    // A save that is refused leaves no version behind.
    await coach.put(`/patterns/${one.id}`, { ...one, version: 1, steps: 'lost' }).expect(409);
    const { body } = await coach.get(`/patterns/${one.id}/versions`).expect(200);
    const { id: _id, version: _version, ...draft } = one;
    expect(body.map((kept: { version: number; body: object }) => [kept.version, kept.body])).toEqual([
      [2, { ...draft, steps: 'split, advance' }],
      [1, draft],
    ]);
    await other.get(`/patterns/${one.id}/versions`).expect(404);
  });
});
