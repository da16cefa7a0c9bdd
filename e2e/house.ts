import { join } from 'node:path';
import { backup } from '../scripts/lib/backup.mjs';
import { buildServer, buildWeb } from '../scripts/lib/build.mjs';
import { openHouse } from '../scripts/lib/house.mjs';

/** One application with the demo club for all tests that change nothing but what they made themselves. */
export default async function open(): Promise<() => Promise<void>> {
  await buildServer();
  await buildWeb();
  // A page that is not secure, as behind a proxy that speaks plain HTTP.
  process.env['HOPSK_NAMES'] = 'hall.test';
  const house = await openHouse();
  process.env['HOPSK_E2E_URL'] = house.url;
  process.env['HOPSK_E2E_DEMO'] = (await backup(house.databaseUrl, join(house.postgres.data, 'dump'), 1)).file;
  process.env['HOPSK_E2E_COACHES'] = join(house.postgres.data, 'demo/coaches.json');
  return () => house.stop();
}
