import * as z from 'zod/mini';
import { whole, type Wire } from './common.js';
import { field } from './problem.js';

/** Samples of a second: as the clips of the app have them. */
export const RECORDED_RATE = 22_050;
/** What a club may keep of it: so many of them, each of so many letters and seconds at most. */
export const RECORDED_LIMITS = { words: 40, letters: 80, seconds: 4 } as const;
const SAMPLES = RECORDED_LIMITS.seconds * RECORDED_RATE;
/** Four bits a sample, three bytes in four letters. */
const lettersOf = (samples: number): number => 4 * Math.ceil(Math.ceil(samples / 2) / 3);

/** A word, or a few, as the clock says them: small letters or figures, with one blank between two. */
const RecordedName = z.string().check(
  z.maxLength(RECORDED_LIMITS.letters),
  z.refine(
    (said) => said === said.toLocaleLowerCase('en') && said.split(' ').every((word) => /^(?:[\p{L}\p{M}’']+|\d+)$/u.test(word)),
    field('words-alone', {}),
  ),
);

const sound = {
  samples: whole(1, SAMPLES),
  sound: z.base64(field('kind', {})).check(z.maxLength(lettersOf(SAMPLES))),
};
const holdsThem = z.refine<{ samples: number; sound: string }>((one) => one.sound.length === lettersOf(one.samples), {
  path: ['sound'],
  error: field('kind', {}),
});

/** Something said in a coach's own voice: mono, `RECORDED_RATE` samples a second, IMA ADPCM (four bits a sample) in base64. */
export const RecordedSave = z.object(sound).check(holdsThem);
export const RecordedWord = z.object({ word: RecordedName, ...sound }).check(holdsThem);
export type RecordedWord = Wire<typeof RecordedWord>;
export const RecordedWords = z.array(RecordedWord);
