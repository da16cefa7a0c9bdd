import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { openHouse, type House } from '../testing/house.js';
import { unscoped } from '../testing/scope.js';
import { migrate } from './migrate.js';
import { isAway, openPool, transaction } from './pool.js';
import { migrations, one, run } from './sql.js';

const folder = fileURLToPath(new URL('../../sql/queries/', import.meta.url));
const queries = readdirSync(folder).map((name) => ({ name, text: readFileSync(folder + name, 'utf8') }));
/** Whom a sign-in is for is not known before it: these find the club, and nothing else. */
const BEFORE_SIGN_IN = [
  ...[
    'coach-by-email.sql',
    'demo-coach.sql',
    'door.sql',
    'owner-to-link.sql',
    'passkey-by-credential.sql',
    'run-by-code.sql',
    'way-in-by-hash.sql',
  ],
];

describe('every row belongs to a club', () => {
  let house: House;
  let owned: string[];
  beforeAll(async () => {
    house = await openHouse();
    const { rows } = await house.pool.query<{ table: string }>(
      `select table_name as "table" from information_schema.columns where table_schema = 'public' and column_name = 'club_id'`,
    );
    owned = rows.map((row) => row.table);
  });
  afterAll(() => house.close());

  it('each query on a table that has a club is held to the club that asks, joined tables too', () => {
    expect(owned.length).toBeGreaterThanOrEqual(12);
    expect(queries.length).toBeGreaterThan(40);
    for (const { name, text } of queries) if (!BEFORE_SIGN_IN.includes(name)) expect(unscoped(text, owned)).withContext(name).toEqual([]);
  });

  it('those before the sign-in are none but these, and what they give finds a club', () => {
    const loose = queries.filter(({ text }) => unscoped(text, owned).length > 0).map(({ name }) => name);
    expect(loose.sort()).toEqual([
      'coach-by-email.sql',
      'demo-coach.sql',
      'owner-to-link.sql',
      'passkey-by-credential.sql',
      'run-by-code.sql',
      'way-in-by-hash.sql',
    ]);
    for (const name of loose) expect(queries.find((one) => one.name === name)?.text).toMatch(/club_id as "clubId"/);
  });

  it('what is not held is found, however it hides', () => {
    const tables = ['athlete', 'run', 'tally', 'run_athlete'];
    for (const [sql, found] of [
      ['select name from athlete where id = $1', ['athlete']],
      ['select name from athlete a where a.club_id = $1', []],
      ['select 1 from tally join run on run.id = tally.run_id where tally.club_id = $1', ['run']],
      ['select 1 from tally join run on run.club_id = tally.club_id and run.id = tally.run_id where tally.club_id = $1', []],
      ['select id, (select count(*) from tally t where t.run_id = run.id) from run where run.club_id = $1', ['tally']],
      ['update athlete set name = $3 where id = $2', ['athlete']],
      ['delete from tally where club_id = $1 and run_id in (select id from run)', ['run']],
      ['insert into run_athlete (run_id, club_id) values ($1, $2)', ['run_athlete']],
      ['insert into athlete (club_id, id) values ($2, $1)', ['athlete']],
      ["select name from athlete where name = 'club_id = $1' -- club_id = $1", ['athlete']],
    ] as const)
      expect(unscoped(sql, tables))
        .withContext(sql)
        .toEqual([...found]);
  });

  it('no query is put together from text: each value is a parameter', () => {
    for (const { name, text } of queries)
      expect(text)
        .withContext(name)
        .not.toMatch(/\$\{|%s|\|\|\s*'/);
  });

  it('the club leads the key of each table that has one', async () => {
    const { rows } = await house.pool.query<{ table: string; first: string }>(
      `select c.relname as "table", a.attname as first from pg_index i join pg_class c on c.oid = i.indrelid
       join pg_attribute a on a.attrelid = c.oid and a.attnum = i.indkey[0] where i.indisprimary`,
    );
    const first = new Map(rows.map((row) => [row.table, row.first]));
    for (const table of owned) expect(first.get(table)).withContext(table).toBe('club_id');
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
