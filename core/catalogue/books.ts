import type { Answer, Playbook, WayBack } from '../plan/playbook.js';

const way = (name: string, steps: string): WayBack => ({ name, steps });
const answer = (technique: string, steps: string, ...back: readonly WayBack[]): Answer => ({ technique, steps, back });

const home = way('two-chasse-s-to-the-middle', 'shuffle home 2, square up');
const oneChasse = way('one-chasse-part-way-lively-split', 'shuffle ahead 40 cm, split');
const stay = way('stay-in-playing-leg-ahead', 'hold 0.5 s');
const out = way('leave-at-an-angle', 'shuffle back left 40 cm');

/**
 * Decisions to begin with (common practice, no source): a club edits them. Racket lines are written for a right hand in a square
 * stance, others for a left lead.
 */
export const PLAYBOOKS: readonly Playbook[] = [
  {
    code: 'shuttle-rear',
    name: 'shuttle-rear',
    sport: 'badminton',
    school: 'square-ready',
    lead: 'none',
    situations: [
      {
        situation: 'flat-and-past-playing-side',
        answers: [
          answer(
            'approach-cross-behind-lunge-to-the-corner',
            'split, cross behind back right 70 cm, square up, lunge back right 80 cm right foot, recover back',
            home,
          ),
        ],
      },
      {
        situation: 'flat-and-past-other-side',
        answers: [
          answer(
            'approach-with-a-chasse-lunge-to-the-corner',
            'split, chassé back left 60 cm, lunge back left 80 cm right foot, recover back',
            home,
          ),
        ],
      },
      {
        situation: 'flat-beside-the-body',
        answers: [answer('reaching-step', 'split, reaching step right 70 cm, recover back', oneChasse)],
      },
      {
        situation: 'a-bit-more',
        answers: [answer('block-jump-no-turn', 'split, block jump right 40 cm', way('straight-back', 'shuffle left 40 cm'))],
      },
      {
        situation: 'too-flat-to-turn-can-be-cut-off',
        answers: [answer('side-jump-land-on-the-back-foot-one-small-step', 'split, side jump back right 60 cm, shuffle ahead 15 cm', home)],
      },
      {
        situation: 'higher',
        answers: [
          answer(
            'behind-the-flight-two-foot-take-off',
            'split, shuffle back right 50 cm 2, jump ahead 20 cm',
            way('follow-it', 'shuffle ahead left 40 cm 2'),
            home,
          ),
        ],
      },
      {
        situation: 'no-pressure',
        answers: [answer('step-in-to-be-early-for-the-next', 'split, shuffle back 40 cm, step in ahead 40 cm, pull back', oneChasse)],
      },
    ],
  },
  {
    code: 'shuttle-back',
    name: 'shuttle-back',
    sport: 'badminton',
    school: 'square-ready',
    lead: 'none',
    situations: [
      { situation: 'very-high-clear', answers: [answer('run-easily', 'run ahead 50 cm 2, square up')] },
      { situation: 'faster-clear-low', answers: [answer('two-chasse-s', 'chassé ahead left 50 cm 2')] },
      { situation: 'drop', answers: [answer('one-chasse-part-way-and-a-lively-split', 'chassé ahead 50 cm, split')] },
      { situation: 'smash-straight', answers: [answer('follow-it-straight', 'shuffle ahead 50 cm 2')] },
      { situation: 'smash-across', answers: [answer('follow-it-across', 'shuffle ahead left 50 cm 2')] },
      {
        situation: 'tight-net-shot-opponent-late',
        answers: [answer('stay-in-playing-leg-ahead', 'split right foot ahead 20 cm, square up')],
      },
    ],
  },
  {
    code: 'ground-strokes',
    name: 'ground-strokes',
    sport: 'tennis',
    school: 'wide-ready',
    lead: 'none',
    situations: [
      {
        situation: 'wide',
        answers: [
          answer(
            'outside-foot-sets-alternate-steps-last-one-outside',
            'split, run right 60 cm 2, hit, square up',
            way('own-side-s-middle', 'shuffle left 50 cm 2'),
          ),
        ],
      },
      {
        situation: 'very-wide-at-a-run',
        answers: [
          answer(
            'running-set-up-two-crossovers-back',
            'split, run right 70 cm 3, hit, square up',
            way('opponent-balanced-high-and-deep', 'crossover left 60 cm, square up, shuffle left 50 cm'),
          ),
        ],
      },
      {
        situation: 'ahead-in-rhythm',
        answers: [
          answer(
            'double-beat-weight-to-the-front',
            'split, shuffle ahead 30 cm, weight shift right foot, hit',
            way('own-side-s-middle', 'shuffle back 30 cm'),
          ),
        ],
      },
      {
        situation: 'deep-in-rhythm',
        answers: [
          answer(
            'double-beat-load-the-back-foot',
            'split, shuffle back 30 cm, weight shift right foot, hit',
            way('own-side-s-middle', 'shuffle ahead 30 cm'),
          ),
        ],
      },
      {
        situation: 'deep-and-high',
        answers: [
          answer(
            'drop-step-let-it-come-down',
            'split, drop step right, hold 0.4 s, hit, face left 45°, square up',
            way('move-in', 'shuffle ahead 40 cm'),
          ),
        ],
      },
      {
        situation: 'short',
        answers: [
          answer('move-in', 'split, run ahead 60 cm 2, hit, square up', way('to-the-net', 'split'), way('back', 'shuffle back 50 cm 2')),
        ],
      },
    ],
  },
  {
    code: 'closing-leaving',
    name: 'closing-leaving',
    sport: 'boxing',
    school: 'staggered-striking',
    lead: 'left',
    situations: [
      {
        situation: 'exact-range',
        answers: [answer('gather', 'advance 20 cm + "straight" on landing', way('gather-back', 'retreat 20 cm'))],
      },
      {
        situation: 'close-quickly',
        answers: [answer('gallop-in', 'gallop ahead 50 cm', way('gallop-out-and-circle', 'gallop back 50 cm, orbit left 20°'))],
      },
      { situation: 'fastest-ahead', answers: [answer('shift', 'shift, shift', way('back-steps', 'back step, back step'))] },
      {
        situation: 'against-a-rush',
        answers: [answer('pendulum-on-a-circle', 'pendulum back, orbit right 20°', way('come-in-again', 'advance 25 cm'))],
      },
      { situation: 'attacked-opponent-slow', answers: [answer('step-out', 'step-out quarter left', out)] },
      {
        situation: 'attacked-opponent-fast',
        answers: [answer('gallop-out-and-circle', 'gallop back 50 cm, orbit left 30°', way('come-in-again', 'advance 30 cm'))],
      },
      { situation: 'they-go-along-the-ropes-to-the-right', answers: [answer('shuffle-to-the-side-they-go', 'shuffle right 40 cm 2')] },
      {
        situation: 'pressed',
        answers: [answer('back-step-then-shuffle-along', 'back step, shuffle left 40 cm, shift', way('leave', 'shuffle left 30 cm'))],
      },
    ],
  },
  {
    code: 'circling',
    name: 'circling',
    sport: 'boxing',
    school: 'staggered-striking',
    lead: 'left',
    situations: [
      {
        situation: 'to-the-right',
        answers: [answer('one-small-right-foot-step-leaves-the-line', 'shuffle right 20 cm right foot first, orbit right 20°')],
      },
      {
        situation: 'to-the-left',
        answers: [answer('set-the-left-foot-swing-the-right-round', 'shuffle left 20 cm left foot first, pivot left foot right 20°')],
      },
      { situation: 'unlike-leads', answers: [] },
    ],
  },
  {
    code: 'counters',
    name: 'counters',
    sport: 'boxing',
    school: 'staggered-striking',
    lead: 'left',
    situations: [
      {
        situation: 'head-up',
        answers: [
          answer(
            'two-straights',
            'retreat 20 cm, "straight", "straight"',
            way('stopped-cut', 'cut right 40 cm'),
            way('still-coming-side-step-and-turn', 'side step and turn left 50 cm'),
          ),
        ],
      },
      {
        situation: 'head-down',
        answers: [answer('rear-uppercut-straight', 'retreat 20 cm, "uppercut", "straight"', way('stopped-cut', 'cut right 40 cm'))],
      },
      {
        situation: 'lead-hands-touching',
        answers: [
          answer(
            'lead-hand-stays-high-long-hook-straight',
            'retreat 20 cm, guard check, "hook", "straight"',
            way('still-coming-side-step-and-turn', 'side step and turn left 50 cm'),
          ),
        ],
      },
      {
        situation: 'power-wanted',
        answers: [answer('rear-straight-alone', 'retreat 20 cm, "straight"', way('stopped-cut', 'cut right 40 cm'))],
      },
    ],
  },
  {
    code: 'turns',
    name: 'turns',
    sport: 'kickboxing',
    school: 'staggered-striking',
    lead: 'left',
    situations: [
      { situation: 'nobody-in-front', answers: [answer('quarter-on-the-lead-foot', 'quarter right')] },
      { situation: 'opponent-in-front', answers: [answer('step-out-quarter', 'step-out quarter right')] },
      { situation: 'after-a-slip-to-the-left', answers: [answer('slip-side-quarter', 'slip-side quarter left')] },
    ],
  },
  {
    code: 'blades',
    name: 'blades',
    sport: 'fencing',
    school: 'bladed-guard',
    lead: 'right',
    situations: [
      {
        situation: 'opponent-prepares',
        answers: [
          answer(
            'step-small-jump-lunge-into-it',
            'advance 25 cm, jump ahead 15 cm, lunge ahead 80 cm, recover back',
            way('out-of-reach', 'retreat 25 cm'),
          ),
        ],
      },
      {
        situation: 'opponent-stands',
        answers: [
          answer(
            'step-jump-two-back-step-lunge',
            'advance 25 cm, jump ahead 15 cm, retreat 25 cm 2, step-lunge ahead, recover back',
            way('out-of-reach', 'retreat 25 cm'),
          ),
        ],
      },
      {
        situation: 'hide-the-tempo',
        answers: [
          answer(
            'slow-front-foot-quick-rear-lunge',
            'advance 30 cm slow then quick, lunge ahead 80 cm, recover back',
            way('out-of-reach', 'retreat 30 cm'),
          ),
        ],
      },
      {
        situation: 'going-back',
        answers: [answer('front-foot-tucked-away', 'retreat 30 cm quick', way('offer-it-again', 'advance 20 cm'))],
      },
    ],
  },
  {
    code: 'squash',
    name: 'squash',
    sport: 'squash',
    school: 'square-ready',
    lead: 'none',
    situations: [
      {
        situation: 'front-playing-side',
        answers: [
          answer(
            'two-steps-lunge-on-the-playing-foot',
            'split, shuffle ahead right 40 cm, lunge ahead right 80 cm right foot, recover back',
            way('back-to-the-middle', 'shuffle back left 40 cm'),
          ),
        ],
      },
      {
        situation: 'front-other-side',
        answers: [
          answer(
            'two-steps-lunge-across',
            'split, shuffle ahead left 40 cm, lunge ahead left 80 cm right foot, recover back',
            way('back-to-the-middle', 'shuffle back right 40 cm'),
          ),
        ],
      },
      {
        situation: 'loose-in-the-middle',
        answers: [answer('step-in-and-volley', 'split, step in right 50 cm right foot, pull back', way('stay-in-the-middle', 'split'))],
      },
      {
        situation: 'deep-playing-side',
        answers: [
          answer('open-chasse-back', 'split, shuffle back right 50 cm 2, hit', way('back-to-the-middle', 'shuffle ahead left 50 cm 2')),
        ],
      },
      {
        situation: 'deep-other-side',
        answers: [
          answer('open-chasse-back', 'split, shuffle back left 50 cm 2, hit', way('back-to-the-middle', 'shuffle ahead right 50 cm 2')),
        ],
      },
      { situation: 'opponent-stuck-behind-you', answers: [] },
    ],
  },
  {
    code: 'karate',
    name: 'karate',
    sport: 'karate',
    school: 'long-bladed',
    lead: 'left',
    situations: [
      {
        situation: 'opponent-sinks-to-attack',
        answers: [answer('meet-it-gallop-in', 'gallop ahead 40 cm + hit on landing', way('gallop-out', 'gallop back 40 cm'))],
      },
      {
        situation: 'opponent-attacks-straight',
        answers: [answer('off-the-line-to-the-back', 'cut left 40 cm + hit on landing', way('distance-again', 'retreat 30 cm'))],
      },
      {
        situation: 'opponent-stops-after-an-attack',
        answers: [answer('counter-at-once', 'advance 40 cm quick + hit on landing', way('distance-again', 'retreat 40 cm'))],
      },
      { situation: 'opponent-circles', answers: [answer('cut-the-floor', 'shuffle right 40 cm 2', stay)] },
    ],
  },
  {
    code: 'table-tennis',
    name: 'table-tennis',
    sport: 'table tennis',
    school: 'wide-ready',
    lead: 'none',
    situations: [
      {
        situation: 'short-playing-side',
        answers: [answer('playing-foot-in-under-the-table', 'step in ahead right 40 cm right foot + hit on landing, pull back')],
      },
      {
        situation: 'into-the-body',
        answers: [answer('small-step-aside-stroke', 'shuffle left 30 cm, hit', way('back', 'shuffle right 30 cm'))],
      },
      {
        situation: 'wide-playing-side',
        answers: [answer('two-shuffles', 'shuffle right 45 cm 2, hit', way('back', 'shuffle left 45 cm 2'))],
      },
      { situation: 'wide-other-side', answers: [answer('step-round', 'shuffle left 45 cm 2, hit', way('back', 'shuffle right 45 cm 2'))] },
      { situation: 'deep-and-high', answers: [answer('one-step-back', 'shuffle back 40 cm, hit', way('in-again', 'shuffle ahead 40 cm'))] },
    ],
  },
];
