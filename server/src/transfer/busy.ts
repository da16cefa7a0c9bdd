import { HttpProblem } from '../http/problem.js';

/** As many files are on their way as may be. */
export const busy = (): HttpProblem => new HttpProblem(409, { code: 'busy', values: {} });
