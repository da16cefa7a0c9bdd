import { CLIP_LIMITS, pieceBytes, type ClipHeld } from '@hopsk/contract/films';
import { NO_WORK } from '@hopsk/contract/film-work';
import { run } from '../db/sql.js';
import { keepAsLong } from '../people/keeping.js';
import { athlete, Coach, openHouse, type House } from '../testing/house.js';

const CLIP = 'c'.repeat(64);
const BYTES = CLIP_LIMITS.piece + 1000;
const pieces = [0, 1].map((n) => Buffer.alloc(pieceBytes(BYTES, n), n + 1));

describe('clips that are kept with a club', () => {
  let house: House;
  let owner: Coach;
  beforeEach(async () => {
    house = await openHouse();
    owner = await Coach.of(house, 'Club');
  });
  afterEach(() => house.close());

  const rules = async (clips: number): Promise<void> => {
    const { body } = await owner.get('/people-rules').expect(200);
    await owner.put('/people-rules', { ...body, clips }).expect(200);
  };
  const marked = async (more: object = {}): Promise<void> =>
    void (await owner.put(`/films/${CLIP}`, { version: 0, name: 'a.mp4', work: { ...NO_WORK, ...more } }).expect(200));
  const piece = (n: number, body: Buffer, by = owner) => by.put(`/films/${CLIP}/clip/${n}`, body).type('application/octet-stream');
  const held = async (): Promise<ClipHeld> => (await owner.get(`/films/${CLIP}/clip`).expect(200)).body as ClipHeld;
  const whole = async (): Promise<void> => {
    await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: 'video/mp4' }).expect(200);
    for (const [n, body] of pieces.entries()) await piece(n, body).expect(200);
  };
  const left = async (): Promise<number> => (await house.pool.query('select 1 from film_piece')).rowCount ?? 0;

  it('stay where they were filmed until an owner says otherwise', async () => {
    await marked();
    const { body } = await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: 'video/mp4' }).expect(409);
    expect(body.error).toBe('clips-stay');
    expect((await piece(0, pieces[0] as Buffer).expect(409)).body.error).toBe('clips-stay');
    expect(await held()).toEqual({ days: 0, bytes: null, type: '', whole: false, has: [] });
    // What an earlier page sends leaves the rule as it is.
    await rules(30);
    const { clips: _, ...earlier } = (await owner.get('/people-rules').expect(200)).body as { clips: number };
    await owner.put('/people-rules', earlier).expect(200);
    expect((await held()).days).toBe(30);
  });

  it('come in pieces, go on where they broke off, and go out byte by byte', async () => {
    await rules(30);
    await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: 'video/mp4' }).expect(404);
    await marked();
    await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: 'video/mp4' }).expect(200);
    await piece(1, pieces[1] as Buffer).expect(200);
    expect(await held()).toEqual({ days: 30, bytes: BYTES, type: 'video/mp4', whole: false, has: [1] });
    // Other bytes than were announced are not kept.
    for (const [n, body] of [
      [0, pieces[1]],
      [1, pieces[0]],
      [0, Buffer.alloc(0)],
      [2, Buffer.alloc(10)],
    ] as const)
      expect((await piece(n, body as Buffer).expect(422)).body.error).toBe('wrong-piece');
    await piece(0, Buffer.alloc(CLIP_LIMITS.piece + 1)).expect(413);
    await piece(-1, pieces[1] as Buffer).expect(400);
    expect((await owner.get('/films').expect(200)).body[0].held).toBeNull();
    await Promise.all([piece(0, pieces[0] as Buffer).expect(200), piece(1, pieces[1] as Buffer).expect(200)]);
    expect((await held()).whole).toBe(true);
    expect((await owner.get('/films').expect(200)).body[0].held).toBe(BYTES);
    const back = await Promise.all(
      [0, 1].map(async (n) => (await owner.get(`/films/${CLIP}/clip/${n}`).buffer(true).expect(200)).body as Buffer),
    );
    expect(Buffer.concat(back).equals(Buffer.concat(pieces))).toBe(true);
    await owner.get(`/films/${CLIP}/clip/2`).expect(404);
  });

  it('are one club’s, and taken away leave what was marked', async () => {
    await rules(30);
    await marked();
    await whole();
    const other = await Coach.of(house, 'Other');
    await other.get(`/films/${CLIP}/clip/0`).expect(404);
    await other.delete(`/films/${CLIP}/clip`).expect(404);
    expect(((await other.get(`/films/${CLIP}/clip`).expect(200)).body as ClipHeld).bytes).toBeNull();
    await owner.delete(`/films/${CLIP}/clip`).expect(204);
    await owner.get(`/films/${CLIP}`).expect(200);
    expect(await left()).toBe(0);
  });

  it('go with whom they show, with what was marked, after their days, and when the rule is taken back', async () => {
    await rules(30);
    const ada = athlete({ name: 'Ada' });
    await owner.put(`/athletes/${ada.id}`, ada).expect(201);
    await marked({ athlete: ada.id });
    await whole();
    await owner.post(`/athletes/${ada.id}/erase`, { name: 'Ada' }).expect(204);
    expect(await left()).toBe(0);

    await marked();
    await whole();
    await owner.delete(`/films/${CLIP}`).expect(204);
    expect(await left()).toBe(0);

    await marked();
    await whole();
    const older = (days: number): Promise<unknown> =>
      house.pool.query(
        'update film_clip set whole_at = whole_at - make_interval(days => $1), begun_at = begun_at - make_interval(days => $1)',
        [days],
      );
    await older(29);
    await keepAsLong(house.pool);
    expect(await left()).toBe(2);
    await older(2);
    await keepAsLong(house.pool);
    expect(await left()).toBe(0);

    await whole();
    await rules(0);
    await keepAsLong(house.pool);
    expect(await left()).toBe(0);
    // What did not come whole within a day goes too.
    await rules(30);
    await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: 'video/mp4' }).expect(200);
    await piece(0, pieces[0] as Buffer).expect(200);
    await keepAsLong(house.pool);
    expect(await left()).toBe(1);
    await older(2);
    await keepAsLong(house.pool);
    expect(await left()).toBe(0);
  });

  it('are no more than a club has room for', async () => {
    await rules(30);
    await marked();
    expect((await owner.put(`/films/${CLIP}/clip`, { bytes: CLIP_LIMITS.bytes + 1, type: '' }).expect(400)).body.error).toBe('bad-input');
    await run(house.pool, 'film-add', owner.clubId, 'd'.repeat(64), 'b', null, null, JSON.stringify(NO_WORK), 10);
    await house.pool.query('insert into film_clip (club_id, clip, bytes, type) values ($1, $2, $3, $4)', [
      ...[owner.clubId, 'd'.repeat(64), CLIP_LIMITS.club - BYTES + 1, ''],
    ]);
    expect((await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES, type: '' }).expect(409)).body.error).toBe('no-room-for-clips');
    await owner.put(`/films/${CLIP}/clip`, { bytes: BYTES - 1, type: '' }).expect(200);
  });
});
