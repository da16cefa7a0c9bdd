import type { Felt, RunEvent } from './event.js';

type Said = 'effort' | 'pain' | 'felt';
type SaidEvent<K extends Said> = Extract<RunEvent, { kind: K }>;

/** What each said last in events of a kind, which are in order; what was taken back is not said. */
function lastWords<K extends Said, V>(events: readonly RunEvent[], kind: K, said: (event: SaidEvent<K>) => V | null): Map<string, V> {
  const words = new Map<string, V>();
  for (const event of events) {
    if (event.kind !== kind) continue;
    const word = said(event as SaidEvent<K>);
    words.delete(event.athlete);
    if (word !== null) words.set(event.athlete, word);
  }
  return words;
}

/** How hard it was, by athlete: the last word of each, of events in order; one that was taken back is none. */
export const effortsIn = (events: readonly RunEvent[]): ReadonlyMap<string, { readonly effort: number; readonly minutes: number }> =>
  lastWords(events, 'effort', ({ effort, minutes }) => (effort === null ? null : { effort, minutes }));

/** Whether anything hurt, by athlete: the last word of each, of events in order. */
export const painsIn = (events: readonly RunEvent[]): ReadonlyMap<string, boolean> => lastWords(events, 'pain', ({ pain }) => pain);

/** Which of two variants felt better, by athlete: the last word of each, of events in order. */
export const feltIn = (events: readonly RunEvent[]): ReadonlyMap<string, NonNullable<Felt['better']>> =>
  lastWords(events, 'felt', ({ better }) => better);
