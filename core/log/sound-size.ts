import { COUNT_DOWN } from './clock.js';

/** Samples a second of a session as sound; one channel, 16 bits each. */
export const SOUND_RATE = 22_050;
/** What sounds last may finish, seconds. */
const FINISHES = 2;
/** Longer than that (s) nobody takes a session along as sound. */
export const LONGEST_SOUND = 2 * 3600;

/** Seconds of a plan as sound: its count-down before it, and what sounds last behind it. */
export const soundSeconds = (total: number): number => COUNT_DOWN + total + FINISHES;
export const samplesOf = (seconds: number): number => Math.round(seconds * SOUND_RATE);

/**
 * Bytes of a session as sound, known before any of it is made.
 * @param total seconds of its plan.
 * @example soundBytes(60) // 2954744
 */
export const soundBytes = (total: number): number => WAV_HEADER + 2 * samplesOf(soundSeconds(total));

/** Bytes of the head of a WAV file. */
export const WAV_HEADER = 44;
