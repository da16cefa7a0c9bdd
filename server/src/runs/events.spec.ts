import { randomUUID } from 'node:crypto';
import { RunEventSchema } from '@hopsk/contract/run';
import { RESULTS, type RunEvent } from '@hopsk/core/log/event';
import fc from 'fast-check';
import { toEvent, toRow, type EventRow } from './events.js';
import { holds } from '@hopsk/core/testing/holds';

const stamp = { id: fc.constant('').map(() => randomUUID()), n: fc.nat(1000), at: fc.nat(), t: fc.integer({ min: -5, max: 3000 }) };
const somebody = fc.option(fc.constant('').map(() => randomUUID()));
const side = fc.option(fc.constantFrom('left' as const, 'right' as const));
const seen = {
  athlete: somebody,
  source: fc.constantFrom('floor' as const, 'film' as const, 'import' as const),
  clip: fc.option(fc.integer({ min: 0, max: 600 })),
};
const id = fc.constant('').map(() => randomUUID());

/** Any event of a log, as a device makes it: a kind that is not here does not compile. */
const kinds: { readonly [K in RunEvent['kind']]: fc.Arbitrary<RunEvent & { kind: K }> } = {
  go: fc.record({ ...stamp, kind: fc.constant('go' as const) }),
  pause: fc.record({ ...stamp, kind: fc.constant('pause' as const) }),
  resume: fc.record({ ...stamp, kind: fc.constant('resume' as const) }),
  end: fc.record({ ...stamp, kind: fc.constant('end' as const) }),
  skip: fc.record({ ...stamp, kind: fc.constant('skip' as const), to: fc.nat(3000) }),
  watch: fc.record({ ...stamp, kind: fc.constant('watch' as const), athlete: somebody }),
  board: fc.record({ ...stamp, kind: fc.constant('board' as const), faults: fc.subarray(['tall', 'crossed', 'eyes']) }),
  view: fc.record({ ...stamp, kind: fc.constant('view' as const), view: fc.constantFrom('front' as const, 'side' as const) }),
  fault: fc.record({ ...stamp, ...seen, kind: fc.constant('fault' as const), fault: fc.constantFrom('tall', 'eyes'), side }),
  right: fc.record({ ...stamp, ...seen, kind: fc.constant('right' as const), fault: fc.option(fc.constant('tall')) }),
  result: fc.record({ ...stamp, ...seen, kind: fc.constant('result' as const), result: fc.constantFrom(...RESULTS) }),
  attempt: fc.record({ ...stamp, ...seen, kind: fc.constant('attempt' as const), clean: fc.boolean() }),
  freeze: fc.record({ ...stamp, ...seen, kind: fc.constant('freeze' as const), could: fc.boolean() }),
  undo: fc.record({ ...stamp, kind: fc.constant('undo' as const), target: id }),
  move: fc.record({ ...stamp, kind: fc.constant('move' as const), target: id, by: fc.integer({ min: -50, max: 50 }) }),
  assign: fc.record({ ...stamp, kind: fc.constant('assign' as const), target: id, athlete: id }),
};

/** The columns as PostgreSQL gives them back: what was not set is null. */
const stored = (event: RunEvent): EventRow => ({
  athlete: null,
  fault: null,
  side: null,
  source: null,
  clip: null,
  ...(JSON.parse(JSON.stringify(toRow(event))) as EventRow),
});

describe('events as rows', () => {
  it('come back as they were sent, and fit the contract', () => {
    for (const any of Object.values<fc.Arbitrary<RunEvent>>(kinds))
      holds(
        fc.property(any, (event) => {
          expect(RunEventSchema.safeParse(event).success).toBeTrue();
          expect(toEvent(stored(event))).toEqual(event);
        }),
        50,
      );
  });

  it('an observation always knows its source and may carry a clip time', () => {
    const film = {
      id: randomUUID(),
      n: 1,
      at: 1,
      t: 3,
      kind: 'fault',
      fault: 'tall',
      side: null,
      athlete: null,
      source: 'film',
      clip: 12.48,
    } as const;
    expect(toRow(film)).toEqual(jasmine.objectContaining({ source: 'film', clip: 12.48, body: {} }));
    const { source: _, ...without } = film;
    expect(RunEventSchema.safeParse(without).success).toBeFalse();
  });
});
