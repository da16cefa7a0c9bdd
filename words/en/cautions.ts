import type { Caution, CautionPart, Forbidden } from '@hopsk/core/body/caution';
import type { UsualCaution } from '@hopsk/core/judge/cautions';

const parts: Readonly<Record<CautionPart, string>> = {
  ankle: 'ankle',
  achilles: 'Achilles tendon',
  shin: 'shin',
  knee: 'knee',
  groin: 'groin, thigh',
  hip: 'hip',
  back: 'back',
  shoulder: 'shoulder, arm',
  head: 'head',
  eyes: 'eyes',
  growth: 'growth',
  heat: 'heat',
  other: 'something else',
};
const forbidden: Readonly<Record<Forbidden, string>> = {
  landings: 'jumps, gallops and other landings',
  lunges: 'lunges',
  turns: 'turns',
  contact: 'a partner',
};
const usual: Readonly<Record<UsualCaution, string>> = {
  floor: 'Warm up; clear, dry floor around the pattern; stop on pain.',
  lunge: 'Front knee over the foot and with it in the lunge.',
  landing: 'Landings are counted and raised slowly, fewer for children; rear landing foot a little out, body a little ahead.',
};
const sides = { left: 'left', right: 'right' };

/** Standing cautions of athletes and the usual ones of a line. */
export const cautions = {
  cautions: {
    title: 'Standing cautions',
    says: 'What is ticked is left out when a session is built. The note is for people: it is never interpreted. No medical advice.',
    part: 'about',
    side: 'side',
    noSide: 'no side in particular',
    forbids: 'leave out',
    landings: 'landings a session, at most',
    note: 'note',
    add: 'add a caution',
    take: 'take this caution out',
    noteOnly: 'A note only: it leaves nothing out. Tick what should be left out.',
    inBuild: (note: string): string => `‘${note}’ is a note only: nothing was left out for it.`,
    parts,
    forbidden,
    usual,
    sides,
    /** One caution in a line. */
    one: ({ part, side, note }: Caution): string =>
      [part === 'other' && note !== '' ? '' : `${side === null ? '' : `${sides[side]} `}${parts[part]}`, note === '' ? '' : `‘${note}’`]
        .filter((piece) => piece !== '')
        .join(': '),
  },
};
