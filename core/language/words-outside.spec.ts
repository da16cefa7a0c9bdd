import numberWords from 'number-to-words';
import pluralize from 'pluralize';
import { readDose } from './dose-text.js';
import { ENGLISH } from './english.js';
import { parse } from './parse.js';
import { printPattern } from './print.js';

const read = (line: string): string => {
  const parsed = parse(line);
  return parsed.errors.length > 0 ? parsed.errors.map(({ code }) => code).join() : printPattern(parsed);
};

/** Checked against general packages: number-to-words 1.2.4 and pluralize 8.0.0. */
describe('numbers and plurals', () => {
  it('are those of English: one to twenty in a line of steps', () => {
    expect(ENGLISH.numbers).toEqual(ENGLISH.numbers.map((_, i) => numberWords.toWords(i + 1)));
    for (let n = 1; n <= 20; n++) expect(read(`${numberWords.toWords(n)} splits`)).toBe(read(`split ${n} times`));
  });

  it('are those of English in a dose', () => {
    for (let n = 1; n <= 99; n++) {
      const said = readDose(`${numberWords.toWords(n)} reps`);
      expect([said.errors.length, said.dose?.work])
        .withContext(numberWords.toWords(n))
        .toEqual([0, readDose(`${n} reps`).dose?.work]);
    }
  });

  it('of moves, strikes and things mean the same', () => {
    const wrong: string[] = [];
    for (const words of Object.values(ENGLISH.moves))
      for (const phrase of words) {
        const several = pluralize(phrase);
        // Directions and feet that some moves need; what is wrong with one is wrong with several.
        for (const more of ['', ' left', ' right foot', ' ahead', ' left 45°'])
          if (read(`${several}${more}`) !== read(`${phrase}${more}`))
            wrong.push(`${several}${more}: ${read(`${several}${more}`)}, not ${read(`${phrase}${more}`)}`);
      }
    for (const strike of ENGLISH.strikes)
      if (read(`lunge + ${pluralize(strike)}`) !== read(`lunge + ${strike}`)) wrong.push(pluralize(strike));
    expect(wrong).toEqual([]);
  });
});
