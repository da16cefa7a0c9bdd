import type { all } from './en/all.js';

/** What every language holds: the English one says what there is to say. */
export type Words = typeof all;

/** The rooms of the language that is spoken, as far as they have been fetched. */
let spoken: Partial<Words> = {};

/** Speaks these rooms from now on; rooms said before stay. */
export function speak(rooms: Partial<Words>): void {
  spoken = { ...spoken, ...rooms };
}

/**
 * The words of the language that is spoken, by room.
 * @throws Error when a room is asked for that nobody fetched: its screen must name it.
 * @example words.common.save // 'save'
 */
export const words: Words = new Proxy({} as Words, {
  get: (_, room) => {
    const said = spoken[room as keyof Words];
    if (said === undefined) throw new Error(`The words of ‘${String(room)}’ were not fetched.`);
    return said;
  },
});
