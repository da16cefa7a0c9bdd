import fc from 'fast-check';
import { bare } from '../language/act.js';
import type { Act, Group, Item, Size, Step } from '../language/ast.js';
import { ENGLISH } from '../language/english.js';
import { lexiconOf } from '../language/lexicon.js';
import { MOVE_WORDS, ruleOf, type MoveWord } from '../language/moves.js';

const FEET = [...new Set(lexiconOf(ENGLISH).feet.values())];
const NOWHERE = { from: 0, to: 0 };
const ONCE = { times: 1, each: null, mirrored: false, span: NOWHERE } as const;

const anySize: fc.Arbitrary<Size> = fc.oneof(
  fc.record({ value: fc.integer({ min: 5, max: 90 }), unit: fc.constant('cm' as const) }),
  fc.record({ value: fc.integer({ min: 2, max: 30 }), unit: fc.constant('in' as const) }),
  fc.record({ value: fc.integer({ min: 1, max: 3 }), unit: fc.constantFrom('shoe' as const, 'own' as const) }),
  fc.record({ value: fc.constant(1), unit: fc.constantFrom('small' as const, 'even' as const, 'big' as const) }),
);
const maybe = <T>(some: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.oneof(fc.constant(null), some);

/** Any way to say this move: what it may take, in some mixture. */
export function anyActOf(word: MoveWord): fc.Arbitrary<Act> {
  const rule = ruleOf(word);
  const bearing = rule.way !== 'bearing' || rule.fixed || word === 'recover' ? fc.constant(null) : fc.integer({ min: -179, max: 180 });
  const usual = rule.usual === null && rule.way === 'bearing';
  const lands = !['set', 'turn', 'hand'].includes(rule.family);
  return fc
    .record({
      bearing: usual ? bearing : maybe(bearing),
      turn: rule.way === 'turn' ? fc.integer({ min: 1, max: 180 }).chain((turn) => fc.constantFrom(turn, -turn)) : fc.constant(null),
      size: rule.size === 'none' ? fc.constant(null) : maybe(anySize),
      within: rule.size === 'apart' ? maybe(anySize) : fc.constant(null),
      reaction: rule.size === 'apart' ? maybe(fc.constantFrom(0, 0.25, 1)) : fc.constant(null),
      foot: rule.foot ? maybe(fc.constantFrom(...FEET)) : fc.constant(null),
      turning:
        rule.way === 'bearing' ? maybe(fc.integer({ min: 1, max: 180 }).chain((turn) => fc.constantFrom(turn, -turn))) : fc.constant(null),
      floor: rule.way === 'bearing' && !rule.fixed ? fc.boolean() : fc.constant(false),
      toe: lands ? maybe(fc.integer({ min: -30, max: 60 }).map((out) => ({ out: out || 1 }))) : fc.constant(null),
      weight: lands ? maybe(fc.constantFrom(...FEET)) : fc.constant(null),
    })
    .chain((said) => {
      const act: Act = { ...bare(word), ...said, exact: rule.round === true, seconds: rule.lasts ? 1 : null };
      if (rule.way === 'none' || rule.fixed || word === 'recover') return fc.constant(act);
      const along = rule.way === 'bearing' ? fc.constantFrom(null, 0, 180) : fc.constant(null);
      const bySide = fc
        .record({ side: fc.constantFrom('playing' as const, 'other' as const, 'lead' as const, 'rear' as const), bearing: along })
        .map((more): Act => ({ ...act, ...more, turn: act.turn === null ? null : Math.abs(act.turn) }));
      // Round to the opponent, where there is one: no degrees were typed.
      const unsaid: Act = rule.round ? { ...act, exact: false, turn: Math.sign(act.turn ?? 1) * (rule.usual ?? 0) } : act;
      return fc.oneof({ arbitrary: fc.constantFrom(act, unsaid), weight: 4 }, { arbitrary: bySide, weight: 1 });
    });
}

export const anyAct: fc.Arbitrary<Act> = fc.constantFrom(...MOVE_WORDS).chain(anyActOf);

/** A bare step of this act. */
export const stepOf = (act: Act): Step => ({ kind: 'step', act, tempo: null, then: null, hands: [], ...ONCE });

/** Any step that the notation can say. */
const anyStep: fc.Arbitrary<Step> = fc
  .record({
    act: anyAct,
    times: fc.integer({ min: 1, max: 9 }),
    each: fc.constantFrom(null, 'side' as const, 'lead' as const),
    mirrored: fc.boolean(),
    tempo: fc.constantFrom(null, { factor: 2 }, { factor: 0.7 }, { seconds: 0.4 }),
    hands: fc.array(
      fc.record({
        kind: fc.constant('hand' as const),
        word: fc.constantFrom('hit', 'jab'),
        tie: fc.constantFrom('start' as const, 'landing' as const, 'first landing' as const),
        offsetMs: fc.integer({ min: -300, max: 300 }),
        span: fc.constant(NOWHERE),
      }),
      { maxLength: 2 },
    ),
  })
  .map((said) => ({ ...stepOf(said.act), ...said, tempo: ruleOf(said.act.word).lasts ? null : said.tempo }));

/** Any step or bracket, with branches. */
export const anyItem: fc.Arbitrary<Item> = fc.oneof(
  anyStep,
  fc
    .record({
      branches: fc.array(fc.array(anyStep, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 3 }),
      times: fc.integer({ min: 1, max: 5 }),
    })
    .chain((said) =>
      fc
        .uniqueArray(fc.constantFrom('left', 'right', 'short ball', 'B 2'), {
          minLength: said.branches.length,
          maxLength: said.branches.length,
        })
        .chain((names) =>
          fc.constantFrom(
            names,
            names.map(() => null),
          ),
        )
        .map((names): Group => ({ ...ONCE, kind: 'group', ...said, names })),
    ),
);
