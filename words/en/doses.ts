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
    'no-time': ({ said }) => `‘${said}’ is no time.`,
    ladder: ({ said, most }) => `‘${said}’: counts run from 1 to ${most}; the others were left out.`,
    chime: () => 'A chime comes every second at most; this one was left out.',
    'too-long': ({ most }) => `A dose has ${most} characters at most; it was not read.`,
    'not-understood': ({ said }) => `‘${said}’ is not understood in a dose; it was left out.`,
    'rest-no-time': ({ said }) => `‘${said}’ is no time; the rest stays undecided.`,
    'rest-negative': () => 'A rest cannot be less than nothing; it stays undecided.',
    'rest-long': () => 'A rest is longer than a day; it stays undecided.',
  } satisfies Says<DoseMessages> as Says<DoseMessages>,
};
