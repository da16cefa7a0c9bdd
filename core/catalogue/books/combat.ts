import type { Side } from '../../body/foot.js';
import type { Playbook } from '../../plan/playbook.js';
import { answer, way, when } from './parts.js';

/** What the opponent does after an answer, in their own frame. */
const STOPPED = 'hold 0.8 s';
const COMING = 'hold 0.4 s, advance 25 cm';

/** Counters after one step back against somebody on a lead: the same answers, and with unlike leads the ways out the other way round. */
function countersAgainst(code: string, lead: Side, out: { readonly cut: Side; readonly turn: Side }): Playbook {
  const stopped = way('stopped-cut', `cut ${out.cut} 40 cm`, STOPPED);
  const coming = way('still-coming-side-step-and-turn', `side step and turn ${out.turn} 50 cm`, COMING);
  return {
    ...{ code, name: code, sport: 'boxing', school: 'staggered-striking', lead: 'left' },
    partner: `partner at 1 m ahead ${lead} foot leading`,
    situations: [
      when(
        'head-up',
        'advance 20 cm + "straight" on landing',
        answer('two-straights', 'retreat 20 cm, "straight", "straight"', stopped, coming),
      ),
      when(
        'head-down',
        'advance 20 cm + "hook" on landing',
        answer('rear-uppercut-straight', 'retreat 20 cm, "uppercut", "straight"', stopped, coming),
      ),
      when(
        'lead-hands-touching',
        'advance 20 cm + guard check on landing',
        answer('lead-hand-stays-high-long-hook-straight', 'retreat 20 cm, guard check, "hook", "straight"', stopped, coming),
      ),
      when('power-wanted', 'advance 20 cm + "straight" on landing', answer('rear-straight-alone', 'retreat 20 cm, "straight"', stopped)),
    ],
  };
}

