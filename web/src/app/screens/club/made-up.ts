const [FIRST, SECOND] = ['bdfghjklmnprstvz', 'aeiou'];

/**
 * A passphrase nobody has to think of: six groups of two syllables that can be said and written down, some 75 bits by chance.
 * @example madeUp() // 'kovi-tade-muru-fise-zola-benu'
 */
export function madeUp(): string {
  const bytes = crypto.getRandomValues(new Uint16Array(24));
  // 16 and 5 into 65,536: what is left over makes some vowels likelier by less than one in ten thousand.
  const letters = [...bytes].map((n, i) => (i % 2 === 0 ? FIRST[n % 16] : SECOND[n % 5]) ?? '');
  return letters.join('').replace(/(.{4})(?=.)/g, '$1-');
}
