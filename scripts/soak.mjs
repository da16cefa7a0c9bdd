import { spawn } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { join } from 'node:path';
import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { failed, node, Plain, root } from './lib/project.mjs';

const USAGE = 'Usage: npm run soak [-- --taps N] [--seed N]  (1,000 taps by a fresh seed where nothing is said)';
const MOST_TAPS = 1_000_000;

/** Three devices and whatever can happen to them, for longer than in the tests; the same seed asks for the same. */
async function main() {
  const said = { taps: 1000, seed: randomInt(2 ** 31) };
  const words = process.argv.slice(2);
  for (let at = 0; at < words.length; at += 2) {
    const name = words[at]?.replace(/^--/, '');
    const number = Number(words[at + 1]);
    if (!Object.hasOwn(said, name) || !Number.isInteger(number) || number < 1 || number > (name === 'taps' ? MOST_TAPS : 2 ** 31))
      throw new Plain(USAGE);
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
      env: { ...process.env, CHROME_BIN: executablePath, HOPSK_SOAK_TAPS: String(said.taps), HOPSK_SOAK_SEED: String(said.seed) },
    },
  );
  child.once('exit', (code) => process.exit(code ?? 1));
}

main().catch(failed);
