import type { Beep } from './beeps.js';

/** How a tone sounds: a pitch (Hz), a length (s), and how often one after the other. */
export interface Tone {
  readonly pitch: number;
  readonly length: number;
  readonly times?: number;
}

/** Alike are none, so that a hall knows them apart. */
export const TONES: Readonly<Record<Beep['sound'], Tone>> = {
  tick: { pitch: 660, length: 0.09 },
  ten: { pitch: 740, length: 0.12, times: 2 },
  work: { pitch: 990, length: 0.5 },
  rest: { pitch: 495, length: 0.5 },
  end: { pitch: 880, length: 1 },
  chime: { pitch: 1320, length: 0.2 },
  call: { pitch: 1170, length: 0.12 },
  beat: { pitch: 440, length: 0.06 },
  low: { pitch: 330, length: 0.06 },
};
/** From the beginning of one of several to that of the next, times its length. */
export const TONE_AGAIN = 1.7;
/** So loud a tone is beside words, which are as loud as can be. */
export const TONE_LOUD = 0.5;
/** A tone is as loud as it gets within so many seconds, and dies away in so many. */
export const TONE_EDGES = { rises: 0.002, falls: 0.04 } as const;

/** What sounds only where there is no word for it. */
const INSTEAD: readonly Beep['sound'][] = ['call', 'beat', 'low'];

/** Words at a second of the plan. */
export interface Saying {
  readonly at: number;
  readonly say: string;
}

/** A tone or words, to be heard at a second of the plan. */
export type Heard = { readonly at: number } & ({ readonly tone: Beep['sound'] } | { readonly say: string });

/**
 * What is heard of a plan: its tones, and words where they can be said. A call and a beat are their word; another tone is heard first.
 * @param says whether words can be said.
 * @example heardOf([{ at: 3, sound: 'call' }], [{ at: 3, say: 'left' }], () => true) // [{ at: 3, say: 'left' }]
 */
export function heardOf(beeps: readonly Beep[], words: readonly Saying[], says: (words: string) => boolean): Heard[] {
  const tones = new Map(beeps.map(({ at, sound }) => [at, sound]));
  const said = words.flatMap(({ at, say }): Heard[] => {
    if (say === '' || !says(say)) return [];
    const tone = tones.get(at);
    const later = tone === undefined || INSTEAD.includes(tone) ? 0 : TONES[tone].length;
    if (later === 0) tones.delete(at);
    return [{ at: at + later, say }];
  });
  const sounding = beeps.filter(({ at, sound }) => !INSTEAD.includes(sound) || tones.get(at) === sound);
  return [...sounding.map(({ at, sound }) => ({ at, tone: sound })), ...said];
}
