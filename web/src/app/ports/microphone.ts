import { trimmed } from './trimmed';

/** Below this part of what a microphone can take nothing was said. */
const QUIET = 0.04;
/** Of the loudest moment: what is softer at the ends is no part of the word. */
const SOFT = 0.06;
/** Seconds of what lies before and behind a word that are kept: its first and last sounds are soft. */
const AROUND = 0.06;

/** In less than so long (ms) nobody says a word. */
const LEAST = 200;

/** Why nothing was recorded: not allowed, no microphone, nothing said, or the browser cannot. */
export type Unheard = 'refused' | 'none' | 'quiet' | 'fault';

/** A recording under way. */
export interface Recording {
  /** It is said: no need to wait for the rest of the time. */
  readonly stop: () => void;
  /** The word as samples (−1…1) at the rate that was asked for, without silence around it; or why there is none. */
  readonly done: Promise<Float32Array | Unheard>;
}

/**
 * Listens to one word, for so many seconds at most. The microphone is let go when it is over.
 * @param rate samples a second.
 */
export async function record(seconds: number, rate: number): Promise<Recording | Unheard> {
  if (!('mediaDevices' in navigator) || !('MediaRecorder' in globalThis)) return 'fault';
  let stream: MediaStream;
  try {
    stream = await navigator.mediaDevices.getUserMedia({ audio: { channelCount: 1 } });
  } catch (error) {
    const name = error instanceof DOMException ? error.name : '';
    return name === 'NotFoundError' ? 'none' : name === 'NotAllowedError' ? 'refused' : 'fault';
  }
  const recorder = new MediaRecorder(stream);
  const began = performance.now();
  const parts: Blob[] = [];
  recorder.ondataavailable = ({ data }) => parts.push(data);
  const stop = (): void => {
    if (recorder.state !== 'inactive') recorder.stop();
  };
  const done = new Promise<Float32Array | Unheard>((heard) => {
    recorder.onerror = () => heard('fault');
    recorder.onstop = () => {
      for (const track of stream.getTracks()) track.stop();
      // What was stopped at once holds nothing that could be read.
      if (performance.now() - began < LEAST) heard('quiet');
      else wordIn(new Blob(parts), seconds, rate).then(heard, () => heard('fault'));
    };
  });
  recorder.start();
  setTimeout(stop, seconds * 1000);
  return { stop, done };
}

async function wordIn(sound: Blob, seconds: number, rate: number): Promise<Float32Array | Unheard> {
  const context = new OfflineAudioContext(1, 1, rate);
  const all = (await context.decodeAudioData(await sound.arrayBuffer())).getChannelData(0);
  const loudest = all.reduce((most, one) => Math.max(most, Math.abs(one)), 0);
  if (loudest < QUIET) return 'quiet';
  return trimmed(all, SOFT * loudest, Math.round(AROUND * rate))?.slice(0, Math.floor(seconds * rate)) ?? 'quiet';
}
