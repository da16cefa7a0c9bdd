import { parseArgs } from 'node:util';
import { attack } from './lib/attack.mjs';
import { buildServer } from './lib/build.mjs';
import { openHouse } from './lib/house.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { failed, Plain } from './lib/project.mjs';

const USAGE =
  'Usage: npm run attack [-- --requests N]  (2,000 of a kind where nothing is said; a house of its own on this machine, and no other)';

/** Attacks a house that it starts itself and throws away, and prints what was answered. */
async function main() {
  const { values } = parseArgs({ options: { requests: { type: 'string', default: '2000' } } });
  const n = Number(values.requests);
  if (!Number.isInteger(n) || n < 10 || n > 100_000) throw new Plain(USAGE);
  await ensurePackages();
  await buildServer();
  const house = await openHouse();
  try {
    const { all, wrong } = await attack({ url: house.url, n });
    for (const { what, sent, counts, faults, slowest } of all) {
      const said = [...counts].sort(([a], [b]) => a - b).map(([status, times]) => `${status === 0 ? 'cut off' : status} ${times}`);
      console.log(`${what}: ${sent} sent, ${faults} faults, slowest ${Math.round(slowest)} ms (${said.join(', ')})`);
    }
    for (const one of wrong) console.error(`WRONG: ${one}`);
    console.log(wrong.length === 0 ? 'Nothing came through.' : `${wrong.length} came through.`);
    if (wrong.length > 0) process.exitCode = 1;
  } finally {
    await house.stop();
  }
}

main().catch(failed);
