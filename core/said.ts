/**
 * A message as computation gives it: a code, and the numbers and names in it (metres, seconds, degrees; words of the notation
 * as they are typed). What a person reads is made of it by the words of their language.
 * @example type Sums = { 'too-many': { most: number }; none: Nothing }; const one: Said<Sums> = { code: 'too-many', values: { most: 3 } };
 */
export type Said<Messages> = {
  readonly [Code in keyof Messages & string]: { readonly code: Code; readonly values: Messages[Code] };
}[keyof Messages & string];

/** What a message holds that needs nothing beside its code. */
export type Nothing = Readonly<Record<never, never>>;

/** A message with its own code known: what functions give that make one. */
export const said = <Messages, Code extends keyof Messages & string>(code: Code, values: Messages[Code]): Said<Messages> => ({
  code,
  values,
});
