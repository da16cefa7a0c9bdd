import { openHouse } from '../../scripts/lib/house.mjs';
import { answers } from './answers.js';
import { signIn } from './ask.js';
import { clubFile } from './club-file.js';
import { engine, PERFORMER, SHORT } from './engine.js';
import { heapSlope } from './heap.js';
import { heavy } from './heavy.js';
import { library } from './library.js';
import { decisions } from './decisions.js';
import { evidence } from './evidence.js';
import { group } from './group.js';
import { firstLoads } from './load.js';
import { reach } from './reach.js';
import { sessions } from './sessions.js';
import { table, type Line } from './measure.js';
import { slowed } from './slowed.js';
import { taps } from './taps.js';
import { typing } from './typing.js';

/** Measures and prints; ends with 1 when a limit is not kept. */
const lines: Line[] = [...engine(), ...heavy(), ...sessions(), ...evidence()];
if (process.argv.includes('--long')) lines.push(...decisions(), heapSlope(SHORT, PERFORMER));
const house = await openHouse();
try {
  const ask = await signIn(house.url);
  lines.push(...(await firstLoads(house.url)), ...(await answers(ask)), ...(await taps(ask)));
  lines.push(...(await slowed(house.url, ask)), ...(await typing(house.url)), ...(await library(house.url)));
  lines.push(...(await clubFile(ask, house.pid, process.argv.includes('--long'))));
  lines.push(...(await reach(house, ask)));
  if (process.argv.includes('--long')) lines.push(...(await group(house, ask)));
} finally {
  await house.stop();
}
console.log(process.argv.includes('--json') ? JSON.stringify(lines) : table(lines));
if (lines.some((line) => line.limit !== null && line.value > line.limit)) process.exitCode = 1;
