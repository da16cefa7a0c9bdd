import type { ComparedWhat } from '@hopsk/core/search/compare';
import type { NearMissMessages, ReachMessages } from '@hopsk/core/search/steps-to-reach';
import type { Says } from '../say.js';
import { long } from './numbers.js';

const sides = { left: 'left', right: 'right' };

const compared: Readonly<Record<ComparedWhat, string>> = {
  time: 'time',
  'contacts-left': 'contacts left',
  'contacts-right': 'contacts right',
  splits: 'splits',
  'lunges-left': 'lunges left',
  'lunges-right': 'lunges right',
  landings: 'landings',
  way: 'way',
  'floor-across': 'floor across',
  'floor-along': 'floor along',
  'net-right': 'net right',
  'net-ahead': 'net ahead',
  turned: 'turned',
  'answer-worst': 'worst time to answer',
  'answer-mean': 'mean time to answer',
  airborne: 'in the air',
  crossed: 'crossed',
  narrow: 'narrow',
  wide: 'wide',
  stepping: 'stepping',
  ready: 'ready',
  'stop-safe': 'could go on if frozen',
  findings: 'findings',
};

const rules: Says<ReachMessages> = {
  'in-reach': () => 'The distance is in reach already: no step.',
  none: () => 'No number of alternating steps in this range fits.',
  fewest: ({ count, last, odd, gather }) => {
    const parity =
      odd === null
        ? ''
        : odd
          ? ', an odd number, since the same foot starts and lands last'
          : ', an even number, since the other foot starts';
    const lands = last === null ? '' : `${parity}; the ${sides[last]} foot lands last`;
    return `${gather ? 'A gather first, which does not change the last foot; then the' : 'The'} fewest alternating steps that fit: ${count}${lands}.`;
  },
};

const nearMisses: Says<NearMissMessages> = {
  long: ({ metres, most }) => `steps of ${long(metres)} are longer than ${long(most)}`,
  short: ({ metres, least }) => `steps of ${long(metres)} are shorter than ${long(least)}`,
  'last-foot': ({ foot }) => `the ${sides[foot]} foot would land last`,
  fits: () => 'fits, with more steps',
};

/** What is compared, and why so many steps reach. */
export const search = { search: { compared, rules, nearMisses } };
