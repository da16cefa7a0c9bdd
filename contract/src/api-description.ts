import * as z from 'zod/mini';
import { Problem } from './problem.js';
import { WAYS, type Way } from './ways.js';

/** A JSON Schema (2020-12), as OpenAPI 3.1 holds them. */
type Schema = Readonly<Record<string, unknown>>;

/** As it goes over the wire: what a reader makes of it is its own. */
const schemaOf = (schema: z.ZodMiniType): Schema => {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any', reused: 'inline' }) as Schema;
  return rest;
};

interface ObjectSchema extends Schema {
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly anyOf?: readonly ObjectSchema[];
}

/** What stands behind the question mark: of shapes that can be chosen from, what all of them need is needed. */
function queryOf(query: z.ZodMiniType): Schema[] {
  const whole = schemaOf(query) as ObjectSchema;
  const shapes = whole.anyOf ?? [whole];
  const names = new Map(shapes.flatMap(({ properties }) => Object.entries(properties ?? {})));
  return [...names].map(([name, schema]) => ({
    ...{ name, in: 'query', schema },
    required: shapes.every(({ required }) => required?.includes(name) ?? false),
  }));
}

const JSON_TYPE = 'application/json';
const content = (schema: Way['gives'] | 'file' | undefined): Schema | undefined => {
  if (schema === undefined || schema === null) return undefined;
  if (schema === 'file') return { 'application/octet-stream': {} };
  if (schema === 'stream') return { 'text/event-stream': {} };
  return { [JSON_TYPE]: { schema: schemaOf(schema) } };
};

/** The path of a way as the description has it. */
export const described = (path: string): string => path.replace(/:(\w+)/g, '{$1}');

/** To whom a way is open, as the server has it: anybody, or roles of a club. */
export type OpenTo = Readonly<Record<string, 'anybody' | readonly string[]>>;

function operationOf(way: string, { about, query, sends, gives, makes }: Way, open: OpenTo[string]): Schema {
  const [method = '', path = ''] = way.split(' ');
  const parts = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string', maxLength: 80 },
  }));
  const went = { description: 'It went well.', ...(content(gives) && { content: content(gives) }) };
  return {
    ...{ operationId: `${method.toLowerCase()}${path.replace(/\/:?/g, '-')}`, summary: about },
    description: open === 'anybody' ? 'Open to anybody.' : `Open to: ${open.join(', ')}.`,
    security: open === 'anybody' ? [] : [{ session: [], ...(method !== 'GET' && { token: [] }) }],
    parameters: [...parts, ...(query ? queryOf(query) : [])],
    ...(content(sends) && { requestBody: { required: true, content: content(sends) } }),
    responses: {
      ...(gives === null ? { 204: went } : makes ? { 201: went, 200: { ...went, description: 'It was there.' } } : { 200: went }),
      default: { $ref: '#/components/responses/Refused' },
    },
  };
}

/**
 * The ways into the server as an OpenAPI 3.1 document, made from the contract that the server reads and answers by. What only a program
 * can check, such as a known floor, is not in it.
 * @param open to whom each way is open; a way without a row is left out
 */
export function apiDescription(open: OpenTo): Schema {
  const paths: Record<string, Record<string, Schema>> = {};
  for (const [way, of] of Object.entries(WAYS)) {
    const [method = '', path = ''] = way.split(' ');
    const to = open[way];
    if (to !== undefined) (paths[described(path)] ??= {})[method.toLowerCase()] = operationOf(way, of, to);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Hopsk',
      version: '1',
      description:
        'What the pages of Hopsk ask of their server. Codes with their numbers, not sentences; every record belongs to the club of whoever is signed in. May change with each version of the program.',
      license: { name: 'see the program', identifier: 'LicenseRef-Hopsk' },
    },
    servers: [{ url: '/api' }],
    paths,
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'hopsk.sid', description: 'Comes with signing in.' },
        token: {
          type: 'apiKey',
          in: 'header',
          name: 'X-XSRF-TOKEN',
          description: 'As the cookie XSRF-TOKEN says, with everything that is not only asked.',
        },
      },
      responses: { Refused: { description: 'Why not, by a code and where.', content: { [JSON_TYPE]: { schema: schemaOf(Problem) } } } },
    },
  };
}
