import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import { exchangesOf } from '@hopsk/core/judge/exchange';
import { study } from '@hopsk/core/judge/study';
import { parse } from '@hopsk/core/language/parse';
import { simulate } from '@hopsk/core/motion/simulate';
import type { Performer } from '@hopsk/core/motion/simulation';
import { floorView } from '@hopsk/core/view/floor-view';
import { median, timed, type Line } from './measure.js';

/** Who does the patterns that are measured. */
export const PERFORMER: Performer = {
  body: bodyOf({ height: 1.7 }),
  school: schoolOf('square-ready') ?? SCHOOLS[0],
  lead: null,
  playing: 'right',
};
export const SHORT = 'split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
const LONG = `(${SHORT}) 12`;
/** As many moves, each of them typed. */
const TYPED = Array.from({ length: 12 }, () => SHORT).join(', ');

/** The baseline: as many plain objects as the simulation makes contacts, with the same arithmetic once each, and no rules. */
function plain(moves: number): number {
  const feet: { x: number; y: number; toe: number; at: number }[] = [];
  for (let i = 0; i < moves * 2; i++) feet.push({ x: Math.sin(i) * 0.4, y: Math.cos(i) * 0.4, toe: i % 90, at: i * 0.22 });
  return feet.reduce((sum, foot) => sum + Math.hypot(foot.x, foot.y) + foot.toe + foot.at, 0);
}

/** Parsing, simulating, studying and drawing, against plain arithmetic on as many foot contacts in the same run. */
export function engine(): Line[] {
  const moves = simulate(parse(LONG), PERFORMER).moves.length;
  const long = median(timed(300, () => simulate(parse(LONG), PERFORMER)));
  const short = median(timed(1000, () => simulate(parse(SHORT), PERFORMER)));
  const typed = median(timed(300, () => simulate(parse(TYPED), PERFORMER)));
  const whole = median(timed(60, () => study(LONG, PERFORMER, true)));
  const seen = study(LONG, PERFORMER, true);
  const drawn = median(timed(60, () => floorView(seen.simulation)));
  // A partner who follows, and who could touch whom at every moment.
  const exchange = median(timed(60, () => exchangesOf(study(`partner at 1.4 m ahead follows\n${LONG}`, PERFORMER, true).simulation, 0.05)));
  const baseline = median(timed(1000, () => plain(moves)));
  return [
    { name: `${moves} moves parsed and simulated`, value: long, unit: 'ms', baseline, limit: 5 },
    { name: `${moves} moves typed out, read and simulated`, value: typed, unit: 'ms', baseline, limit: 1 },
    // A thousand a second.
    { name: 'a short pattern parsed and simulated', value: short, unit: 'ms', baseline, limit: 1 },
    { name: `${moves} moves studied: states, findings, drift`, value: whole, unit: 'ms', baseline, limit: 8 },
    { name: `${moves} moves of two bodies, studied, with who could touch whom`, value: exchange, unit: 'ms', baseline, limit: 20 },
    { name: `${moves} moves laid out on the floor`, value: drawn, unit: 'ms', baseline, limit: null },
  ];
}
