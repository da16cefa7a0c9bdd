import type { FieldMessages } from '@hopsk/contract/problem';
import { formatLength, parseLength, type LengthUnits } from '@hopsk/core/body/length';
import type { Said } from '@hopsk/core/said';

/** What a box makes of what was typed: a value, or what is wrong with it. */
export type Reading<T> = { readonly value: T } | { readonly wrong: Said<FieldMessages> };

/** How a box shows its value and reads what is typed. */
export interface Reads<T> {
  readonly show: (value: T) => string;
  readonly read: (typed: string) => Reading<T>;
  readonly keyboard: 'text' | 'decimal' | 'numeric' | 'email' | 'date' | 'time' | 'password' | 'pin';
  /** Characters at most; null where only the value has limits. */
  readonly most: number | null;
  /** The value a step up or down, for the arrow keys. */
  readonly step?: (value: T, by: 1 | -1) => T;
}

interface Limits {
  readonly low: number;
  readonly high: number;
  readonly step?: number;
  readonly whole?: boolean;
  readonly unit?: string;
  /** Shown so many times as large as it is kept: 100 for a share that is typed in per cent. */
  readonly scale?: number;
}

/** Long tails of binary fractions are nothing that anybody typed. */
const tidy = (n: number): number => Math.round(n * 1e6) / 1e6;

/**
 * A number between two bounds, with a point or a comma, its unit behind it or not. Bounds, step and unit are those that are shown.
 * @example numbers({ low: 0, high: 5 }).read('0,5') // { value: 0.5 }
 */
export function numbers({ low, high, step = 1, whole = false, unit = '', scale = 1 }: Limits): Reads<number> {
  const within = (n: number): number => Math.min(high, Math.max(low, tidy(n)));
  return {
    show: (value) => String(tidy(value * scale)),
    read: (typed) => {
      const bare = typed.trim().replace(/^−/, '-').replace(',', '.');
      const n = Number(unit !== '' && bare.endsWith(unit) ? bare.slice(0, -unit.length) : bare);
      if (bare === '' || !Number.isFinite(n)) return { wrong: { code: 'number', values: {} } };
      if (n < low || n > high) return { wrong: { code: 'between', values: { low, high, unit } } };
      if (whole && !Number.isInteger(n)) return { wrong: { code: 'whole', values: {} } };
      return { value: n / scale };
    },
    keyboard: whole ? 'numeric' : 'decimal',
    most: null,
    step: (value, by) => within(value * scale + by * step) / scale,
  };
}

/** The same, but an empty box is an answer too: nothing. */
export const orNothing = <T>(reads: Reads<T>): Reads<T | null> => ({
  keyboard: reads.keyboard,
  most: reads.most,
  show: (value) => (value === null ? '' : reads.show(value)),
  read: (typed) => (typed.trim() === '' ? { value: null } : reads.read(typed)),
  ...(reads.step && { step: (value: T | null, by: 1 | -1) => (value === null ? null : (reads.step?.(value, by) ?? value)) }),
});

/** Beside boxes that may be empty, one that may not. */
export const needed = <T>(reads: Reads<T>): Reads<T | null> => ({
  ...orNothing(reads),
  read: (typed) => reads.read(typed),
});

/** A length in metres as the coach reads and types it; bounds in metres. */
export function lengths(units: LengthUnits, { low, high }: Pick<Limits, 'low' | 'high'>): Reads<number> {
  const [inUnit, unit] = units === 'cm' ? [0.01, 'cm'] : [0.0254, 'in'];
  const shown = (metres: number): number => Math.round((metres / inUnit) * 10) / 10;
  return {
    show: (value) => formatLength(value, units, 1).replace(/\.0 /, ' '),
    read: (typed) => {
      const less = /^[-−]/.test(typed.trim());
      const long = parseLength(less ? typed.trim().slice(1) : typed, units);
      const metres = long !== null && less ? -long : long;
      if (metres === null) return { wrong: { code: 'length', values: {} } };
      if (metres < low || metres > high) return { wrong: { code: 'between', values: { low: shown(low), high: shown(high), unit } } };
      return { value: metres };
    },
    keyboard: 'text',
    most: 20,
  };
}

