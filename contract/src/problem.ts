import type { Unfolded } from '@hopsk/core/plan/unfolds';
import { said, type Nothing, type Said } from '@hopsk/core/said';
import * as z from 'zod/mini';
import type { Wire } from './common.js';

/** What can be wrong with a field of a request or a file. */
export interface FieldMessages {
  readonly missing: Nothing;
  readonly empty: Nothing;
  readonly longer: { readonly most: number };
  readonly shorter: { readonly least: number };
  readonly unseen: Nothing;
  readonly id: Nothing;
  readonly code: Nothing;
  readonly day: Nothing;
  readonly time: Nothing;
  readonly email: Nothing;
  readonly number: Nothing;
  readonly length: Nothing;
  readonly whole: Nothing;
  readonly between: { readonly low: number; readonly high: number; readonly unit: string };
  readonly together: { readonly hours: number };
  readonly downwards: Nothing;
  readonly reps: { readonly most: number };
  readonly 'one-of': { readonly known: readonly string[] };
  readonly 'unknown-fields': { readonly keys: readonly string[] };
  readonly 'too-many': { readonly most: number };
  readonly 'too-few': { readonly least: number };
  /** More than a run can be counted by. */
  readonly unfolds: { readonly unit: keyof Unfolded; readonly most: number };
  readonly twice: Nothing;
  /** More of them showed a fault than there were. */
  readonly 'above-attempts': Nothing;
  readonly 'unknown-fault': Nothing;
  readonly roundabout: Nothing;
  readonly 'unit-stands': { readonly unit: string };
  /** A quotation mark that begins in a line is not closed. */
  readonly quotes: { readonly line: number };
  /** Several are called so. */
  readonly several: Nothing;
  /** It contradicts the number beside it. */
  readonly crossed: Nothing;
  readonly floor: Nothing;
  readonly topic: Nothing;
  readonly 'known-stance': Nothing;
  readonly 'move-name': Nothing;
  readonly 'no-time': Nothing;
  readonly nobody: Nothing;
  readonly 'not-ours': Nothing;
  readonly 'other-version': Nothing;
  readonly taken: Nothing;
  readonly wrong: Nothing;
  readonly common: Nothing;
  readonly 'unknown-athlete': { readonly id: string };
  /** Whoever it is about was erased. */
  readonly erased: Nothing;
  /** Only an owner of the club may do that. */
  readonly owners: Nothing;
  /** A guardian has to agree first. */
  readonly agreement: { readonly what: 'cautions' | 'anything' };
  /** It names something that neither the file nor the club has. */
  readonly 'not-there': Nothing;
  readonly 'no-evening': Nothing;
  /** There is more in it than words in small letters. */
  readonly 'words-alone': Nothing;
  readonly 'not-json': Nothing;
  /** Frames that are not told one after the other, or whose times go back. */
  readonly 'frames-grow': Nothing;
  /** A heel or a tip of a foot whose ball was not tapped in that frame. */
  readonly 'no-ball': Nothing;
  /** A value of another kind than the field holds. */
  readonly kind: Nothing;
}

export type FieldProblem = Said<FieldMessages> & { readonly path: string };

/** Records that a request can be about. */
export type RecordName =
  | 'athlete'
  | 'pattern'
  | 'session'
  | 'run'
  | 'teaching'
  | 'address'
  | 'file'
  | 'coach'
  | 'device'
  | 'rules'
  | 'passkey'
  | 'decision'
  | 'word'
  | 'film';

