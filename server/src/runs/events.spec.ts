import { randomUUID } from 'node:crypto';
import { RunEventSchema } from '@hopsk/contract';
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

/** Any event of a log, as a device makes it. */
const anyEvent: fc.Arbitrary<RunEvent> = fc.oneof(
  fc.record({ ...stamp, kind: fc.constantFrom('go' as const, 'pause' as const, 'resume' as const, 'end' as const) }),
  fc.record({ ...stamp, kind: fc.constant('skip' as const), to: fc.nat(3000) }),
  fc.record({ ...stamp, kind: fc.constant('watch' as const), athlete: somebody }),
  fc.record({ ...stamp, kind: fc.constant('board' as const), faults: fc.subarray(['tall', 'crossed', 'eyes']) }),
  fc.record({ ...stamp, kind: fc.constant('view' as const), view: fc.constantFrom('front' as const, 'side' as const) }),
  fc.record({ ...stamp, ...seen, kind: fc.constant('fault' as const), fault: fc.constantFrom('tall', 'eyes'), side }),
  fc.record({ ...stamp, ...seen, kind: fc.constant('right' as const), fault: fc.option(fc.constant('tall')) }),
  fc.record({ ...stamp, ...seen, kind: fc.constant('result' as const), result: fc.constantFrom(...RESULTS) }),
  fc.record({ ...stamp, ...seen, kind: fc.constant('attempt' as const), clean: fc.boolean() }),
  fc.record({ ...stamp, kind: fc.constant('undo' as const), target: id }),
  fc.record({ ...stamp, kind: fc.constant('move' as const), target: id, by: fc.integer({ min: -50, max: 50 }) }),
  fc.record({ ...stamp, kind: fc.constant('assign' as const), target: id, athlete: id }),
);

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
    holds(
      fc.property(anyEvent, (event) => {
        expect(RunEventSchema.safeParse(event).success).toBeTrue();
        expect(toEvent(stored(event))).toEqual(event);
      }),
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
