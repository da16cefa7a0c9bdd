import fc from 'fast-check';

/**
 * Properties whose failures can be repeated. `npm test` runs them with a fixed seed, so that it says the same twice;
 * `npm test -- --long` with more cases and a fresh one. Whatever fails names the seed and the smallest case.
 */
const env = (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env ?? {};
const whole = (said: string | undefined, otherwise: number): number => (/^\d{1,9}$/.test(said ?? '') ? Number(said) : otherwise);

/** Cases of each property. */
export const CASES = whole(env['HOPSK_CASES'], 300);
const SEED = whole(env['HOPSK_SEED'], 20_261_126);

/** Within a property a failed expectation must throw: otherwise its case is neither made smaller nor named. Gives how to undo it. */
function expectThrows(): () => void {
  const here = globalThis as { expect: unknown };
  const own = here.expect;
  here.expect = throwUnless;
  return () => (here.expect = own);
}

function judge<T>(details: fc.RunDetails<T>): void {
  expect(details.failed ? `${fc.defaultReportMessage(details)}\nThe same again: HOPSK_SEED=${details.seed}` : null).toBeNull();
}

/**
 * A property holds, for so many cases.
 * @example holds(fc.property(fc.integer(), (n) => expect(n - n).toBe(0)));
 */
export function holds<T>(property: fc.IProperty<T>, numRuns = CASES): void {
  const undo = expectThrows();
  let details: fc.RunDetails<T>;
  try {
    details = fc.check(property, { numRuns, seed: SEED });
  } finally {
    undo();
  }
  judge(details);
}

/** The same for a property whose answer comes later. */
export async function holdsLater<T>(property: fc.IAsyncProperty<T>, numRuns = CASES): Promise<void> {
  const undo = expectThrows();
  let details: fc.RunDetails<T>;
  try {
    details = await fc.check(property, { numRuns, seed: SEED });
  } finally {
    undo();
  }
  judge(details);
}
