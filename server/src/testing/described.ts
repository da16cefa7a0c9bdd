import { apiDescription, described } from '@hopsk/contract/api-description';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import type { Response } from 'supertest';
import { ACCESS, wayOf } from '../http/access.js';

interface Answer {
  readonly content?: Readonly<Record<string, { readonly schema?: object }>>;
}
interface Described {
  readonly paths: Readonly<Record<string, Readonly<Record<string, { readonly responses: Readonly<Record<string, Answer>> }>>>>;
  readonly components: { readonly responses: { readonly Refused: Answer } };
}

const ajv = new Ajv2020({ strict: false });
(addFormats as unknown as (to: Ajv2020) => void)(ajv);
const document = apiDescription(ACCESS) as unknown as Described;
const compiled = new Map<object, ValidateFunction>();
const valid = (schema: object): ValidateFunction => {
  const known = compiled.get(schema) ?? ajv.compile(schema);
  compiled.set(schema, known);
  return known;
};

/**
 * Whether an answer is as the description of the API says: to be given to `expect` of a request. Whatever a spec asks of the server holds
 * the description to it.
 */
export const asDescribed =
  (method: string, path: string) =>
  ({ status, body, type }: Response): void => {
    const plain = path.split('?')[0] ?? '';
    const way = wayOf(method, plain);
    if (way === null) return;
    const said = document.paths[described(way)]?.[method.toLowerCase()];
    if (!said) throw new Error(`${method} ${way} is not described`);
    const answer = status < 300 ? said.responses[String(status)] : document.components.responses.Refused;
    if (!answer) throw new Error(`${method} ${way} answers ${status}, which is not described`);
    const schema = answer.content?.['application/json']?.schema;
    // A file or a stream, or what a proxy would say.
    if (schema === undefined || type !== 'application/json') return;
    const check = valid(schema);
    if (!check(body))
      throw new Error(`${method} ${plain} answers otherwise than it is described: ${ajv.errorsText(check.errors).slice(0, 400)}`);
  };
