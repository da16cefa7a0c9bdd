import type { DoseMessages } from '@hopsk/core/language/messages';
import type { Says } from '../say.js';

/** What is wrong with a dose. Words in ‘…’ are as typed. */
export const doses = {
  doses: {
    empty: () => 'A dose says how much: seconds, repetitions, calls, or ‘until comfortable’.',
    downwards: ({ said }) => `‘${said}’: the range runs downwards.`,
    'under-one': ({ said }) => `‘${said}’: less than one is no dose.`,
    'too-much': ({ said, most }) => `‘${said}’: more than ${most} is a slip.`,
    'no-dose': ({ said }) => `‘${said}’ is no dose: write seconds, repetitions, calls, or ‘until comfortable’.`,
    ladder: ({ said, most }) => `‘${said}’: counts run from 1 to ${most}; the others were left out.`,
    chime: () => 'A chime comes every second at most; this one was left out.',
    'too-long': ({ most }) => `A dose has ${most} characters at most; it was not read.`,
    'not-understood': ({ said }) => `‘${said}’ is not understood in a dose; it was left out.`,
    'not-whole': ({ said }) => `‘${said}’ is counted, and counts are whole.`,
    'said-twice': ({ said }) => `‘${said}’: something like it was said before, which counts; this was left out.`,
    either: ({ said }) => `‘${said}’: which of them?`,
    'bare-pair': ({ said }) => `‘${said}’: minutes or seconds?`,
    'decimal-comma': ({ said }) => `‘${said}’: one number, or two?`,
    'in-a-row': ({ said }) =>
      `‘${said}’: a dose counts repetitions. So many without a fault running are a rule for moving on, which stands with the stage.`,
    'uneven-sides': ({ said }) => `‘${said}’: both sides get as much. How much each?`,
    'chime-what': ({ said }) => `‘${said}’: what is done then? Such as: ‘every 20 s (lunge ahead)’.`,
    'rest-no-time': ({ said }) => `‘${said}’ is no time; the rest stays undecided.`,
    'rest-negative': () => 'A rest cannot be less than nothing; it stays undecided.',
    'rest-long': () => 'A rest is longer than a day; it stays undecided.',
  } satisfies Says<DoseMessages> as Says<DoseMessages>,
};
