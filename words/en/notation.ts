import type { FileMessages, NotationMessages } from '@hopsk/core/language/messages';
import type { Says } from '../say.js';

/** What is wrong with a line of steps, or with a line of a text file. Words in ‘…’ are the notation's own. */
export const notation = {
  notation: {
    'too-long': ({ most, length }) =>
      `A pattern holds at most ${most} characters; this one has ${length}. Nothing was read; the text is kept.`,
    'bracket-closes-nothing': () => 'This bracket closes nothing; it was left out.',
    'bracket-open': () => 'This bracket is not closed; it was read up to the end.',
    'bracket-empty': () => 'This bracket holds no step.',
    'bracket-deep': ({ most }) => `Brackets go at most ${most} deep; this one was left out.`,
    'not-understood': ({ word }) => `‘${word}’ is not understood here; it was left out.`,
    'not-understood-in': ({ word, head }) => `‘${word}’ is not understood in ‘${head}’; it was left out.`,
    'no-beginning': ({ word }) => `‘${word}’ does not begin a step; this step was left out.`,
    'name-taken': ({ word }) => `‘${word}’ already has a meaning; the first one counts.`,
    'count-alone': () => 'A step should follow the count.',
    count: ({ said, most }) =>
      `A count is a whole number from 1 to ${most}; ‘${said}’ was read as 1. A size needs a unit, such as ‘${said} cm’.`,
    beat: ({ least, most }) => `A beat lasts between ${least} and ${most} s, such as ‘beat of 0.6 s’; it stayed as it was.`,
    'named-size': () => 'A named part takes a size as a multiple, such as ‘1.2×’; its own sizes were kept.',
    'only-partner': () => 'Only a partner does steps; they were left out.',
    'takes-no-size': ({ word }) => `‘${word}’ takes no size; it was left out.`,
    'takes-no-foot': ({ word }) => `‘${word}’ takes no foot; it was left out.`,
    'no-second-foot': () => 'Only a gather has a second foot with its own size; it was left out.',
    'no-own-time': () => 'A time of its own belongs to an event, such as ‘ball hit at 2 s’; it was left out.',
    opposite: ({ one, two }) => `‘${one}’ and ‘${two}’ are opposite directions; ‘${one}’ was taken.`,
    'fixed-way': ({ word, way, other }) => `‘${word}’ goes ‘${way}’; for another direction write ‘${other}’.`,
    'recover-way': () => 'One recovers ‘ahead’ or ‘back’; ‘back’ was taken.',
    'needs-way': ({ word }) => `‘${word}’ needs a direction; ‘right’ was taken.`,
    'needs-turn': ({ word }) => `‘${word}’ needs a direction; this step was left out.`,
    'turns-far': ({ word, most, degrees }) => `‘${word}’ turns at most ${most}°; ${degrees}° was left out.`,
    angle: () => 'An angle needs a number, such as ‘90°’; it was left out.',
    each: () => '‘each’ goes with ‘side’ or ‘lead’; ‘lead’ was taken.',
    'names-foot': ({ word }) => `‘${word}’ names a foot: write ‘${word} foot’.`,
    'size-large': ({ said, most }) => `‘${said}’ is more than anybody steps: at most ${most} m; the usual size was taken.`,
    'size-none': ({ said }) => `‘${said}’ is no size; the usual size was taken.`,
    time: ({ most }) => `A time lies between 0 and ${most} s; it was left out.`,
    'hold-time': ({ most }) => `A hold lasts up to ${most} s; 1 s was taken.`,
    'step-time': ({ least, most }) => `A step takes between ${least} and ${most} s; the usual time was taken.`,
    'after-plus': () => 'After ‘+’ comes a hit, a strike in quotes or an event.',
    'hit-time': () => 'A time beside a hit needs a number, such as ‘80 ms’; it was tied to its step.',
    'hit-alone': () => 'Milliseconds belong to a hit: ‘+ hit 80 ms after landing’.',
    'hit-far': ({ most }) => `A hit lies at most ${most} s from its step; it was tied to the landing.`,
    'hit-tie': () => 'A hit is tied to the ‘start’ or the ‘landing’ of its step.',
  } satisfies Says<NotationMessages> as Says<NotationMessages>,
  files: {
    'too-long': ({ most }) => `A file holds at most ${most} characters; nothing was read.`,
    'no-name': () => 'A pattern needs a name after ‘==’; it was called ‘unnamed’.',
    'name-cut': ({ most }) => `A name has at most ${most} characters; it was cut.`,
    'too-many': ({ most }) => `A file holds at most ${most} patterns; the rest was left out.`,
    'steps-long': ({ name, most }) => `‘${name}’ is longer than ${most} characters; it was left out.`,
    explain: ({ said, most }) => `‘${said}’ is no time to explain: write seconds up to ${most}; none was taken.`,
    stance: ({ said }) => `‘${said}’ is no stance; ‘square-ready’ was taken.`,
    hand: () => 'A hand is ‘left’ or ‘right’; ‘right’ was taken.',
    lead: () => 'A lead is ‘left’, ‘right’ or ‘none’; ‘none’ was taken.',
    closes: () => '‘closes’ is ‘yes’ or ‘no’; ‘yes’ was taken.',
    setting: ({ said, wanted }) => {
      const is = {
        time: 'no time',
        water: 'no pause to drink: write ‘60 s every 15 min’',
        minutes: 'no number of minutes',
        number: 'no whole number',
      };
      return `‘${said}’ is ${is[wanted]}; it was left open.`;
    },
    cued: ({ said, known }) => `‘${said}’ is no way of cueing (‘${known.join('’, ‘')}’); ‘self’ was taken.`,
  } satisfies Says<FileMessages> as Says<FileMessages>,
};
