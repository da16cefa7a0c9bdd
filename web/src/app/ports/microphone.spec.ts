import { record, type Recording } from './microphone';
import { trimmed } from './trimmed';

const RATE = 22_050;

describe('a word from a microphone', () => {
  /** A microphone that hears a tone of so many seconds, so loud, a little after it was opened. */
  async function hears(seconds: number, loud: number): Promise<MediaStream> {
    const context = new AudioContext();
    await context.resume();
    const [tone, gain, out] = [context.createOscillator(), context.createGain(), context.createMediaStreamDestination()];
    gain.gain.value = loud;
    tone.connect(gain).connect(out);
    tone.start(context.currentTime + 0.3);
    tone.stop(context.currentTime + 0.3 + seconds);
    return out.stream;
  }
  let asked: jasmine.Spy;
  beforeEach(() => (asked = spyOn(navigator.mediaDevices, 'getUserMedia')));

  it('is what was said, without the silence around it, as loud as any; and the microphone is let go', async () => {
    const stream = await hears(0.5, 0.2);
    asked.and.resolveTo(stream);
    const word = await ((await record(1.2, RATE)) as Recording).done;
    if (typeof word === 'string') throw new Error(word);
    // Half a second, and what is kept on both sides; the browser's own coding of speech lets it ring on a little.
    expect(word.length / RATE).toBeGreaterThan(0.45);
    expect(word.length / RATE).toBeLessThan(0.8);
    expect(Math.max(...word)).toBeGreaterThan(0.9);
    expect(stream.getTracks().map(({ readyState }) => readyState)).toEqual(['ended']);
  });

  it('is over when it is said; stopped at once, or softer than any word, it is nothing', async () => {
    asked.and.resolveTo(await hears(0.5, 0.5));
    const recording = (await record(60, RATE)) as Recording;
    recording.stop();
    expect(await recording.done).toBe('quiet');
    asked.and.resolveTo(await hears(0.5, 0.01));
    expect(await ((await record(1, RATE)) as Recording).done).toBe('quiet');
  });

  it('that is not allowed, not there or broken says which', async () => {
    for (const [name, why] of [
      ['NotAllowedError', 'refused'],
      ['NotFoundError', 'none'],
      ['NotReadableError', 'fault'],
    ] as const) {
      asked.and.rejectWith(new DOMException('', name));
      expect(await record(1, RATE)).toBe(why);
    }
  });
});

describe('a word without the silence around it', () => {
  const samples = Float32Array.from([0, 0.001, 0.2, -0.4, 0.1, 0, 0]);

  it('is as loud as any other, with as much around it as is asked for', () => {
    const word = trimmed(samples, 0.01);
    expect(word?.length).toBe(3);
    [0.475, -0.95, 0.2375].forEach((one, i) => expect(word?.[i]).toBeCloseTo(one, 4));
    expect(trimmed(samples, 0.01, 1)?.length).toBe(5);
    expect(trimmed(samples, 0.01, 99)?.length).toBe(7);
    expect(trimmed(samples, 0.5)).toBeNull();
  });
});