/** Lines for a left lead, of blades for a right one (common practice, no source). */
export const COMBAT_BOOKS: readonly Playbook[] = [
  {
    code: 'closing-leaving',
    name: 'closing-leaving',
    sport: 'boxing',
    school: 'staggered-striking',
    lead: 'left',
    partner: 'partner at 1.25 m ahead',
    situations: [
      when('exact-range', 'hold 1 s', answer('gather', 'advance 30 cm + "straight" on landing', way('gather-back', 'retreat 30 cm'))),
      when(
        'close-quickly',
        'hold 1 s',
        answer('gallop-in', 'gallop ahead 40 cm', way('gallop-out-and-circle', 'gallop back 40 cm, orbit left 20°')),
      ),
      when(
        'leave-quickly',
        'advance 30 cm',
        answer('gallop-out', 'gallop back 50 cm', way('circle', 'orbit left 20°'), way('come-in-again', 'advance 30 cm')),
      ),
      when('fastest-ahead', 'retreat 50 cm 2', answer('shift', 'shift, shift', way('circle', 'orbit right 20°'))),
      when(
        'fastest-back',
        'advance 40 cm 2',
        answer('gallop-then-back-step', 'intended retreats-on, gallop back 50 cm, back step', way('circle', 'other lead, orbit left 20°')),
      ),
      when(
        'against-a-rush',
        'run ahead 50 cm 2',
        answer('pendulum-on-a-circle', 'pendulum back, orbit right 20°', way('come-in-again', 'advance 25 cm')),
      ),
      when(
        'attacked-opponent-slow',
        'advance 20 cm slow',
        answer('step-out', 'step-out quarter left', way('leave-at-an-angle', 'shuffle back left 40 cm')),
      ),
      when(
        'attacked-opponent-fast',
        'advance 30 cm quick 2',
        answer('gallop-out-and-circle', 'gallop back 50 cm, orbit left 30°', way('come-in-again', 'advance 30 cm')),
      ),
      when('they-go-along-the-ropes-to-the-right', 'shuffle left 40 cm 2', answer('shuffle-to-the-side-they-go', 'shuffle right 40 cm 2')),
      when('they-go-along-the-ropes-to-the-left', 'shuffle right 40 cm 2', answer('shuffle-to-the-side-they-go', 'shuffle left 40 cm 2')),
      when(
        'pressed',
        'advance 20 cm 2',
        answer('back-step-then-shuffle-along', 'back step, shuffle left 40 cm, shift', way('leave-to-the-left', 'shuffle left 30 cm')),
        answer(
          'one-step-back-then-along-to-the-right',
          'retreat 20 cm, shuffle right 40 cm',
          way('leave-to-the-right', 'shuffle right 30 cm'),
        ),
      ),
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
  countersAgainst('counters', 'left', { cut: 'right', turn: 'left' }),
  countersAgainst('counters-unlike', 'right', { cut: 'left', turn: 'right' }),
  {
    code: 'fence',
    name: 'fence',
    sport: 'mixed rules',
    school: 'mixed-45',
    lead: 'left',
    partner: 'partner at 1.25 m ahead',
    situations: [
      when(
        'they-go-along-the-fence-to-the-right',
        'shuffle left 30 cm 2, hold 0.5 s',
        answer('shuffle-to-the-side-they-go', 'shuffle right 30 cm 2', way('press-again', 'half step ahead 15 cm, square up')),
      ),
      when(
        'they-go-along-the-fence-to-the-left',
        'shuffle right 30 cm 2, hold 0.5 s',
        answer('shuffle-to-the-side-they-go', 'shuffle left 30 cm 2', way('press-again', 'half step ahead 15 cm, square up')),
      ),
      when(
        'they-stand-with-their-back-to-it',
        'hold 1 s',
        answer('gather', 'advance 30 cm + "straight" on landing', way('gather-back', 'retreat 30 cm')),
      ),
      when(
        'your-back-is-to-it',
        'advance 20 cm',
        answer(
          'along-it-and-out',
          'shuffle right 30 cm',
          way('leave-to-the-right', 'cut right 40 cm', STOPPED),
          way('still-coming-side-step-and-turn', 'side step and turn right 50 cm', COMING),
        ),
        answer(
          'along-it-and-out-the-other-way',
          'shuffle left 30 cm',
          way('leave-to-the-left', 'cut left 40 cm', STOPPED),
          way('still-coming-side-step-and-turn', 'side step and turn left 50 cm', COMING),
        ),
      ),
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
    partner: 'partner at 2.4 m ahead',
    situations: [
      {
        situation: 'opponent-prepares',
        does: 'half step ahead 20 cm, hold 1 s',
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
        does: 'hold 2 s',
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
        situation: 'going-ahead',
        answers: [answer('front-foot-offered-ahead', 'advance 25 cm, hold 0.3 s', way('out-of-reach', 'retreat 25 cm'))],
      },
      {
        situation: 'going-back',
        answers: [answer('front-foot-tucked-away', 'retreat 30 cm quick', way('offer-it-again', 'advance 20 cm'))],
      },
    ],
  },
  {
    code: 'karate',
    name: 'karate',
    sport: 'karate',
    school: 'long-bladed',
    lead: 'left',
    partner: 'partner at 1.3 m ahead',
    situations: [
      {
        situation: 'opponent-sinks-to-attack',
        does: 'hold 0.6 s, advance 30 cm',
        answers: [answer('meet-it-gallop-in', 'gallop ahead 40 cm + hit on landing', way('gallop-out', 'gallop back 40 cm'))],
      },
      {
        situation: 'opponent-attacks-straight',
        does: 'advance 40 cm 2',
        answers: [answer('off-the-line-to-the-back', 'cut left 40 cm + hit on landing', way('distance-again', 'retreat 30 cm'))],
      },
      {
        situation: 'opponent-stops-after-an-attack',
        does: 'hold 1 s',
        answers: [answer('counter-at-once', 'advance 40 cm quick + hit on landing', way('distance-again', 'retreat 40 cm'))],
      },
      when(
        'opponent-circles',
        'shuffle left 30 cm 2',
        answer('cut-the-floor', 'shuffle right 40 cm 2', way('stay-in-playing-leg-ahead', 'hold 0.5 s')),
      ),
    ],
  },
];
