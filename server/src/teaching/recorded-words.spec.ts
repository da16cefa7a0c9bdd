import { RECORDED_LIMITS } from '@hopsk/contract/recorded-words';
import { Coach, fieldsSaid, type House, openHouse } from '../testing/house.js';

/** So many samples of nothing much. */
const sound = (samples: number, of = 7) => ({ samples, sound: Buffer.alloc(Math.ceil(samples / 2), of).toString('base64') });

describe('words of the clock in a coach’s own voice', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  it('are the club’s own, one a word, and can be taken away', async () => {
    const [coach, other] = [await Coach.of(house, 'Club'), await Coach.of(house, 'Other')];
    await coach.put('/recorded-words/zigzag', sound(1001)).expect(204);
    await coach.put(`/recorded-words/${encodeURIComponent('show the chassé')}`, sound(88_200)).expect(204);
    await coach.put('/recorded-words/zigzag', sound(500, 9)).expect(204);
    const kept = [
      { word: 'show the chassé', ...sound(88_200) },
      { word: 'zigzag', ...sound(500, 9) },
    ];
    expect((await coach.get('/recorded-words').expect(200)).body).toEqual(kept);
    expect((await other.get('/recorded-words').expect(200)).body).toEqual([]);
    expect((await other.delete('/recorded-words/zigzag').expect(404)).body).toEqual({
      error: 'not-found',
      values: { what: 'word' },
      fields: [],
    });
    await coach.delete('/recorded-words/zigzag').expect(204);
    expect((await coach.get('/recorded-words').expect(200)).body).toEqual(kept.slice(0, 1));
  });

  it('that are no one word, too long, or not as long as they say, are refused with what is wrong', async () => {
    const coach = await Coach.of(house, 'Club');
    for (const word of ['two  words', 'Zigzag', '–', 'a1', 'x'.repeat(81)]) {
      const { body } = await coach.put(`/recorded-words/${encodeURIComponent(word)}`, sound(10)).expect(400);
      expect(fieldsSaid(body).map((one) => one.split(' ')[0]))
        .withContext(word)
        .toEqual(['word']);
    }
    for (const wrong of [
      sound(0),
      sound(88_201),
      { ...sound(10), samples: 40 },
      { samples: 10, sound: 'no letters' },
      { samples: 10 },
      { ...sound(88_200), samples: 9 },
    ])
      await coach.put('/recorded-words/zigzag', wrong).expect(400);
    expect((await coach.get('/recorded-words').expect(200)).body).toEqual([]);
  });

  it('are so many and no more; one that is there may be recorded again', async () => {
    const coach = await Coach.of(house, 'Club');
    for (let i = 0; i < RECORDED_LIMITS.words; i++) await coach.put(`/recorded-words/${i}`, sound(2)).expect(204);
    const { body } = await coach.put('/recorded-words/more', sound(2)).expect(409);
    expect([body.error, body.values]).toEqual(['too-many-words', { most: RECORDED_LIMITS.words }]);
    await coach.put('/recorded-words/7', sound(4)).expect(204);
  });

  it('go out with the club’s file and into another club, which keeps its own', async () => {
    const [coach, other] = [await Coach.of(house, 'Club'), await Coach.of(house, 'Other')];
    await coach.put('/recorded-words/zigzag', sound(100)).expect(204);
    await coach.put('/recorded-words/tidy', sound(100)).expect(204);
    await other.put('/recorded-words/tidy', sound(60, 3)).expect(204);
    const { text } = await coach.file();
    const taken = await other.takeIn(text.replace('"zigzag"', '"Zigzag"'));
    expect([taken.refused.count, taken.whole]).toEqual([1, 'changed']);
    await other.takeIn(text);
    expect((await other.get('/recorded-words').expect(200)).body).toEqual([
      { word: 'tidy', ...sound(60, 3) },
      { word: 'zigzag', ...sound(100) },
    ]);
  });
});
