import type { TempoKind } from '@hopsk/core/motion/tempo-kinds';

const seconds = (value: number): string => `${value.toFixed(2)} s`;

/** What somebody takes for moves. */
export const tempo = {
  tempo: {
    says: 'Seconds of one move at its usual size and an even tempo. Playing, doses and calls use them; where a box is empty the usual time is taken.',
    usual: (value: number): string => `usually ${seconds(value)}`,
    own: 'seconds',
    ownOf: (kind: string): string => `seconds, ${kind}`,
    tap: 'tap it',
    tapOf: (kind: string): string => `tap ${kind}`,
    tapSays: 'Let them do it again and again, and tap each time one is finished, five times or more, without a break.',
    tapAlone: 'Tap as it begins and as it ends, in turn, four of them or more.',
    now: 'tap now',
    few: (taps: number): string => (taps === 1 ? 'one tap' : `${taps} taps`),
    tapped: (value: number, spread: number, n: number): string => `${seconds(value)} ± ${spread.toFixed(2)}, of ${n}`,
    leftOut: (n: number): string =>
      n === 1 ? 'one interval left out, too far from the others' : `${n} intervals left out, too far from the others`,
    outside: (low: number, high: number): string => `between ${seconds(low)} and ${seconds(high)} only`,
    keep: 'keep',
    again: 'again',
    cancel: 'cancel',
    source: {
      typed: (day: string): string => `typed ${day}`,
      tapped: (day: string, n: number | null, spread: number | null): string =>
        `tapped ${day}${n === null ? '' : `, of ${n}`}${spread === null ? '' : `, ± ${seconds(spread)}`}`,
      film: (day: string, n: number | null, spread: number | null): string =>
        `from film ${day}${n === null ? '' : `, of ${n}`}${spread === null ? '' : `, ± ${seconds(spread)}`}`,
    },
    kinds: {
      gather: 'gather (advance, retreat, shuffle)',
      halfStep: 'half step',
      chasse: 'chassé',
      gallop: 'gallop',
      pendulum: 'pendulum',
      pass: 'passing step (shift, back step)',
      cross: 'crossover, cross behind',
      run: 'running step',
      dropStep: 'drop step',
      quarter: 'quarter turn (90°)',
      turnOut: 'step-out quarter, cut',
      orbit: 'orbit',
      lunge: 'lunge, reaching step',
      recover: 'recover',
      stepIn: 'step in',
      pullBack: 'pull back',
      jump: 'jump',
      sideJump: 'side jump',
      split: 'split',
      bounce: 'bounce',
      hand: 'strike alone',
    } satisfies Record<TempoKind, string>,
  },
};
