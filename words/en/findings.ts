import type { FindingCode } from '@hopsk/core/judge/finding';
import type { FindingMessages } from '@hopsk/core/judge/messages';
import type { Says } from '../say.js';
import { areas } from './areas.js';
import { long, ms, percent } from './numbers.js';

const SIDES = { left: 'left', right: 'right' };
const DONE = { begin: 'begin', end: 'end' };

const whatCounted: Readonly<Record<FindingMessages['too-many']['counted'], string>> = {
  moves: 'moves: it was followed up to there',
  brackets: 'brackets opened: it was followed up to there',
  things: 'things on the floor: the others were left out',
  partners: 'partners with steps of their own: the others stand still',
  hits: 'hits: they were counted up to there',
  events: 'events: they were followed up to there',
  findings: 'findings: these are the gravest',
};

/** What a finding means, whatever its numbers. */
const means: Readonly<Record<FindingCode, string>> = {
  crossed: 'the feet cross',
  touching: 'the feet touch',
  passed: 'the foot that leads falls behind',
  narrow: 'the base is narrower than the school stands',
  wide: 'the base ends wider or longer than the school stands',
  'not-closed': 'it does not come back to where it began',
  'lead-changed': 'it ends with the other foot leading',
  stride: 'a step beyond the athlete’s range',
  'nothing-to-recover': 'a recovery without a reach',
  'too-many': 'more than is followed',
  refused: 'a move that cannot be done from there',
  'short-pass': 'a passing step that does not get past',
  'no-such-thing': 'an aim that does not stand on the floor',
  'no-side': 'both sides of steps without a side',
  'nobody-there': 'a distance kept to nobody',
  'both-follow': 'two who keep their distance to each other',
  'names-a-foot': 'a foot named left or right, for both sides',
  'strike-early': 'a strike before the window of its landing',
  'strike-late': 'a strike after the window of its landing',
  short: 'a base that is too short',
  'strike-off': 'a stroke long before or after its step',
  'way-back-stops': 'a stop on the way back',
  'split-away': 'a split that opens away from the step',
  'counter-steps-in': 'a step in on the counter',
  'wrong-foot': 'the wrong foot first',
  'no-split': 'a ball without a split',
  'split-early': 'a split that lands before its window',
  'split-late': 'a split that lands after its window',
  'split-waits': 'a pause between a split and the first step',
  'square-to-net': 'a jump back that lands with the rear foot square to the net',
  'wrong-leg': 'the inside foot sets last before a stroke',
  'out-of-area': 'a foot outside the floor',
  'low-ceiling': 'a jump under a ceiling that is too low',
  'through-thing': 'a foot through something that stands there',
  'too-close': 'closer to the partner than the least distance',
  'too-far': 'further from the partner than the most',
  'turned-away': 'within the partner’s reach while turned away',
  'on-the-line': 'a way out that ends on the opponent’s line',
  'call-early': 'a call before the way back is done',
  'no-approach': 'a lunge to the back without a step before it',
  'retreats-on': 'more than one retreat without a strike or a way out',
  'way-back-misfit': 'a way back that does not fit the shot',
  'way-back-first': 'a way back that begins with the other kind of step',
  'split-frame': 'a sequence that does not begin and end with a split',
  'loaded-first': 'the foot that carries the weight leaves first',
  'back-step-loaded': 'a back step off a loaded lead foot',
  'unset-strike': 'a strike while the lead foot is not set',
  'not-in-guard': 'a jump ahead that does not land in guard before the lunge',
  'block-turns': 'a block jump that turns',
  'set-up-uncrossed': 'a running set-up without its two crossovers',
  'side-jump-unfinished': 'a side jump without its one small step',
  'slip-side': 'a turn to the other side than the slip',
  'one-tempo': 'a lunge no quicker than what comes before it',
  'one-crossover': 'one crossover where two come back',
  'leave-line': 'straight back out of an attack',
  'scissor-sideways': 'a scissor out of a run to the side',
  'quarter-opposed': 'a quarter on the lead foot with an opponent in front',
  'did-not-occur': 'an intended finding that does not occur',
};

const refused = {
  'square-lead': 'In a square stance there is no other lead.',
  'square-switch': 'In a square stance there are no feet to switch.',
  'level-swing': 'The feet are level in that direction: there is nothing for a pendulum to swing into.',
  'level-exchange': 'The feet are level and the body does not turn: there is nothing to exchange.',
};

