import { Plain } from './project.mjs';

export const help = `npm test -- [STAGE ...] [options]
  --only FILE   in the stages named, only this spec (a part of its path)
  --repeat N    what could depend on time or chance, N times over
  --long        ten times the cases of each property, with a fresh seed
HOPSK_SEED repeats the properties of a run, HOPSK_ORDER the order of its specs; what fails names them.`;

const whole = (said, name, most) => {
  const number = Number(said);
  if (!Number.isInteger(number) || number < 1 || number > most)
    throw new Plain(`${name} takes a whole number from 1 to ${most}.\n\n${help}`);
  return number;
};

/** What was asked of the test command; a word that begins with no dash is a stage. */
export function testOptions(words) {
  const asked = { stages: [], only: null, repeat: 1, long: false, help: false };
  for (let at = 0; at < words.length; at++) {
    const word = words[at];
    if (word === '--long') asked.long = true;
    else if (word === '--help') asked.help = true;
    else if (word === '--repeat') asked.repeat = whole(words[++at], word, 1000);
    else if (word === '--only') asked.only = words[++at] ?? null;
    else if (word.startsWith('-')) throw new Plain(`There is no option ${word}.\n\n${help}`);
    else asked.stages.push(word);
  }
  if (asked.only !== null && asked.stages.length === 0) throw new Plain(`--only goes with the stage that holds the spec.\n\n${help}`);
  return asked;
}
