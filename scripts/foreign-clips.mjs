import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { installDebian } from './lib/debian.mjs';
import { failed, root } from './lib/project.mjs';

/**
 * Makes the small clips that the desk's specs open as others wrote them: by a general encoder and muxer (ffmpeg, of Debian's package, which
 * is needed for this alone), each with its frame times as that package's prober gives them.
 * Usage: npm run foreign-clips
 */
const GREY = 'color=gray:s=64x48:r=30,format=yuv420p';
const [H264, NO_NOTE] = [
  ['-c:v', 'libx264', '-bf', '2', '-g', '12', '-x264-params', 'log-level=error'],
  ['-bsf:v', 'filter_units=remove_types=6'],
];
const CLIPS = {
  // In what phones film that are set to high efficiency.
  hevc: ['-frames:v', '8', '-c:v', 'libx265', '-tag:v', 'hvc1', '-x265-params', 'log-level=error:info=0'],
  // Held upright, with frames that lie in another order than they are seen.
  turned: ['-frames:v', '24', ...H264, ...NO_NOTE],
  // At 240 pictures a second that are shown at 30.
  slow: [...['-frames:v', '12', ...H264, ...NO_NOTE], ...['-movflags', 'use_metadata_tags', '-metadata', 'com.android.capture.fps=240']],
  // A camera that left pictures out in the dark.
  uneven: [
    ...[
      '-frames:v',
      '24',
      '-vf',
      "settb=1/90000,setpts='PTS+if(gte(N,6),0.1/TB,0)+if(gte(N,9),0.013/TB,0)'",
      '-fps_mode',
      'vfr',
      '-enc_time_base',
      '1:90000',
    ],
    ...[...H264, ...NO_NOTE],
  ],
};

function ran(command, args) {
  const done = spawnSync(command, ['-v', 'error', ...args]);
  if (done.status !== 0) throw new Error(String(done.stderr ?? done.error));
  return String(done.stdout);
}

function made(folder, name, how) {
  const file = join(folder, `${name}.mp4`);
  ran('ffmpeg', ['-y', '-f', 'lavfi', '-i', GREY, ...how, file]);
  if (name === 'turned') {
    // Its encoder leaves that out; what only copies writes it.
    const upright = join(folder, 'upright.mp4');
    ran('ffmpeg', ['-y', '-i', file, '-c', 'copy', '-metadata:s:v:0', 'rotate=90', upright]);
    return probed(upright);
  }
  return probed(file);
}

function probed(file) {
  const said = ran('ffprobe', ['-select_streams', 'v:0', '-show_entries', 'packet=pts_time', '-of', 'csv=p=0', file]);
  const stamps = said.split('\n').flatMap((line) => (line.trim() === '' ? [] : [Number.parseFloat(line)]));
  return { stamps: stamps.sort((a, b) => a - b), bytes: readFileSync(file).toString('base64') };
}

async function main() {
  if (spawnSync('ffmpeg', ['-version']).status !== 0) await installDebian(['ffmpeg'], 'ffmpeg');
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-clips-'));
  const clips = Object.fromEntries(Object.entries(CLIPS).map(([name, how]) => [name, made(folder, name, how)]));
  rmSync(folder, { recursive: true });
  const into = join(root, 'web/src/app/testing/foreign-clips.ts');
  const text = `// Made by \`npm run foreign-clips\`: not to be changed by hand.
/** Clips as a general encoder writes them, in base64, with their frame times (s) as its prober gives them. */
export const FOREIGN_CLIPS = ${JSON.stringify(clips)};
`;
  writeFileSync(into, await format(text, { ...(await resolveConfig(into)), parser: 'typescript' }));
}

main().catch(failed);