/** Why a request was not answered as asked. */
export interface ProblemMessages {
  readonly 'bad-input': Nothing;
  readonly 'id-differs': Nothing;
  readonly 'not-json': Nothing;
  readonly 'bad-request': Nothing;
  readonly 'too-large': Nothing;
  readonly 'no-room': Nothing;
  readonly busy: Nothing;
  readonly 'not-found': { readonly what: RecordName };
  readonly stale: { readonly what: RecordName };
  readonly 'signed-out': Nothing;
  readonly wrong: Nothing;
  readonly 'wrong-old': Nothing;
  readonly taken: Nothing;
  readonly 'set-up': Nothing;
  readonly 'not-here': Nothing;
  readonly 'no-demo': Nothing;
  /** It leads to no run that is under way. */
  readonly 'no-such-code': Nothing;
  readonly 'code-over': Nothing;
  readonly 'too-many-things': { readonly most: number };
  readonly 'too-many-films': { readonly most: number };
  readonly 'not-agreed': Nothing;
  /** The club's rules say that clips stay where they were filmed. */
  readonly 'clips-stay': Nothing;
  readonly 'no-room-for-clips': { readonly gigabytes: number };
  /** Other bytes than were announced. */
  readonly 'wrong-piece': Nothing;
  readonly 'too-many-words': { readonly most: number };
  readonly 'too-often': { readonly seconds: number };
  readonly 'too-many': Nothing;
  readonly 'not-yours': Nothing;
  readonly 'no-demo-here': Nothing;
  readonly 'last-owner': Nothing;
  readonly 'way-in-gone': Nothing;
  readonly 'wrong-passkey': Nothing;
  /** Their password alone does not let them in. */
  readonly 'passkey-needed': Nothing;
  /** A passkey alone does not let them in. */
  readonly 'password-first': Nothing;
  readonly 'no-passkeys-here': Nothing;
  readonly 'no-passkey': Nothing;
  readonly 'last-passkey': Nothing;
  /** Of a sealed club file. */
  readonly 'wrong-passphrase': Nothing;
  readonly 'sealed-otherwise': Nothing;
  readonly 'sealed-broken': Nothing;
  readonly forged: Nothing;
  readonly 'stale-page': Nothing;
  readonly 'unknown-athlete': { readonly count: number };
  /** Somebody is in a run that is under way. */
  readonly 'under-way': { readonly run: string };
  readonly 'database-away': Nothing;
  readonly fault: Nothing;
}

export type ProblemMessage = Said<ProblemMessages>;

const Values = z._default(z.record(z.string(), z.union([z.string(), z.number(), z.array(z.string())])), {});

/** What is wrong with a field, as it comes over the wire. */
export const FieldSaid = z.object({ path: z.string(), code: z.string(), values: Values });

/** What is wrong with a request: a code with its values, and each field with its own. */
export const Problem = z.object({
  error: z.string(),
  values: Values,
  fields: z._default(z.array(FieldSaid), []),
  /** With 409: the record as it stands now, and which fields differ from what was sent. */
  current: z.optional(z.unknown()),
  changed: z.optional(z.array(z.string())),
});
export type Problem = Wire<typeof Problem>;

/**
 * A code with its values as the text that a schema's check can carry: nothing else of a check reaches its issue.
 * @example JSON.parse(field('longer', { most: 80 })) // { code: 'longer', values: { most: 80 } }
 */
export const field = <Code extends keyof FieldMessages>(code: Code, values: FieldMessages[Code]): string =>
  JSON.stringify(said<FieldMessages, Code>(code, values));

/** What is wrong with each field of a failed parse of `input`, one a field. */
export function fieldsOf(error: z.core.$ZodError, input: unknown): FieldProblem[] {
  const seen = new Map<string, Said<FieldMessages>>();
  for (const issue of error.issues.flatMap(nearestBranch).slice(0, 50)) {
    const path = issue.path.map(String).join('.');
    if (!seen.has(path)) seen.set(path, messageOf(issue, input));
  }
  return [...seen].map(([path, message]) => ({ path, ...message }));
}

/** Where a value fits none of several shapes: what is wrong with the one it comes nearest to, which is the one least is wrong with. */
function nearestBranch(issue: z.core.$ZodIssue): z.core.$ZodIssue[] {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
  const branches = issue.errors.map((branch) => branch.map((one) => ({ ...one, path: [...issue.path, ...one.path] })));
  const missing = (branch: readonly z.core.$ZodIssue[]): number => branch.filter((one) => one.path.length === issue.path.length + 1).length;
  const wrong = (branch: readonly z.core.$ZodIssue[]): number => missing(branch) * 1e6 + branch.length;
  return branches.reduce((a, b) => (wrong(b) < wrong(a) ? b : a)).flatMap(nearestBranch);
}

function messageOf(issue: z.core.$ZodIssue, input: unknown): Said<FieldMessages> {
  const given = issue.path.reduce<unknown>(
    (value, key) => (typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined),
    input,
  );
  if (given === undefined) return { code: 'missing', values: {} };
  if (issue.message.startsWith('{"code":')) return JSON.parse(issue.message) as Said<FieldMessages>;
  switch (issue.code) {
    case 'invalid_value':
      return { code: 'one-of', values: { known: issue.values.map(String) } };
    case 'unrecognized_keys':
      return { code: 'unknown-fields', values: { keys: issue.keys.slice(0, 5) } };
    case 'too_big':
      return { code: issue.origin === 'string' ? 'longer' : 'too-many', values: { most: Number(issue.maximum) } };
    case 'too_small':
      return { code: issue.origin === 'string' ? 'shorter' : 'too-few', values: { least: Number(issue.minimum) } };
    default:
      return { code: 'kind', values: {} };
  }
}
