import { exactly, OPEN_LEAST, type Claim, type Dose, type Range, type Rest, type Work } from './dose.js';
import { rangeText, secondsText } from './dose-words.js';

/**
 * Writes a dose so that reading gives it again.
 * @example printDose(readDose('3×8,rest 20 s').dose) // '3 × 8, rest 20 s'
 */
export function printDose(dose: Dose): string {
  const { work, sides, sets, rounds } = dose;
  const many = (range: Range): boolean => range.low !== 1 || range.high !== 1;
  // What is claimed for all together stands behind ‘×’ alone, what is claimed for each round does not.
  const claim = 'within' in work ? (work.within?.for ?? null) : null;
  const setsText = many(sets) ? `${rangeText(sets)}${claim === 'all' ? ' × ' : ' sets of '}` : '';
  // Rounds with a rest between sets alone would be the sets.
  const unsure = claim === 'round' || (dose.rest === null && dose.setRest !== null);
  const perRound = unsure && setsText === '' && many(rounds);
  const roundsText = many(rounds) || (claim === 'all' && setsText !== '') ? `${rangeText(rounds)}${perRound ? ' rounds of ' : ' × '}` : '';
  const sidesText =
    sides === null
      ? ''
      : ` ${sides.share === 'each' ? 'each' : 'both'} ${sides.of}${sides.share === 'each' ? '' : 's'}${sides.share === 'all' ? ' in all' : ''}`;
  const rest = (value: Rest): string =>
    value === null
      ? ''
      : typeof value === 'number'
        ? secondsText(exactly(value))
        : 'times' in value
          ? `${value.times} × work`
          : secondsText(value);
  // Sets of one round each: a rest without its place would be that between sets.
  const single = many(sets) && !many(rounds) && work.by !== 'ladder' && dose.setRest === null;
  return [
    `${setsText}${roundsText}${workText(work)}${sidesText}`,
    dose.rest === null ? '' : `rest ${single ? 'between rounds ' : ''}${rest(dose.rest)}`,
    dose.setRest === null ? '' : `set rest ${rest(dose.setRest)}`,
    ...dose.chimes.map(
      (chime) => `every ${secondsText(exactly(chime.every))} (${chime.does}) ${chime.when}${chime.onBell ? ' and on the bell' : ''}`,
    ),
    dose.alternate ? `alternating ${dose.alternate.a} and ${dose.alternate.b}` : '',
    spokenText(dose),
    dose.challenge ? 'challenge' : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
}

function spokenText({ speaks, beats }: Dose): string {
  if (speaks === null) return '';
  if (speaks === 'down') return 'count down';
  return speaks === 'beats' && beats.length > 0 ? `beats (${beats.join(', ')}) aloud` : `${speaks} aloud`;
}

function workText(work: Work): string {
  switch (work.by) {
    case 'time':
      return secondsText(work.seconds);
    case 'calls':
      return `${rangeText(work.count)} calls${claimText(work.within)}`;
    case 'open':
      return work.least === OPEN_LEAST ? 'until comfortable' : `at least ${secondsText(exactly(work.least))} until comfortable`;
    case 'ladder':
      return work.counts.length === 1 ? `ladder ${work.counts[0] ?? 1}` : `ladder ${work.counts.join('-')}`;
    case 'count':
      return `${rangeText(work.count)}${work.of === 2 ? ' doubles' : work.of === 3 ? ' triples' : ''}${claimText(work.within)}`;
  }
}

const claimText = (within: Claim | null): string => (within === null ? '' : ` in ${secondsText(exactly(within.seconds))}`);
