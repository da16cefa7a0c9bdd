import { HttpProblem } from '../http/problem.js';

export const tooLarge = (): HttpProblem => new HttpProblem(413, { code: 'too-large', values: {} });

/** What comes, as long as it is no more than so many bytes; then 413. */
export async function* atMost(source: AsyncIterable<unknown>, most: number): AsyncGenerator<Buffer> {
  let all = 0;
  for await (const part of source as AsyncIterable<Buffer>) {
    all += part.length;
    if (all > most) throw tooLarge();
    yield part;
  }
}
