import type { Helped } from '@hopsk/core/evidence/what-helped';
import { difference, per100 } from './differences.js';

const times = (n: number): string => `${n} ${n === 1 ? 'time' : 'times'}`;

/** One fault of everybody. */
export const everybody = {
  everybody: {
    title: 'One fault of everybody',
    back: 'the group',
    fault: 'fault',
    since: 'in the last',
    who: 'Who shows it',
    heads: ['athlete', 'per 100', '95 % interval', 'attempts', 'evenings'],
    nobody: 'Nobody was watched for it in this time.',
    noted: (n: number): string => `tapped ${n} × where it could not be watched`,
    helped: 'What was decided, and what came after',
    none: 'Nothing was decided about it yet.',
    says: ({ times: n, rarer, oftener, same, share }: Helped): string => {
      const open = n - rarer - oftener - same;
      const parts = [`${rarer} surely rarer after it`, `${oftener} surely more often`, `${same} cannot be told from before`];
      if (open > 0) parts.push(`${open} not watched on both sides of it`);
      const sure =
        share === null ? 'Too few to say how often it helps.' : `Rarer after it in ${per100(share.low)} to ${per100(share.high)} of 100.`;
      return `${times(n)}: ${parts.join(', ')}. ${sure}`;
    },
    begun: 'What was begun, and what came after',
    uncounted: (n: number): string => `${n} ${n === 1 ? 'run is' : 'runs are'} still being counted part by part and not in this yet.`,
    begunNone: 'In no kind of stage was anybody watched for it in the last two years.',
    begunWhat: 'Of each kind of stage: the last evenings before somebody was first watched for it in one, against as many after.',
    begunHeads: ['athlete', 'from', 'per 100 before', 'after', 'change, 95 %'],
    begunOpen: 'not watched on both sides of it',
    begunChange: difference,
    begunCareful: 'What else changed in those weeks is not known, and what is often trained is begun by all.',
    careful: 'What came after it need not have come of it: who is taken a step back was at their worst, and part of that passes by itself.',
  },
};
