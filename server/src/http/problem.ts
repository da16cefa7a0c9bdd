import { fieldsOf, type FieldProblem, type Problem, type ProblemMessage, type RecordName } from '@hopsk/contract/problem';
import type { ErrorRequestHandler, Request } from 'express';
import type { Logger } from 'pino';
import * as z from 'zod/mini';
import { isAway, isFull } from '../db/pool.js';

/** What an answer holds beside its code: fields for the form, and the record as it stands. */
type More = Partial<Pick<Problem, 'current' | 'changed'>> & { readonly fields?: readonly FieldProblem[] };

/** An answer that is not a success: a code, and fields for the form. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly says: ProblemMessage,
    readonly more: More = {},
  ) {
    super(says.code);
  }
}

/** The same answer whether a record is another club's or not there at all. */
export const notFound = (what: RecordName): HttpProblem => new HttpProblem(404, { code: 'not-found', values: { what } });

/** Reads a request's part by its schema, or answers 400 with what is wrong with each field. */
export function read<T extends z.ZodMiniType>(schema: T, input: unknown): z.infer<T> {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  throw new HttpProblem(400, { code: 'bad-input', values: {} }, { fields: fieldsOf(result.error, input) });
}

/** The id in a path; one that is no id at all is as unknown as one that nobody has. */
export function idOf(request: Request, what: RecordName, name = 'id'): string {
  const id = z.uuid().safeParse(request.params[name]);
  if (!id.success) throw notFound(what);
  return id.data;
}

/** Turns what went wrong into an answer. Only faults of ours are logged with their stack. */
export function answerProblems(log: Logger): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) return next(error);
    const problem = asProblem(error);
    if (problem.status >= 500)
      log.error(
        { id: request.id, error: error instanceof Error ? { name: error.name, message: error.message, stack: error.stack } : 'unknown' },
        problem.says.code,
      );
    if (problem.status === 503) response.set('Retry-After', '5');
    const { code, values } = problem.says;
    if (code === 'too-often') response.set('Retry-After', String(values.seconds));
    response.status(problem.status).json({ error: code, values, fields: [], ...problem.more });
  };
}

/** What went wrong, as it is answered; a fault of ours where nothing else is known. */
export function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  if (isAway(error)) return new HttpProblem(503, { code: 'database-away', values: {} });
  if (isFull(error)) return new HttpProblem(507, { code: 'no-room', values: {} });
  const status = (error as { status?: unknown } | null)?.status;
  const type = (error as { type?: unknown } | null)?.type;
  if (type === 'entity.too.large') return new HttpProblem(413, { code: 'too-large', values: {} });
  if (type === 'entity.parse.failed') return new HttpProblem(400, { code: 'not-json', values: {} });
  if (typeof status === 'number' && status >= 400 && status < 500) return new HttpProblem(status, { code: 'bad-request', values: {} });
  return new HttpProblem(500, { code: 'fault', values: {} });
}
