import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

/** Runs that are really kept, and copies made of each of them. */
const [RUNS, COPIES] = [45, 150];

interface Asked {
  readonly text: string;
  readonly values: unknown[];
}

/** What the plan of a query read, in pages of the database. */
async function pagesOf(client: pg.Client, { text, values }: Asked): Promise<number> {
  await client.query('begin');
  try {
    const { rows } = await client.query<Record<string, [{ Plan: Record<string, number> }]>>(
      `explain (analyze, buffers, format json) ${text}`,
      values,
    );
    const plan = rows[0]?.['QUERY PLAN']?.[0].Plan ?? {};
    return (plan['Shared Hit Blocks'] ?? 0) + (plan['Shared Read Blocks'] ?? 0);
  } catch (error) {
    // What was added by the request cannot be added again.
    if ((error as { code?: unknown }).code === '23505') return 0;
    throw error;
  } finally {
    await client.query('rollback');
  }
}

/** Copies each run of the club with all that belongs to it, a day earlier each time. */
async function multiply(client: pg.Client, clubId: string): Promise<void> {
  const { rows } = await client.query<{ table: string; column: string }>(
    `select table_name as "table", column_name as "column" from information_schema.columns
     where table_schema = 'public' and is_generated = 'NEVER' and is_identity = 'NO'
       and table_name in (select table_name from information_schema.columns where column_name = 'run_id' and table_schema = 'public' union select 'run')
     order by ordinal_position`,
  );
  await client.query(
    `create temp table copy as select id as old, gen_random_uuid() as new, n from run cross join generate_series(1, ${COPIES}) n where club_id = '${clubId}'`,
  );
  const anew: Record<string, string> = {
    run_id: 'copy.new',
    'run.id': 'copy.new',
    'run.started_at': `started_at - copy.n * interval '1 day'`,
  };
  for (const table of ['run', ...new Set(rows.map((row) => row.table).filter((one) => one !== 'run'))]) {
    const columns = rows.filter((row) => row.table === table).map(({ column }) => column);
    const values = columns.map(
      (column) => anew[`${table}.${column}`] ?? anew[column] ?? (column === 'id' ? 'gen_random_uuid()' : `"${column}"`),
    );
    const of = table === 'run' ? 'run.id' : `${table}.run_id`;
    await client.query(
      `insert into ${table} (${columns.map((one) => `"${one}"`).join()}) select ${values.join()} from ${table} join copy on copy.old = ${of} where club_id = '${clubId}'`,
    );
  }
  await client.query('analyze');
}

describe('what a request reads of the database', () => {
  let house: House;
  let coach: Coach;
  let client: pg.Client;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Large');
    client = new pg.Client(house.pool.options);
    await client.connect();
  });
  afterAll(async () => {
    await client.end();
    await house.close();
  });

  it('does not grow with what the club has: a tap, its first page of runs, a page far back, what is under way, one run', async () => {
    const ada = athlete({ id: randomUUID() });
    await coach.put(`/athletes/${ada.id}`, ada).expect(201);
    const kept = Array.from({ length: RUNS }, (_, i) =>
      ran(ada.id, [1.5, 5.5], { startedAt: new Date(Date.UTC(2026, 9, 1, 8, i)).toISOString() }),
    );
    for (const run of kept) await coach.keep(run);
    const { run, events } = kept.at(-1) as (typeof kept)[number];
    let seq = events.length;
    const tap = () => {
      seq++;
      const stamp = { id: randomUUID(), device: events[0]?.device, seq, order: seq, m: 7000, at: 0 };
      const fault = { kind: 'fault', fault: 'split-late', side: null, athlete: ada.id, source: 'floor', clip: null, shown: null };
      return coach.post(`/runs/${run.id}/events`, { events: [{ ...stamp, ...fault }] });
    };
    // Forty before it, of the few as of the many.
    let back = '2026-10-01T08:43:00Z';
    const requests: Record<string, () => PromiseLike<{ status: number }>> = {
      'a tap': tap,
      'runs, the first page': () => coach.get('/runs'),
      'runs, far back': () => coach.get(`/runs?before=${back}`),
      'under way': () => coach.get('/runs/open'),
      'one run': () => coach.get(`/runs/${run.id}`),
      'its events': () => coach.get(`/runs/${run.id}/events?after=0`),
    };
    await tap();
    const query = spyOn(pg.Client.prototype, 'query' as never).and.callThrough() as unknown as jasmine.Spy;
    const pages = async (): Promise<Map<string, number>> => {
      const read = new Map<string, number>();
      for (const [what, request] of Object.entries(requests)) {
        query.calls.reset();
        expect((await request()).status).toBe(200);
        const asked = query.calls
          .allArgs()
          .flatMap(([text, values]: unknown[]): Asked[] =>
            typeof text === 'string' && Array.isArray(values) && /^\s*(--.*\n)*\s*(select|with|insert|update|delete)/i.test(text)
              ? [{ text, values }]
              : [],
          );
        for (const one of asked) {
          const name = `${what}: ${one.text.replace(/\s+/g, ' ').slice(0, 70)}`;
          read.set(name, Math.max(read.get(name) ?? 0, await pagesOf(client, one)));
        }
      }
      return read;
    };
    const before = await pages();
    await multiply(client, coach.clubId);
    back = '2026-06-10T08:43:00Z';
    const after = await pages();
    expect(after.size).toBeGreaterThan(20);
    for (const [name, n] of after)
      expect(n)
        .withContext(name)
        .toBeLessThan(2 * (before.get(name) ?? 0) + 20);
  });
});
