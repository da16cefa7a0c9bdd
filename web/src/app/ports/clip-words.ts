/**
 * The words of what is said, as clips are kept: small letters, figures by themselves; what parts them says nothing.
 * @example wordsIn('Next: front corner, 2') // ['next', 'front', 'corner', '2']
 */
export const wordsIn = (said: string): string[] => said.toLocaleLowerCase('en').match(/[\p{L}\p{M}’']+|\d+/gu) ?? [];

/**
 * The same as one: what is recorded in somebody's own voice is known by it.
 * @example phraseOf('Show the chest!') // 'show the chest'
 */
export const phraseOf = (said: string): string => wordsIn(said).join(' ');
