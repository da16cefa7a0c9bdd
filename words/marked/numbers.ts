// Made from ../en/numbers.ts by npm run marked.
import { formatLength } from '@hopsk/core/body/length';
import { measuredIn } from '../measured.js';

/** Metres as the coach reads them: whole centimetres, or feet and inches to the half. */
export const long = (metres: number): string =>
  measuredIn() === 'cm' ? `${Math.round(metres * 100)} çɱ` : formatLength(metres, measuredIn());

/** Seconds as whole milliseconds, without a sign. */
export const ms = (seconds: number): string => `${Math.abs(Math.round(seconds * 1000))} ɱš`;

/** Seconds with one decimal. */
export const s = (seconds: number): string => `${Math.round(seconds * 10) / 10} š`;

/** The same, rounded up: what is needed at least. */
export const sUp = (seconds: number): string => `${Math.ceil(seconds * 10 - 1e-6) / 10} š`;

/** A share as whole per cent. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;

export const plural = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;
