import { fieldsOf, type Problem } from '@hopsk/contract';
import type { ErrorRequestHandler, Request } from 'express';
import type { Logger } from 'pino';
import * as z from 'zod';
import { isAway } from '../db/pool.js';

/** An answer that is not a success, with a sentence for the person and fields for the form. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly error: string,
    message: string,
    readonly more: Partial<Problem> = {},
  ) {
    super(message);
  }
}

/** The same answer whether a record is another club's or not there at all. */
export const notFound = (what: string): HttpProblem => new HttpProblem(404, 'not-found', `There is no such ${what}.`);

/** Reads a request's part by its schema, or answers 400 with each field and a sentence. */
export function read<T extends z.ZodType>(schema: T, input: unknown): z.infer<T> {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  const fields = fieldsOf(result.error, input);
  throw new HttpProblem(
    400,
    'bad-input',
    `Nothing was saved: ${fields
      .map((field) => `${field.path || 'the request'} ${field.message}`)
      .slice(0, 3)
      .join('; ')}.`,
    { fields },
  );
}

/** The id in a path; one that is no id at all is as unknown as one that nobody has. */
export function idOf(request: Request, what: string): string {
  const id = z.uuid().safeParse(request.params['id']);
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
        problem.error,
      );
    if (problem.status === 503) response.set('Retry-After', '5');
    response.status(problem.status).json({ error: problem.error, message: problem.message, fields: [], ...problem.more } satisfies Problem);
  };
}

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  if (isAway(error))
    return new HttpProblem(
      503,
      'database-away',
      'The database cannot be reached. Nothing was saved just now; what is on this device is kept and sent again.',
    );
  const status = (error as { status?: unknown } | null)?.status;
  const type = (error as { type?: unknown } | null)?.type;
  if (type === 'entity.too.large')
    return new HttpProblem(413, 'too-large', 'That is more than this server takes at once. Nothing was saved.');
  if (type === 'entity.parse.failed') return new HttpProblem(400, 'bad-input', 'The request is not readable as JSON. Nothing was saved.');
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new HttpProblem(status, 'bad-request', 'The request could not be understood. Nothing was saved.');
  return new HttpProblem(500, 'fault', 'Something went wrong on the server. Nothing was saved; please try again.');
}