/** A line of text, without blanks around it; `least` characters of it. */
export const texts = (most: number, least: 0 | 1 = 0): Reads<string> => ({
  show: (value) => value,
  read: (typed) => (typed.trim().length < least ? { wrong: { code: 'empty', values: {} } } : { value: typed.trim() }),
  keyboard: 'text',
  most,
});

/** Text to the letter as it was typed. */
export const asTyped = (most: number): Reads<string> => ({
  show: (value) => value,
  read: (typed) => ({ value: typed }),
  keyboard: 'text',
  most,
});

/** An e-mail address, as far as a box can tell. */
export const emails: Reads<string> = {
  show: (value) => value,
  read: (typed) => {
    const address = typed.trim();
    if (address === '') return { wrong: { code: 'empty', values: {} } };
    return /^[^@\s]+@[^@\s]+$/.test(address) ? { value: address } : { wrong: { code: 'email', values: {} } };
  },
  keyboard: 'email',
  most: 200,
};

/** A password of at least so many characters, to the letter as it was typed. */
export const passwords = (least: number, keyboard: 'password' | 'text' = 'password'): Reads<string> => ({
  show: (value) => value,
  read: (typed) =>
    typed === ''
      ? { wrong: { code: 'empty', values: {} } }
      : typed.length < least
        ? { wrong: { code: 'shorter', values: { least } } }
        : { value: typed },
  keyboard,
  most: 200,
});

/** A passphrase, shown as it is typed, for it is asked for once; empty: none. */
export const passphrases = (least: number): Reads<string> => {
  const reads = passwords(least, 'text');
  return { ...reads, read: (typed) => (typed === '' ? { value: '' } : reads.read(typed)) };
};

/** A PIN: four to eight digits, not shown. */
export const pins: Reads<string> = {
  show: (value) => value,
  read: (typed) =>
    !/^\d*$/.test(typed)
      ? { wrong: { code: 'number', values: {} } }
      : typed.length < 4
        ? { wrong: { code: 'shorter', values: { least: 4 } } }
        : { value: typed },
  keyboard: 'pin',
  most: 8,
};

/** A day, as the browser's own calendar gives it: 2026-11-26. */
export const days: Reads<string> = {
  show: (value) => value,
  read: (typed) => (/^\d{4}-\d\d-\d\d$/.test(typed) ? { value: typed } : { wrong: { code: 'day', values: {} } }),
  keyboard: 'date',
  most: null,
};

/** A time of day: 18:30. */
export const times: Reads<string> = {
  show: (value) => value,
  read: (typed) => (/^\d\d:\d\d$/.test(typed) ? { value: typed } : { wrong: { code: 'missing', values: {} } }),
  keyboard: 'time',
  most: null,
};

/** A line of text each, empty ones left out: at most so many of at most so many characters. */
export const lists = (most: number, long: number): Reads<readonly string[]> => ({
  show: (value) => value.join('\n'),
  read: (typed) => {
    const all = typed
      .split('\n')
      .map((one) => one.trim())
      .filter((one) => one !== '');
    if (all.length > most) return { wrong: { code: 'too-many', values: { most } } };
    if (all.some((one) => one.length > long)) return { wrong: { code: 'longer', values: { most: long } } };
    return { value: all };
  },
  keyboard: 'text',
  most: null,
});

/** Words between commas, each once: at most so many of at most so many characters. */
export const tags = (most: number, long: number): Reads<readonly string[]> => {
  const lines = lists(most, long);
  return {
    ...lines,
    show: (value) => value.join(', '),
    read: (typed) => lines.read([...new Set(typed.split(',').map((one) => one.trim()))].join('\n')),
  };
};
