import type { Said } from '@hopsk/core/said';

/** How each message of a kind is said in one language. */
export type Says<Messages> = { readonly [Code in keyof Messages]: (values: Messages[Code]) => string };

/**
 * A message in words.
 * @example say({ none: () => 'none', many: ({ n }) => `${n} of them` }, { code: 'many', values: { n: 3 } }) // '3 of them'
 */
export const say = <Messages>(words: Says<Messages>, { code, values }: Said<Messages>): string =>
  (words[code as keyof Messages] as (values: unknown) => string)(values);
