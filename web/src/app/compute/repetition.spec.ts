import { athlete, pattern } from '../testing/run';
import { repetitionOf } from './repetition';

describe('a pattern’s repetition', () => {
  it('knows the floor of its pattern', () => {
    const way = (area: string) =>
      repetitionOf({
        pattern: pattern({ steps: 'run to the rear corner forehand side 4', area }),
        athlete: athlete(),
        taught: { moves: [], stances: [] },
      }).plan?.direction;
    // On no floor there is no corner: the step is done without it.
    expect([way(''), way('badminton')]).toEqual(['ahead', 'back right']);
  });

  it('is that of the one who does it, mirrored for a left-hander', () => {
    const steps = 'tempo flat, split, shuffle right 40 cm';
    const taught = { moves: [], stances: [] };
    const right = repetitionOf({ pattern: pattern({ steps }), athlete: athlete(), taught });
    const left = repetitionOf({ pattern: pattern({ steps }), athlete: athlete({ hand: 'left' }), taught });
    expect(right.steps).toBe(steps);
    expect(left.steps).toBe('tempo flat, split, shuffle left 40 cm');
    // 0.35 s of split and twice 0.22 s of gather.
    expect(right.plan?.seconds).toBeCloseTo(0.79, 9);
    expect(right.plan?.chances).toEqual({ repetition: [0], split: [0], step: [0.35] });
  });
});
