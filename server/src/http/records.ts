import { ListAsked, type Latest } from '@hopsk/contract/list';
import type { Hint } from '@hopsk/contract/live';
import type { Router } from 'express';
import type * as z from 'zod/mini';
import { transaction, type Pool } from '../db/pool.js';
import { run, type Db } from '../db/sql.js';
import { hint } from '../live/hints.js';
import { HttpProblem, idOf, notFound, read } from './problem.js';
import { actorOf, type Actor } from './sign-in.js';
import { refuseStale } from './versioned.js';

/** Kinds of records that pages list. */
type Kind = Extract<Hint, { record: string }>['record'];

/** What was saved is saved, whether others hear of it or not. */
const saved = (pool: Pool, clubId: string, what: Hint): Promise<void> => hint(pool, clubId, what).catch(() => undefined);

interface Versioned {
  readonly version: number;
}

interface Saving<Sent, Kept> {
  add(db: Db, clubId: string, record: Sent): Promise<Kept | null>;
  save(db: Db, clubId: string, record: Sent): Promise<Kept | null>;
  get(db: Db, clubId: string, id: string): Promise<Kept | null>;
  /** Throws where it may not be saved. */
  allow?(db: Db, clubId: string, record: Sent): Promise<void>;
  /** Told when somebody saved it. */
  changed?(db: Db, actor: Actor, id: string): Promise<void>;
}

/**
 * GET /PATH: the club's records, or those of them that are asked for by `ids`; GET /PATH/latest: when each was saved last, so that a
 * page asks for no record that it has.
 * @param only whom of them somebody may read of; null: all.
 * @param told what somebody is told of one of them.
 */
export function listRoutes<Kept>(
  router: Router,
  pool: Pool,
  path: string,
  what: Kind,
  list: (db: Db, clubId: string, ids: readonly string[] | null) => Promise<Kept[]>,
  only: (actor: Actor) => Promise<ReadonlySet<string> | null> = () => Promise.resolve(null),
  told: (actor: Actor, record: Kept) => Kept = (_, record) => record,
): void {
  router.get(`/${path}`, async (request, response) => {
    const actor = actorOf(request);
    const { ids } = read(ListAsked, request.query);
    const may = await only(actor);
    const records = await list(pool, actor.clubId, may ? (ids ?? [...may]).filter((id) => may.has(id)) : ids);
    response.json(records.map((record) => told(actor, record)));
  });
  router.get(`/${path}/latest`, async (request, response) => {
    const actor = actorOf(request);
    const may = await only(actor);
    const latest = await run<Latest[number]>(pool, `${what}-latest`, actor.clubId);
    response.json(may ? latest.filter(({ id }) => may.has(id)) : latest);
  });
}

/**
 * PUT /PATH/:id for records with a version: 0 makes it, a later one replaces exactly that version, an older one is
 * refused with what changed. Making the same record twice gives the one that is there.
 */
export function saveRoutes<Schema extends z.ZodMiniType<{ id: string; version: number }>, Kept extends Versioned>(
  router: Router,
  pool: Pool,
  path: string,
  what: Kind,
  schema: Schema,
  saving: Saving<z.infer<Schema>, Kept>,
): void {
  router.put(`/${path}/:id`, async (request, response) => {
    const actor = actorOf(request);
    const { clubId } = actor;
    const id = idOf(request, what);
    const sent = read(schema, request.body);
    if (sent.id !== id) throw new HttpProblem(400, { code: 'id-differs', values: {} });
    const kept = await transaction(pool, async (db) => {
      await saving.allow?.(db, clubId, sent);
      const now = sent.version === 0 ? await saving.add(db, clubId, sent) : await saving.save(db, clubId, sent);
      // Saved and noted, or neither.
      if (now) await saving.changed?.(db, actor, id);
      return now;
    });
    if (!kept) refuseStale(what, sent, await saving.get(pool, clubId, id));
    await saved(pool, clubId, { record: what, id, version: kept.version });
    response.status(sent.version === 0 ? 201 : 200).json(kept);
  });
}

/** POST /PATH/:id/archive and /restore: nothing is deleted. */
export function archiveRoute<Kept extends Versioned>(
  router: Router,
  pool: Pool,
  path: string,
  what: Kind,
  archive: (db: Db, clubId: string, id: string, archived: boolean) => Promise<Kept | null>,
  changed: Saving<never, Kept>['changed'] = () => Promise.resolve(),
): void {
  for (const [verb, archived] of [
    ['archive', true],
    ['restore', false],
  ] as const) {
    router.post(`/${path}/:id/${verb}`, async (request, response) => {
      const actor = actorOf(request);
      const { clubId } = actor;
      const id = idOf(request, what);
      const kept = await transaction(pool, async (db) => {
        const now = await archive(db, clubId, id, archived);
        if (now) await changed(db, actor, id);
        return now;
      });
      if (!kept) throw notFound(what);
      await saved(pool, clubId, { record: what, id, version: kept.version });
      response.json(kept);
    });
  }
}
