import * as z from 'zod';

/** Ids are made where the record is made, on a phone without a network too. */
export const Id = z.uuid('is not an id');

/** Characters that no name or note needs: controls, and the marks that turn the reading direction of what follows. */
const UNSEEN = /[\p{Cc}\u202a-\u202e\u2066-\u2069]/u;

/** A line of text that people typed: any language and emoji, no control characters, trimmed. */
export const line = (most: number) =>
  z
    .string('is missing')
    .trim()
    .min(1, 'is empty')
    .max(most, `is longer than ${most} characters`)
    .refine((text) => !UNSEEN.test(text), 'holds characters that cannot be seen');

/** As `line`, but may be empty. */
export const note = (most: number) =>
  z
    .string('is missing')
    .trim()
    .max(most, `is longer than ${most} characters`)
    .refine((text) => !UNSEEN.test(text), 'holds characters that cannot be seen');

/** Optional text in a fixed code alphabet, such as a fault or stance code. */
export const Code = z.string().regex(/^[a-z0-9-]{1,40}$/, 'is not a code');

export const Day = z.iso.date('is not a day such as 2026-11-24');
export const SideName = z.enum(['left', 'right']);

/** A number between two bounds, both said in the message. */
export const between = (low: number, high: number, unit = '') => {
  const said = `must lie between ${low} and ${high}${unit === '' ? '' : ` ${unit}`}`;
  return z.number(`is not a number`).min(low, said).max(high, said);
};

export const whole = (low: number, high: number) => {
  const said = `must lie between ${low} and ${high}`;
  return z.int('is not a whole number').min(low, said).max(high, said);
};

/** What is wrong with a request: a code, a sentence, and each field with its own. */
export const Problem = z.object({
  error: z.string(),
  message: z.string(),
  fields: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
  /** With 409: the record as it stands now, and which fields differ from what was sent. */
  current: z.unknown().optional(),
  changed: z.array(z.string()).optional(),
});
export type Problem = z.infer<typeof Problem>;

/** Field messages of a failed parse of `input`, one a field. */
export function fieldsOf(error: z.ZodError, input: unknown): { path: string; message: string }[] {
  const seen = new Map<string, string>();
  for (const issue of error.issues.flatMap(nearestBranch).slice(0, 50)) {
    const path = issue.path.map(String).join('.');
    if (!seen.has(path)) seen.set(path, sentenceOf(issue, input));
  }
  return [...seen].map(([path, message]) => ({ path, message }));
}

/** Where a value fits none of several shapes: what is wrong with the one it comes nearest to. */
function nearestBranch(issue: z.core.$ZodIssue): z.core.$ZodIssue[] {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
  const branches = issue.errors.map((branch) => branch.map((one) => ({ ...one, path: [...issue.path, ...one.path] })));
  const missing = (branch: readonly z.core.$ZodIssue[]): number => branch.filter((one) => one.path.length === issue.path.length + 1).length;
  return branches.reduce((a, b) => (missing(b) < missing(a) ? b : a)).flatMap(nearestBranch);
}

function sentenceOf(issue: z.core.$ZodIssue, input: unknown): string {
  const given = issue.path.reduce<unknown>(
    (value, key) => (typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined),
    input,
  );
  if (given === undefined) return 'is missing';
  if (issue.code === 'invalid_value' && issue.values.length > 1) return `must be one of: ${issue.values.join(', ')}`;
  if (issue.code === 'unrecognized_keys') return `holds fields that are not known: ${issue.keys.slice(0, 5).join(', ')}`;
  return issue.message;
}
