/** Something that can be found, and where it is. */
export interface Findable {
  readonly kind: 'people' | 'sessions' | 'patterns' | 'faults' | 'runs';
  readonly id: string;
  readonly name: string;
  /** What else it is found by, and shown beside it. */
  readonly more: string;
  readonly to: string;
  readonly query?: Readonly<Record<string, string>>;
}

/** As many of each kind are shown. */
const OF_A_KIND = 6;

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase();

/**
 * What is found by letters of it, however they are written: what begins with them first, then what has a word that does, then all else;
 * at most so many of each kind. Nothing looked for, nothing found.
 * @example matches('co', [{ kind: 'patterns', id: '1', name: 'Two corners', more: '', to: '/' }]).length // 1
 */
export function matches<F extends Findable>(typed: string, all: readonly F[]): F[] {
  const sought = plain(typed.trim());
  if (sought === '') return [];
  const rank = ({ name, more }: F): number => {
    const called = plain(name);
    if (called.startsWith(sought)) return 0;
    if (called.includes(` ${sought}`)) return 1;
    return called.includes(sought) ? 2 : plain(more).includes(sought) ? 3 : 4;
  };
  const found = all.map((one) => ({ one, at: rank(one) })).filter(({ at }) => at < 4);
  found.sort((a, b) => a.at - b.at || a.one.name.localeCompare(b.one.name));
  const times = new Map<string, number>();
  return found.flatMap(({ one }) => {
    const n = (times.get(one.kind) ?? 0) + 1;
    times.set(one.kind, n);
    return n <= OF_A_KIND ? [one] : [];
  });
}
