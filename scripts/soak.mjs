import { spawn } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { join } from 'node:path';
import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { failed, node, Plain, root } from './lib/project.mjs';

const USAGE =
  'Usage: npm run soak [-- --taps N] [--seed N] [--burst N]  (1,000 taps, one at a time, by a fresh seed where nothing is said)';
const MOST = { taps: 1_000_000, seed: 2 ** 31, burst: 200 };

/** Three devices and whatever can happen to them, for longer than in the tests; the same seed asks for the same. */
async function main() {
  const said = { taps: 1000, seed: randomInt(MOST.seed), burst: 1 };
  const words = process.argv.slice(2);
  for (let at = 0; at < words.length; at += 2) {
    const name = words[at]?.replace(/^--/, '');
    const number = Number(words[at + 1]);
    if (!Object.hasOwn(said, name) || !Number.isInteger(number) || number < 1 || number > MOST[name]) throw new Plain(USAGE);
    said[name] = number;
  }
  await ensurePackages();
  const executablePath = await ensureChromium();
  const child = spawn(
    node,
    [join(root, 'node_modules/@playwright/test/cli.js'), 'test', 'soak', '--config', 'e2e/playwright.config.ts', '--reporter', 'line'],
    {
      cwd: root,
      stdio: 'inherit',
      env: {
        ...process.env,
        CHROME_BIN: executablePath,
        HOPSK_SOAK_TAPS: String(said.taps),
        HOPSK_SOAK_SEED: String(said.seed),
        HOPSK_SOAK_BURST: String(said.burst),
      },
    },
  );
  child.once('exit', (code) => process.exit(code ?? 1));
}

main().catch(failed);
