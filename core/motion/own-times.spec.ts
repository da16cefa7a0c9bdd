import fc from 'fast-check';
import { ruleOf } from '../language/moves.js';
import { MOVE_WORDS } from '../language/moves.js';
import { parse } from '../language/parse.js';
import { holds } from '../testing/holds.js';
import { print } from '../language/print.js';
import { anyItem } from '../testing/patterns.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { paceOf, secondsRange, tempoKindOf, usualSeconds, type OwnTimes } from './own-times.js';
import { TEMPO_KINDS } from './tempo-kinds.js';
import { simulate } from './simulate.js';
import type { Performer } from './simulation.js';

const anyText = fc.array(anyItem, { minLength: 1, maxLength: 5 }).map((items) => print(items));
const guard = performer(1.7, 'staggered-striking', 'left');
const seconds = (line: string, who: Performer): number => simulate(parse(line), who).seconds;

/** A line for each kind that is one move of it at its usual size, after what it needs. */
const ONE: Readonly<Record<string, readonly [before: string, move: string]>> = {
  recover: ['lunge', 'recover'],
  pullBack: ['step in', 'pull back'],
  run: ['', 'run'],
  bounce: ['', 'bounce'],
};

describe('what somebody takes for a move, measured', () => {
  it('is what it takes then, whatever the kind, the stance and the hand', () => {
    const anyKind = fc.constantFrom(...TEMPO_KINDS).chain((kind) => {
      const [low, high] = secondsRange(kind);
      return fc.record({ kind: fc.constant(kind), own: fc.double({ min: low, max: high, noNaN: true }) });
    });
    holds(
      fc.property(anyKind, anyPerformer, ({ kind, own }, who) => {
        const word = MOVE_WORDS.find((one) => tempoKindOf(one) === kind) ?? 'split';
        const [before, move] = ONE[kind] ?? [
          '',
          ruleOf(word)
            .example.replace(/ \d+ cm/, '')
            .replace(/ \d+°/, ' 90°')
            .replace(/^orbit right.*/, 'orbit right 30°'),
        ];
        const alone = { ...who, times: { [kind]: own } };
        const first = before === '' ? 0 : seconds(before, alone);
        expect(seconds([before, move].filter((part) => part !== '').join(', '), alone) - first)
          .withContext(`${kind}: ${move}`)
          .toBeCloseTo(own, 6);
        expect(seconds(move, who)).toBeCloseTo(seconds(move, { ...who, times: { [kind]: usualSeconds(kind) } }), 9);
      }),
    );
  });

  it('changes no foot’s place, and nothing where nothing was measured', () => {
    const times: OwnTimes = { gather: 0.7, lunge: 0.9, run: 0.2, jump: 0.8, hand: 0.2, quarter: 0.8, split: 0.5 };
    holds(
      fc.property(anyText, anyPerformer, (text, who) => {
        const [usual, own] = [simulate(parse(text), who), simulate(parse(text), { ...who, times })];
        expect(own.moves.map(({ after }) => after.feet)).toEqual(usual.moves.map(({ after }) => after.feet));
        expect(simulate(parse(text), { ...who, times: {} }).moves).toEqual(usual.moves);
      }),
      60,
    );
  });

  it('gives way to a time that is said, grows with the size, follows the tempo, and leaves flights and partners alone', () => {
    const slow = { ...guard, times: { gather: 0.88, jump: 0.8, hand: 0.6 } };
    expect(seconds('advance in 0.3 s', slow)).toBeCloseTo(0.3, 9);
    expect(seconds('advance 2×', slow)).toBeCloseTo(1.5 * 0.88, 9);
    expect(seconds('advance slow', slow)).toBeCloseTo(2 * 0.88, 9);
    const flightOf = (who: Performer): number => simulate(parse('jump'), who).moves[0]?.landing ?? NaN;
    expect(flightOf(slow)).toBe(flightOf(guard));
    const partner = simulate(parse('partner at 2 m ahead doing (advance), split'), slow).things[0]?.doing;
    expect(partner?.seconds).toBeCloseTo(0.44, 9);
    // Hands that come one after the other each take their own time.
    expect(simulate(parse('advance + jab on landing + cross on landing'), slow).hands.map(({ at }) => at)).toEqual([0.88, 1.48]);
  });

  it('says how many times as long', () => {
    expect([paceOf('shuffle', { gather: 0.22 }), paceOf('shuffle', undefined), paceOf('hold', { gather: 1 })]).toEqual([0.5, 1, 1]);
  });
});
