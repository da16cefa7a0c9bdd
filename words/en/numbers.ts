import { formatLength } from '@hopsk/core/body/length';
import { measuredIn } from '../measured.js';

/** Metres as the coach reads them: whole centimetres, or feet and inches to the half. */
export const long = (metres: number): string =>
  measuredIn() === 'cm' ? `${Math.round(metres * 100)} cm` : formatLength(metres, measuredIn());

/** Seconds as whole milliseconds, without a sign. */
export const ms = (seconds: number): string => `${Math.abs(Math.round(seconds * 1000))} ms`;

/** Seconds with one decimal. */
export const s = (seconds: number): string => `${Math.round(seconds * 10) / 10} s`;

/** The same, rounded up: what is needed at least. */
export const sUp = (seconds: number): string => `${Math.ceil(seconds * 10 - 1e-6) / 10} s`;

/** A share as whole per cent. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;

export const plural = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;
