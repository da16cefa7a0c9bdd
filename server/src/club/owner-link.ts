import { makeReady } from '../ready.js';
import { openPool } from '../db/pool.js';
import { one } from '../db/sql.js';
import type { Member } from '../http/sign-in.js';
import { makeWayIn } from './ways-in.js';

/** Makes a way in for an owner, for whoever sits at the machine. Usage: owner-link ORIGIN [ADDRESS] */
async function main(origin: string, email: string): Promise<void> {
  const pool = openPool(process.env['DATABASE_URL'] ?? '', () => undefined);
  try {
    await makeReady(pool);
    const owner = await one<Member & { name: string }>(pool, 'owner-to-link', email);
    if (!owner) {
      console.error(
        email === '' ? 'This server has no club yet: open it and make one.' : `No owner of a club here has the address ${email}.`,
      );
      process.exitCode = 1;
      return;
    }
    const { secret, until } = await makeWayIn(pool, owner);
    console.log(`For ${owner.name}, once, until ${new Date(until).toLocaleString()}:\n${origin}/welcome#${secret}`);
  } finally {
    await pool.end();
  }
}

await main(process.argv[2] ?? '', process.argv[3] ?? '');
