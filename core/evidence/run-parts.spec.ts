import { runPartsOf, type PartRow } from './run-parts.js';

const row = (of: Partial<PartRow>): PartRow => ({
  ...{ run: 'a', began: '2026-11-02T18:00', name: 'Chase', exercise: 0, stage: '', kind: '', cueing: '', implement: '', tempo: null },
  ...{ set: 0, round: 0, sets: 0, rounds: 0, third: 0, way: '', direction: '', opponent: '', view: '', source: '' },
  ...{ attempts: 10, faulty: 2, left: 0, right: 0 },
  ...of,
});

describe('stored parts of runs', () => {
  it('rounds are numbered through all sets, and lie where they lie in their exercise', () => {
    const parts = runPartsOf(
      [
        row({ set: 1, round: 1, sets: 2, rounds: 3 }),
        row({ set: 2, round: 2, sets: 2, rounds: 3 }),
        row({ set: 1, round: 1, sets: 1, rounds: 1 }),
        row({ set: 1, round: 2, sets: 1, rounds: 3 }),
        row({}),
      ],
      (run) => run,
    );
    expect(parts.map(({ values, through }) => [values.round, through])).toEqual([
      ['1', 0.5 / 6],
      ['5', 4.5 / 6],
      ['1', null],
      // The middle of three, which is neither early nor late.
      ['2', 0.5],
      ['', null],
    ]);
  });

  it('an exercise without a name is called as its run; what is not given stays so', () => {
    const [one, two] = runPartsOf([row({}), row({ stage: 'Called', third: 2, tempo: 1.2, cueing: 'called' })], () => 'evening');
    expect([one?.stage, two?.stage]).toEqual(['Chase', 'Called']);
    expect(one?.values).toEqual({
      ...{
        third: '',
        round: '',
        part: '',
        stage: 'Chase',
        kind: '',
        cueing: '',
        implement: '',
        tempo: '',
        way: '',
        direction: '',
        view: '',
        opponent: '',
        source: '',
      },
    });
    expect(two?.values).toEqual(jasmine.objectContaining({ third: '2', tempo: '1.2', cueing: 'called' }));
  });

  it('the part of the evening goes by when exercises came, over all of its runs', () => {
    const rows = [
      row({ run: 'b', began: '2026-11-02T18:30', exercise: 10 }),
      row({ run: 'b', began: '2026-11-02T18:30', exercise: 2 }),
      row({ run: 'a', exercise: 0 }),
      row({ run: 'c', began: '2026-11-09T18:00' }),
    ];
    const parts = runPartsOf(rows, (run) => (run === 'c' ? 'second' : 'first'));
    expect(parts.map(({ values }) => values.part)).toEqual(['3', '2', '1', '']);
  });
});
