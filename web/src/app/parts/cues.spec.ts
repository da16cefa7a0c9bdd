import { due } from './cues';

const cues = [0, 1, 1.5, 8].map((at) => ({ at, say: `at ${at}` }));

describe('what falls due on the clock', () => {
  it('is everything since the last look, once each', () => {
    expect(due(cues, -0.1, 0).map((cue) => cue.at)).toEqual([0]);
    expect(due(cues, 0, 1.5).map((cue) => cue.at)).toEqual([1, 1.5]);
    expect(due(cues, 1.5, 1.6)).toEqual([]);
  });

  it('is nothing when the clock went back or was moved by hand', () => {
    expect(due(cues, 1.5, 0)).toEqual([]);
    expect(due(cues, 1.5, 9)).toEqual([]);
  });
});
