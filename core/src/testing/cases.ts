/** Cases of each property: 300, or more with `npm test -- --long`, which sets the variable below. */
const asked = Number((globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env['HOPSK_CASES'] ?? 300);

export const cases = { numRuns: Number.isInteger(asked) && asked > 0 ? asked : 300 };
