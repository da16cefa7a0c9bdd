import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MOVE_WORDS } from '@hopsk/core/language/moves';
import { ENGLISH } from '@hopsk/core/language/english';
import { encoded } from '../web/src/app/ports/adpcm.ts';
import { wordsIn } from '../web/src/app/ports/clip-words.ts';
import { trimmed } from '../web/src/app/ports/trimmed.ts';
import { plan } from '../words/en/plan.ts';
import { root } from './lib/project.mjs';

/**
 * Makes the spoken words of the clock: each word of what is said on a beat, called and counted as a short clip, all of them in one file
 * with their places beside it. By espeak-ng, from Debian's package of that name, which is needed for this alone.
 * Usage: npm run clips
 */
const LIMIT = 2_000_000;
const { spoken, stay } = plan.plan;
const counted = Array.from({ length: 30 }, (_, i) => String(i + 1));
/** What coaches call, beside directions and moves (common practice, no source). */
const CALLED =
  'front back middle centre corner line net wall fence side forehand backhand playing other lead rear high low short deep wide straight across cross body home out up down ' +
  'red blue green yellow white black one two three four five six seven eight nine ten A B C D E F go work rest change ready set round stage last half way now next again hold ' +
  'slow quick easy hard hook jab straight uppercut block parry slip hit guard check stopped coming still attack answer exit in';
const said = [
  ...counted,
  ...Object.values(ENGLISH.directions).map(([word]) => word),
  ...MOVE_WORDS,
  ...Object.values(spoken).flat(),
  stay,
  CALLED,
].flatMap((text) => wordsIn(String(text).replace('{name}', '')));
const words = [...new Set(said)].sort();

/** A word as samples, −1…1, without the silence before and behind it; at 22.05 kHz, as espeak-ng speaks. */
function samplesOf(folder, word) {
  const file = join(folder, 'word.wav');
  const done = spawnSync('espeak-ng', ['-v', 'en-gb', '-s', '170', '-a', '180', '-w', file, word]);
  if (done.status !== 0) throw new Error('espeak-ng is needed: apt-get install espeak-ng');
  const wav = readFileSync(file);
  const data = wav.indexOf('data') + 8;
  const samples = Float32Array.from({ length: (wav.length - data) >> 1 }, (_, i) => wav.readInt16LE(data + 2 * i) / 32768);
  return trimmed(samples, 0.01) ?? samples;
}

const folder = mkdtempSync(join(tmpdir(), 'hopsk-clips-'));
try {
  const parts = [];
  const places = {};
  let at = 0;
  for (const word of words) {
    const samples = samplesOf(folder, word);
    const bytes = encoded(samples);
    places[word] = [at, samples.length];
    parts.push(bytes);
    at += bytes.length;
  }
  const out = join(root, 'web/public/clips');
  mkdirSync(out, { recursive: true });
  writeFileSync(join(out, 'en.bin'), Buffer.concat(parts));
  writeFileSync(join(out, 'en.json'), `${JSON.stringify({ rate: 22050, words: places })}\n`);
  const bytes = statSync(join(out, 'en.bin')).size + statSync(join(out, 'en.json')).size;
  console.log(`${words.length} words, ${Math.round(bytes / 1000)} kB`);
  if (bytes > LIMIT) throw new Error(`That is more than ${LIMIT} bytes.`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
