import type { Playbook, WayBack } from '../../plan/playbook.js';
import { answer, way, when } from './parts.js';

const home = 'shuffle home 2, square up';
const oneChasse = 'shuffle ahead 40 cm, split';
const followStraight = 'shuffle ahead 50 cm 2';
const followAcross = 'shuffle ahead left 50 cm 2';

/** A way back by one's own shot. */
const own = (shot: string, steps: string): WayBack => way(shot, steps);
/** Taken late, and early enough to attack: what can be played then, and how one comes back from it. */
const whenLate = [own('own-drop', oneChasse), own('own-clear-fast', home)];
const whenEarly = [own('own-drop', oneChasse), own('own-smash-straight', followStraight), own('own-smash-across', followAcross)];

/** Lines for a right hand in a square stance (common practice, no source). */
export const RACKET_BOOKS: readonly Playbook[] = [
  {
    code: 'shuttle-rear',
    name: 'shuttle-rear',
    sport: 'badminton',
    school: 'square-ready',
    lead: 'none',
    situations: [
      when(
        'flat-and-past-playing-side',
        null,
        answer(
          'approach-cross-behind-lunge-to-the-corner',
          'split, cross behind back right 70 cm, square up, lunge back right 80 cm right foot, recover back',
          ...whenLate,
        ),
      ),
      when(
        'flat-and-past-other-side',
        null,
        answer(
          'approach-with-a-chasse-lunge-to-the-corner',
          'split, chassé back left 60 cm, lunge back left 80 cm right foot, recover back',
          ...whenLate,
        ),
      ),
      when(
        'flat-beside-the-body',
        null,
        answer('reaching-step', 'split, reaching step right 70 cm, recover back', own('own-block', oneChasse), own('own-lift', home)),
      ),
      when('a-bit-more', null, answer('block-jump-no-turn', 'split, block jump right 40 cm', ...whenEarly)),
      when(
        'too-flat-to-turn-can-be-cut-off',
        null,
        answer('side-jump-land-on-the-back-foot-one-small-step', 'split, side jump back right 60 cm, shuffle ahead 15 cm', ...whenEarly),
      ),
      when(
        'higher',
        null,
        answer(
          'behind-the-flight-scissor-jump',
          'split, drop step right, shuffle back right 50 cm, scissor jump left 90°, square up',
          own('own-clear-high', 'run ahead 50 cm 2, square up'),
          ...whenEarly,
        ),
      ),
      when(
        'no-pressure',
        null,
        answer(
          'two-foot-jump-for-a-winner',
          'split, shuffle back right 50 cm 2, jump ahead 20 cm',
          own('own-smash-straight', followStraight),
          own('own-smash-across', followAcross),
        ),
        answer(
          'step-in-to-be-early-for-the-next',
          'split, shuffle back 40 cm, step in ahead 40 cm, pull back',
          own('own-drop', oneChasse),
          own('own-clear-fast', home),
        ),
      ),
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
    code: 'shuttle-reading',
    name: 'shuttle-reading',
    sport: 'badminton',
    school: 'square-ready',
    lead: 'none',
    situations: [
      when('they-take-their-time', null, answer('stay-alive-live-feet', 'bounce 4, split')),
      when(
        'they-are-late-and-under-it',
        null,
        answer(
          'a-lift-comes-go-back',
          'split, drop step right, shuffle back right 40 cm, square up',
          way('back-to-the-middle', 'shuffle home 2, square up'),
        ),
      ),
      when(
        'their-racket-travels-across',
        null,
        answer('it-goes-across', 'split, shuffle left 40 cm 2', way('back-to-the-middle', 'shuffle right 40 cm 2')),
      ),
      when(
        'contact-just-under-the-tape-short-swing',
        null,
        answer('go-in-early', 'split, step in ahead 50 cm right foot, pull back', way('stay-in-the-middle', 'split')),
      ),
      when(
        'the-corner-is-likely',
        null,
        answer(
          'split-with-the-foot-ahead-that-saves-a-turn',
          'split right foot back 20 cm, shuffle back right 50 cm, square up',
          way('back-to-the-middle', 'shuffle home 2, square up'),
        ),
      ),
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
        situation: 'further',
        answers: [
          answer(
            'longer-steps-first-then-two-more',
            'split, run right 80 cm 2, run right 40 cm 2, hit, square up',
            way('own-side-s-middle', 'crossover left 60 cm, square up, shuffle left 50 cm'),
          ),
        ],
      },
      {
        situation: 'no-time',
        answers: [
          answer('walking-steps', 'split, run ahead right 40 cm 2, hit, square up', way('own-side-s-middle', 'shuffle left 40 cm')),
        ],
      },
      {
        situation: 'very-wide-at-a-run',
        answers: [
          answer(
            'running-set-up-two-crossovers-back',
            'split, run right 70 cm 3, hit, square up',
            way('opponent-at-the-net-pass', 'crossover left 60 cm, square up, split'),
            way('opponent-far-off-court-the-open-court', 'crossover left 60 cm, square up, shuffle ahead left 40 cm'),
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
