import { openHouse } from '../../scripts/lib/house.mjs';
import { answers } from './answers.js';
import { signIn, type Ask } from './ask.js';
import { clubFile } from './club-file.js';
import { engine, PERFORMER, SHORT } from './engine.js';
import { hall } from './hall.js';
import { heapSlope } from './heap.js';
import { heavy } from './heavy.js';
import { library } from './library.js';
import { decisions } from './decisions.js';
import { evidence } from './evidence.js';
import { group } from './group.js';
import { film } from './film.js';
import { firstLoads } from './load.js';
import { reach } from './reach.js';
import { sessions } from './sessions.js';
import { table, type Line } from './measure.js';
import { slowed } from './slowed.js';
import { sound } from './sound.js';
import { taps } from './taps.js';
import { typing } from './typing.js';

const long = process.argv.includes('--long');
const json = process.argv.includes('--json');
/** Parts that are wanted; none named: all. */
const wanted = process.argv.slice(2).filter((one) => !one.startsWith('--'));

type House = Awaited<ReturnType<typeof openHouse>>;
/** What needs a running club is given one; what is long only where it is asked for. */
const ALONE: Readonly<Record<string, () => Line[]>> = {
  engine,
  heavy,
  sessions,
  evidence,
  ...(long && { decisions, heap: () => [heapSlope(SHORT, PERFORMER)] }),
};
const IN_HOUSE: Readonly<Record<string, (house: House, ask: Ask) => Promise<Line[]>>> = {
  load: ({ url }) => firstLoads(url),
  answers: (_, ask) => answers(ask),
  taps: (_, ask) => taps(ask),
  slowed: ({ url }, ask) => slowed(url, ask),
  hall: ({ url }, ask) => hall(url, ask),
  film: () => film(),
  sound: ({ url }, ask) => sound(url, ask),
  typing: ({ url }) => typing(url),
  library: ({ url }) => library(url),
  file: ({ pid }, ask) => clubFile(ask, pid, long),
  reach,
  ...(long && { group }),
};
const isWanted = ([name]: readonly [string, unknown]): boolean => wanted.length === 0 || wanted.includes(name);

/** Measures and prints each part when it is done; ends with 1 when a limit is not kept. */
const lines: Line[] = [];
const note = (measured: readonly Line[]): void => {
  lines.push(...measured);
  if (!json) console.log(table(measured));
};
const unknown = wanted.filter((one) => !Object.hasOwn(ALONE, one) && !Object.hasOwn(IN_HOUSE, one));
if (unknown.length > 0)
  throw new Error(`There is no ${unknown.join(', ')}: ${[...Object.keys(ALONE), ...Object.keys(IN_HOUSE)].join(', ')}`);
for (const [, measure] of Object.entries(ALONE).filter(isWanted)) note(measure());
const inHouse = Object.entries(IN_HOUSE).filter(isWanted);
if (inHouse.length > 0) {
  const house = await openHouse();
  try {
    const ask = await signIn(house.url);
    for (const [, measure] of inHouse) note(await measure(house, ask));
  } finally {
    await house.stop();
  }
}
if (json) console.log(JSON.stringify(lines));
if (lines.some((line) => line.limit !== null && line.value > line.limit)) process.exitCode = 1;
