import { leftOpen, watchNext, type MayBeWatched } from './today.js';

const seen = (fault: string, attempts: number, faulty = 0) => ({ fault, attempts, faulty });

describe('who is watched next', () => {
  const people: readonly MayBeWatched[] = [
    { id: 'often', focus: ['tall', 'deep'], seen: [seen('tall', 40, 4), seen('deep', 12, 2)] },
    { id: 'never', focus: ['crossed'], seen: [seen('tall', 80)] },
    { id: 'once', focus: ['tall'], seen: [seen('tall', 8, 3)] },
    { id: 'free', focus: [], seen: [seen('tall', 3)] },
  ];

  it('is whoever was watched least for what they work on, for the fault that was watched least', () => {
    expect(watchNext(people)).toEqual([
      { id: 'never', fault: 'crossed', attempts: 0, faulty: 0 },
      { id: 'once', fault: 'tall', attempts: 8, faulty: 3 },
      { id: 'often', fault: 'deep', attempts: 12, faulty: 2 },
    ]);
  });

  it('without a focus is watched for what their book puts first; of two alike the more important goes first', () => {
    expect(watchNext(people, new Map([['free', 'tall']])).map(({ id, fault }) => [id, fault])[1]).toEqual(['free', 'tall']);
    expect(watchNext([{ id: 'new', focus: ['deep', 'tall'], seen: [] }]).map(({ fault }) => fault)).toEqual(['deep']);
  });
});

describe('what was left open', () => {
  const entry = (fault: string, decision: 'next' | 'stay' | 'back' | 'not enough', due: string | null = null) => ({
    ...{ fault, decision, lookAgain: due === null ? null : { due } },
    sessions: [{ day: '2026-11-12' }, { day: '2026-11-19' }],
  });
  const decided = (fault: string, day: string, takenBack = false) => ({ fault, day, takenBack });

  it('is a step that the rule offers and nobody decided on since; steps back come first', () => {
    const entries = [entry('on', 'next'), entry('back', 'back'), entry('here', 'stay'), entry('few', 'not enough')];
    expect(leftOpen(entries, [], '2026-11-20')).toEqual([
      { fault: 'back', what: 'back' },
      { fault: 'on', what: 'next' },
    ]);
    expect(leftOpen(entries, [decided('back', '2026-11-19'), decided('on', '2026-11-12')], '2026-11-20')).toEqual([
      { fault: 'on', what: 'next' },
    ]);
    expect(leftOpen(entries, [decided('back', '2026-11-19', true)], '2026-11-20').length).toBe(2);
  });

  it('is a fault to look at again from its day on', () => {
    const entries = [entry('gone', 'stay', '2026-11-20')];
    expect(leftOpen(entries, [], '2026-11-19')).toEqual([]);
    expect(leftOpen(entries, [], '2026-11-20')).toEqual([{ fault: 'gone', what: 'again' }]);
  });
});
