import type { Crossed } from '@hopsk/core/evidence/book-rules';
import type { NUMBERS } from '@hopsk/contract/book-numbers';

/** The numbers by which a club reads its fault books. */
export const ownNumbers = {
  ownNumbers: {
    title: 'By which numbers',
    back: 'fault book',
    says: 'Changed here, every fault book of the club is read anew by them, the evenings before too; what was decided stays as it was, with what a rule said then. The numbers we begin with are common practice, without a source.',
    ours: 'These are the numbers we begin with.',
    own: 'Some of these are the club’s own.',
    mayNot: 'Who may change what the club teaches may change them.',
    groups: {
      recurs: 'When something recurs',
      thumb: 'Rule of thumb',
      running: 'Running test',
      time: 'Breaks, and looking again',
    },
    groupSays: {
      recurs:
        'A review comes after so many evenings that could show a fault. The reviews of a season share the chance of being told wrong.',
      thumb: 'Clean is an attempt without the fault. An evening with fewer attempts than this says nothing.',
      running: 'At the first rate moving on is right, at the second stepping back. The nearer they are, the longer it takes.',
      time: 'Each look at a cleared fault doubles the weeks until the next one.',
    },
    by: 'what comes next goes by',
    boxes: {
      every: 'evenings until a review',
      seen: 'recurring: seen in',
      of: 'of the last evenings',
      gone: 'gone: surely under, per 100',
      wrong: 'told wrong in a season, of 100',
      reviews: 'reviews of a season',
      next: 'clean for moving on, of 100',
      back: 'back under, clean of 100',
      attempts: 'attempts of an evening',
      sessions: 'evenings together',
      good: 'right to move on, per 100',
      bad: 'right to step back, per 100',
      wrongTest: 'wrong either way, of 100',
      most: 'evenings until it begins anew',
      breakDays: 'days that make a break',
      first: 'weeks until the first look',
      longest: 'weeks until a look at most',
    } satisfies Record<keyof typeof NUMBERS, string>,
    crossed: {
      seen: 'It cannot have been seen in more evenings than are looked at.',
      back: 'Stepping back would be asked of what is clean enough to move on.',
      good: 'The rate at which moving on is right has to lie under the one at which stepping back is.',
      look: 'The first look would come later than any look may.',
    } satisfies Record<Crossed, string>,
    save: 'read by these',
    asOurs: 'as we began',
    saved: 'Saved. The books are read by these from now on.',
  },
};
