import { randomInt } from 'node:crypto';
import { ensureChromium } from './lib/chromium.mjs';
import { help, testOptions } from './lib/options.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ensurePostgres } from './lib/postgres.mjs';
import { Plain } from './lib/project.mjs';
import { STAGES } from './lib/stages.mjs';

/**
 * Everything that must hold, in stages, as many beside each other as there are cores; none begins after one has failed.
 * Ends with 'N passed, N failed' over all stages run.
 */
const CORES = 2;
const sum = { passed: 0, failed: 0 };
const troubles = [];
/** How long each took, said once more at the end: a long output is cut at its front. */
const took = [];

/** Runs one stage to its end; its failure is kept, so that what runs beside it may end by itself. */
async function stage({ name, run }, options) {
  const began = Date.now();
  console.log(`${name} …`);
  const result = await Promise.resolve()
    .then(() => run(options))
    .catch((error) => ({ passed: 0, failed: 1, output: error instanceof Plain ? error.message : (error.stack ?? String(error)) }));
  const { passed, failed, output = '', note = null } = result ?? { passed: 0, failed: 0 };
  sum.passed += passed;
  sum.failed += failed;
  const seconds = ((Date.now() - began) / 1000).toFixed(1);
  took.push(`${name} ${seconds} s`);
  console.log(`${name}: ${failed > 0 ? 'FAILED' : 'ok'}, ${passed} passed, ${failed} failed (${seconds} s)${note ? ` ${note}` : ''}`);
  if (failed === 0) return;
  console.error(`\n${output.trim().slice(-16000)}\n\nThe stage ‘${name}’ failed.`);
  troubles.push(name);
}

/** Begins each stage as soon as it has its cores, in order. */
async function all(stages, options) {
  const running = new Map();
  let free = CORES;
  for (const next of stages) {
    while (free < next.cores && running.size > 0) await Promise.race(running.values());
    if (troubles.length > 0) break;
    free -= next.cores;
    running.set(
      next,
      stage(next, options).then(() => {
        running.delete(next);
        free += next.cores;
      }),
    );
  }
  await Promise.all(running.values());
}

async function main() {
  const asked = testOptions(process.argv.slice(2));
  if (asked.help) return console.log(help);
  const unknown = asked.stages.filter((name) => !STAGES.some((known) => known.name === name));
  if (unknown.length > 0) throw new Plain(`There is no stage ${unknown.join(', ')}. Stages: ${STAGES.map(({ name }) => name).join(', ')}.`);
  if (asked.long) Object.assign(process.env, { HOPSK_CASES: '3000', HOPSK_SEED: process.env.HOPSK_SEED ?? String(randomInt(1e9)) });
  const wanted = STAGES.filter(({ name }) => asked.stages.length === 0 || asked.stages.includes(name));
  const options = () => ({ only: asked.only, show: wanted.length === 1, order: process.env.HOPSK_ORDER ?? String(randomInt(1e5)) });
  await stage(
    {
      name: 'tools',
      run: async () => {
        await ensurePackages();
        await ensurePostgres();
        process.env.CHROME_BIN = await ensureChromium();
      },
    },
    options(),
  );
  for (let time = 1; time <= asked.repeat && troubles.length === 0; time++) {
    if (asked.repeat > 1) console.log(`\n${time} of ${asked.repeat}`);
    await all(
      wanted.filter(({ chance }) => time === 1 || chance),
      options(),
    );
  }
}

await main().catch((error) => {
  // What could not even begin has failed as well.
  sum.failed += 1;
  console.error(error instanceof Plain ? `\n${error.message}` : error);
});
console.log(`\n${took.join(', ')}\n\n${sum.passed} passed, ${sum.failed} failed`);
process.exit(sum.failed === 0 ? 0 : 1);