const window = (from: number, to: number): string => `${Math.round(from * 1000)} to ${Math.round(to * 1000)} ms`;
const side = (offset: number): string => (offset < 0 ? 'before' : 'after');

const strike: Says<FindingMessages>['strike-early'] = ({ hand, offset, from, to }) =>
  `The ‘${hand}’ comes ${ms(offset)} ${side(offset)} the landing; ${window(from, to)} after is the usual window.`;
const split: Says<FindingMessages>['split-early'] = ({ event, offset, from, to }) =>
  `The split lands ${ms(offset)} ${side(offset)} the ‘${event}’; ${window(from, to)} is the window.`;

/** What goes wrong before anybody moves. Words in ‘…’ are the notation's own. */
export const findings = {
  findings: {
    crossed: ({ by }) => `The feet cross by ${long(by)}.`,
    touching: () => 'The feet touch.',
    passed: ({ foot, by }) => `The ${SIDES[foot]} foot led and falls behind by ${long(by)}.`,
    narrow: ({ wide, least, underWay }) => {
      if (!underWay) return `It ends ${long(wide)} wide; the stance wants ${long(least)} at least.`;
      const what = wide < 0 ? `The feet come past one line by ${long(-wide)}` : `The base narrows to ${long(wide)}`;
      return `${what}; under way ${long(least)} apart is the least.`;
    },
    short: ({ long: now, least }) => `It ends ${long(Math.max(0, now))} long; the stance wants ${long(least)} at least.`,
    wide: ({ by, allowed }) => `It ends ${long(by)} wider or longer than the stance; ${long(allowed)} is allowed.`,
    'not-closed': ({ right, ahead, turned }) => {
      const where = [
        Math.abs(right) > 0.005 ? `${long(Math.abs(right))} to the ${right > 0 ? 'right' : 'left'}` : '',
        Math.abs(ahead) > 0.005 ? `${long(Math.abs(ahead))} ${ahead > 0 ? 'ahead' : 'back'}` : '',
        Math.abs(turned) > 0.5 ? `turned ${Math.round(Math.abs(turned))}° ${turned > 0 ? 'right' : 'left'}` : '',
      ].filter((part) => part !== '');
      return `It does not come back: ${where.join(', ') || 'the stance has changed'} after one repetition.`;
    },
    'lead-changed': ({ leads }) => `At the end ${leads === null ? 'no foot leads any more' : `the ${SIDES[leads]} foot leads`}.`,
    stride: ({ of, metres, most }) =>
      of === 'step'
        ? `A step of ${long(metres)} is longer than this athlete’s ${long(most)}.`
        : `The feet would stand ${long(metres)} apart; this athlete’s legs reach ${long(most)} at most.`,
    'nothing-to-recover': () => 'There is no reach to recover from here; the athlete stands.',
    'too-many': ({ counted, most }) => `More than ${most} ${whatCounted[counted]}.`,
    refused: ({ why }) => `${refused[why]} The athlete stands.`,
    'short-pass': ({ foot }) => `The ${SIDES[foot]} foot does not get past the other: the lead stays as it was.`,
    'no-such-thing': ({ thing }) => `There is no ‘${thing}’ on the floor; the step was done without an aim.`,
    'no-side': () =>
      'These steps have no side, so that ‘each side’ does them twice the same way: write ‘each lead’ for the other lead, or ‘twice’.',
    'nobody-there': () =>
      'There is no partner to keep a distance to; you stand for as long. Put one before the line: ‘partner at 1.4 m ahead doing (…)’.',
    'both-follow': () =>
      'The partner follows you, so you cannot follow them: you stand for as long. Let one of the two do steps of their own.',
    'names-a-foot': () =>
      'A foot named left or right is another one on the other side: write ‘lead’ or ‘rear’, ‘near’ or ‘far’. It was kept as written.',
    'strike-early': strike,
    'strike-late': strike,
    'strike-off': ({ hand, offset, limit }) =>
      `The ‘${hand}’ comes ${ms(offset)} ${side(offset)} the landing; ${ms(limit)} ${side(limit)} it is the limit.`,
    'way-back-stops': ({ seconds }) => `The way back stops for ${ms(seconds)}.`,
    'split-away': ({ off }) => `The split opens ${Math.round(off)}° away from the step that follows.`,
    'counter-steps-in': ({ hand }) => `The ‘${hand}’ goes ahead again after the step back: hold the ground.`,
    'wrong-foot': ({ foot }) => `The ${SIDES[foot]} foot starts; the one nearest to the way goes first.`,
    'no-split': ({ event, at }) => `No split for the ‘${event}’ at ${at.toFixed(2)} s.`,
    'split-early': split,
    'split-late': split,
    'split-waits': ({ seconds, most }) => `${ms(seconds)} pass between the split and the next step; ${ms(most)} is the most.`,
    'square-to-net': ({ off, least }) => `The rear foot lands ${Math.round(off)}° from square to the net; ${least}° out is the least.`,
    'wrong-leg': ({ foot }) => `The ${SIDES[foot]} foot, the inside one, sets last before the stroke.`,
    'out-of-area': ({ foot, by, area }) => `The ${SIDES[foot]} foot stands ${long(by)} outside the floor (${areas.areas[area] ?? area}).`,
    'low-ceiling': ({ by }) => `A jump here comes ${long(by)} too near to the ceiling.`,
    'through-thing': ({ foot, by, thing }) => `The ${SIDES[foot]} foot goes ${long(by)} into the ‘${thing}’.`,
    'too-close': ({ gap, least }) => `${long(gap)} to the partner; ${long(least)} is the least.`,
    'too-far': ({ gap, most }) => `${long(gap)} to the partner; ${long(most)} is the most.`,
    'turned-away': ({ gap, off }) => `${long(gap)} from the partner and turned ${Math.round(off)}° away.`,
    'on-the-line': ({ off, out }) => `It ends ${Math.round(off)}° off the opponent’s line; ${out}° is out of it.`,
    'call-early': ({ seconds, move, away }) => `The call comes ${ms(seconds)} before ‘${move}’ is done, ${long(away)} away from the start.`,
    'no-approach': () => 'A lunge to the back without a step before it.',
    'retreats-on': () => 'A second step straight back without a strike or a way out.',
    'way-back-misfit': ({ shot, asked, steps }) =>
      `After a ‘${shot}’ ${asked} gather ${asked === 1 ? 'step comes' : 'steps come'} back; here ${steps === 0 ? 'none does' : `there are ${steps}`}.`,
    'way-back-first': ({ move, wanted }) => `The way back begins with ‘${move}’, not with ‘${wanted}’.`,
    'split-frame': ({ missing }) => `It does not ${missing.map((one) => DONE[one]).join(' and ')} with a split.`,
    'loaded-first': ({ foot, share }) => `The ${SIDES[foot]} foot carries ${percent(share)} and leaves first.`,
    'back-step-loaded': ({ share }) => `The lead foot carries ${percent(share)} when the back step takes it away.`,
    'unset-strike': ({ hand }) => `The ‘${hand}’ comes while the lead foot is under way.`,
    'not-in-guard': () => 'The jump does not land in guard before the lunge.',
    'block-turns': () => 'A block jump that is turned out of at once.',
    'set-up-uncrossed': () => 'After a stroke at a run two crossovers come back.',
    'side-jump-unfinished': () => 'After a side jump one small step is missing.',
    'slip-side': ({ slipped }) => `Whoever slips to the ${slipped} turns to the ${slipped}: the other way leads back into the next hand.`,
    'one-tempo': () => 'The lunge is no quicker than the step before it: slow, then quick.',
    'one-crossover': () => 'One crossover leaves the way back half done: two come back.',
    'leave-line': () => 'Straight back out of the attack stays on the opponent’s line: step off it.',
    'scissor-sideways': () => 'The body still runs to the side as the legs exchange: turn to the back first.',
    'quarter-opposed': () => 'A quarter on the lead foot with an opponent in front: step out of the line first.',
    'did-not-occur': ({ intended, known }) =>
      known
        ? `‘${intended}’ is intended and does not occur: ${means[intended as FindingCode]}.`
        : `‘${intended}’ is no finding; known ones are listed in the help.`,
  } satisfies Says<FindingMessages> as Says<FindingMessages>,
  findingMeans: means,
  levels: { note: 'note', beware: 'beware', stop: 'stop', asks: 'asks' },
};
