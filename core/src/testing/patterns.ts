import fc from 'fast-check';
import type { Item } from '../notation/ast.js';

const anyBearing = fc.integer({ min: -179, max: 180 });
const anySize = fc.oneof(
  fc.constant(null),
  fc.record({ value: fc.integer({ min: 1, max: 90 }), unit: fc.constantFrom('cm' as const, 'in' as const) }),
  fc.record({ value: fc.constant(1), unit: fc.constantFrom('small' as const, 'big' as const) }),
);
const sized = { size: anySize.filter((size) => size !== null), bearing: anyBearing };
const inPlace = { size: fc.constant(null), bearing: fc.constant(0) };

/** Moves that bring the feet together, exchange them, or leave the floor. */
export const anyFootwork = fc.oneof(
  fc.record({
    move: fc.constant('meet' as const),
    word: fc.constantFrom('chassé' as const, 'gallop' as const),
    bearing: anyBearing,
    size: anySize,
  }),
  fc.record({
    move: fc.constant('half step' as const),
    bearing: anyBearing,
    size: anySize,
    foot: fc.constantFrom(null, 'left' as const, 'rear' as const),
  }),
  fc.record({ move: fc.constant('pendulum' as const), bearing: anyBearing, size: anySize }),
  fc.record({
    move: fc.constant('pass' as const),
    word: fc.constant('pass' as const),
    bearing: anyBearing,
    size: anySize,
    foot: fc.constantFrom(null, 'right' as const),
  }),
  fc.record({
    move: fc.constant('pass' as const),
    word: fc.constant('shift' as const),
    bearing: fc.constant(0),
    size: anySize,
    foot: fc.constant(null),
  }),
  fc.record({
    move: fc.constant('pass' as const),
    word: fc.constant('back step' as const),
    bearing: fc.constant(180),
    size: anySize,
    foot: fc.constant(null),
  }),
  fc.record({ move: fc.constantFrom('switch' as const, 'jump' as const), ...inPlace }),
  fc.record({ move: fc.constantFrom('switch' as const, 'jump' as const), ...sized }),
  fc.record({ move: fc.constant('square up' as const) }),
);

/** Any step that the notation can say. */
export const anyStep = fc
  .record({
    act: fc.oneof(
      anyFootwork,
      fc.record({
        move: fc.constant('gather' as const),
        word: fc.constant('shuffle' as const),
        bearing: fc.integer({ min: -179, max: 180 }),
        size: fc.oneof(
          fc.constant(null),
          fc.record({ value: fc.integer({ min: 1, max: 90 }), unit: fc.constantFrom('cm' as const, 'in' as const) }),
        ),
        first: fc.constantFrom(null, 'left' as const, 'far' as const),
      }),
      fc.record({
        move: fc.constant('pivot' as const),
        foot: fc.constantFrom('left' as const, 'lead' as const),
        turn: fc.integer({ min: 1, max: 360 }),
      }),
      fc.record({
        move: fc.constant('lunge' as const),
        bearing: fc.constantFrom(0, 45, -90),
        size: fc.constant(null),
        foot: fc.constantFrom(null, 'right' as const),
      }),
      fc.record({ move: fc.constant('recover' as const), way: fc.constantFrom('back' as const, 'ahead' as const) }),
      fc.record({ move: fc.constant('split' as const), style: fc.constantFrom('drop' as const, 'low hop' as const, 'high hop' as const) }),
    ),
    times: fc.integer({ min: 1, max: 9 }),
    tempo: fc.constantFrom(null, { factor: 2 }, { factor: 0.7 }, { seconds: 0.4 }),
    hands: fc.array(
      fc.record({
        word: fc.constantFrom('hit', 'jab'),
        tie: fc.constantFrom('start' as const, 'landing' as const),
        offsetMs: fc.integer({ min: -300, max: 300 }),
        span: fc.constant({ from: 0, to: 0 }),
      }),
      { maxLength: 2 },
    ),
  })
  .map((step): Item => ({ kind: 'step', ...step, span: { from: 0, to: 0 } }));
/** Any step or bracket. */
export const anyItem = fc.oneof(
  anyStep,
  fc
    .record({ items: fc.array(anyStep, { minLength: 1, maxLength: 4 }), times: fc.integer({ min: 1, max: 5 }) })
    .map((group): Item => ({ kind: 'group', ...group, span: { from: 0, to: 0 } })),
);
