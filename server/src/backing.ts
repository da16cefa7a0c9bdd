import type { Counts } from './counting/counts.js';
import type { Pool } from './db/pool.js';

/** What stands behind the routes: the database, and who counts runs. */
export interface Backing {
  readonly pool: Pool;
  readonly counts: Counts;
}
