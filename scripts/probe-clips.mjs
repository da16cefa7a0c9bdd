import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DRAWN } from '@hopsk/core/film/drawn-names';
import { drawnFilm } from '@hopsk/core/film/drawn';
import { BufferSource, EncodedPacketSink, Input, MP4, WEBM } from 'mediabunny';
import { installDebian } from './lib/debian.mjs';
import { failed, root } from './lib/project.mjs';

/**
 * Holds the frame times that the film desk reads of the clips that ship against those of a general media prober (ffprobe, of Debian's
 * package ffmpeg, which is needed for this alone), and both against when they were drawn.
 * Usage: npm run probe-clips
 */
/** A container counts in steps of its own: a WebM in milliseconds. */
const WITHIN = 0.0006;

function probed(file) {
  const done = spawnSync('ffprobe', [
    ...['-v', 'error', '-select_streams', 'v:0', '-show_entries', 'packet=pts_time', '-of', 'csv=p=0', file],
  ]);
  if (done.status !== 0) throw new Error(String(done.stderr ?? done.error));
  const stamps = String(done.stdout)
    .split('\n')
    .flatMap((line) => (line.trim() === '' ? [] : [Number.parseFloat(line)]));
  return stamps.sort((a, b) => a - b);
}

/** As the page reads them: `web/src/app/compute/clip.ts`. */
async function read(file) {
  const input = new Input({ source: new BufferSource(readFileSync(file)), formats: [MP4, WEBM] });
  const track = await input.getPrimaryVideoTrack();
  const stamps = [];
  for await (const { timestamp } of new EncodedPacketSink(track).packets(undefined, undefined, { metadataOnly: true }))
    stamps.push(timestamp);
  input.dispose();
  return stamps.sort((a, b) => a - b);
}

const fromFirst = (stamps) => stamps.map((one) => one - stamps[0]);

async function main() {
  if (spawnSync('ffprobe', ['-version']).status !== 0) await installDebian(['ffmpeg'], 'ffmpeg');
  for (const [name, ending] of Object.entries(DRAWN)) {
    const file = join(root, 'web/public/films', `${name}.${ending}`);
    const [theirs, ours, drawn] = [fromFirst(probed(file)), fromFirst(await read(file)), drawnFilm(name).frames];
    if (theirs.length !== ours.length) throw new Error(`${name}: ${theirs.length} frames by the prober, ${ours.length} by us`);
    const most = (other) => Math.max(...ours.map((at, i) => Math.abs(at - other[i])));
    const [apart, off] = [most(theirs), most(drawn)];
    console.log(
      `${name}: ${ours.length} frames, ${(apart * 1e6).toFixed(0)} µs from the prober, ${(off * 1e6).toFixed(0)} µs from the drawing`,
    );
    if (!(apart < 1e-5 && off < WITHIN)) throw new Error(`${name}: the frame times differ`);
  }
}

main().catch(failed);
