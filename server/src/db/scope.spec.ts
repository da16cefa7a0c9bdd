import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { openHouse, type House } from '../testing/house.js';
import { migrate } from './migrate.js';
import { isAway, openPool, transaction } from './pool.js';
import { migrations, one, run } from './sql.js';

const folder = fileURLToPath(new URL('../../sql/queries/', import.meta.url));
const queries = readdirSync(folder).map((name) => ({ name, text: readFileSync(folder + name, 'utf8') }));
const OWNED = ['athlete', 'pattern', 'run', 'run_athlete', 'run_event', 'tally', 'praise', 'coach', 'teaching', 'pattern_version'];
/** Whom a sign-in is for is not known before it: these three find the club, and nothing else. */
const BEFORE_SIGN_IN = ['coach-by-email.sql', 'demo-coach.sql', 'door.sql'];

describe('every row belongs to a club', () => {
  it('each query on the club’s tables says whose they are, first parameter first', () => {
    const asked = queries.filter(
      ({ name, text }) =>
        !BEFORE_SIGN_IN.includes(name) && OWNED.some((table) => new RegExp(`\\b(from|join|into|update)\\s+${table}\\b`, 'i').test(text)),
    );
    expect(asked.length).toBeGreaterThan(25);
    for (const { name, text } of asked) {
      const scoped = /club_id\s*=\s*\$1\b/.test(text) || /insert into \w+ \(club_id,/.test(text);
      expect(scoped).withContext(name).toBeTrue();
    }
  });

  it('no query is put together from text: each value is a parameter', () => {
    for (const { name, text } of queries)
      expect(text)
        .withContext(name)
        .not.toMatch(/\$\{|%s|\|\|\s*'/);
  });

  it('the club leads the key of each table it owns', async () => {
    const house = await openHouse();
    const { rows } = await house.pool.query<{ table: string; first: string }>(
      `select c.relname as "table", a.attname as first from pg_index i join pg_class c on c.oid = i.indrelid
       join pg_attribute a on a.attrelid = c.oid and a.attnum = i.indkey[0] where i.indisprimary`,
    );
    const first = new Map(rows.map((row) => [row.table, row.first]));
    for (const table of OWNED) expect(first.get(table)).withContext(table).toBe('club_id');
    await house.close();
  });
});

describe('the database', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  it('servers that start together bring it up to date once', async () => {
    await house.pool.query('drop schema public cascade; create schema public');
    const applied = await Promise.all([migrate(house.pool), migrate(house.pool), migrate(house.pool)]);
    expect(applied.map((list) => list.length).sort()).toEqual([0, 0, migrations.length]);
  });

  it('a connection that dies in the middle of a transaction ends neither the process nor the pool', async () => {
    const pool = openPool(house.pool.options.connectionString ?? '', () => undefined);
    const dying = transaction(pool, async (db) => {
      const { rows } = await db.query('select pg_backend_pid() as pid');
      await house.pool.query('select pg_terminate_backend($1)', [rows[0]?.['pid']]);
      await db.query('select pg_sleep(5)');
    });
    await expectAsync(dying).toBeRejected();
    await dying.catch((error: unknown) => expect(isAway(error)).toBeTrue());
    expect(await transaction(pool, (db) => one<{ ok: number }>(db, 'ping'))).not.toBeNull();
    await pool.end();
  });

  it('a transaction is all of it or nothing, and gives its connection back', async () => {
    const count = async (): Promise<number | undefined> =>
      (await one<{ n: number }>(house.pool, 'ping').then(() => house.pool.query<{ n: number }>('select count(*)::int as n from club')))
        .rows[0]?.n;
    for (let i = 0; i < 15; i++) {
      await expectAsync(
        transaction(house.pool, async (db) => {
          await run(db, 'club-add', crypto.randomUUID(), 'Half', false);
          throw new Error('in the middle');
        }),
      ).toBeRejectedWithError('in the middle');
    }
    expect(await count()).toBe(0);
    expect(house.pool.idleCount).toBe(house.pool.totalCount);
  });

  it('a query that is not there is our own mistake, said by name', async () => {
    await expectAsync(run(house.pool, 'nothing-of-ours')).toBeRejectedWithError(/no query nothing-of-ours\.sql/);
  });

  it('a connection that is cut while idle does not end the server', async () => {
    const lost: string[] = [];
    const url = new URL(process.env['HOPSK_TEST_DATABASE'] ?? '');
    const pool = openPool(url.href, (error) => lost.push(error.name));
    const { rows } = await pool.query<{ pid: number }>('select pg_backend_pid() as pid');
    const gone = new Promise((done) => pool.once('remove', done));
    await house.pool.query('select pg_terminate_backend($1)', [rows[0]?.pid]);
    await gone;
    expect(lost.length).toBe(1);
    expect((await pool.query('select 1')).rowCount).toBe(1);
    await pool.end();
  });
});
