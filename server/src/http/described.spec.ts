import { apiDescription } from '@hopsk/contract/api-description';
import { WAYS } from '@hopsk/contract/ways';
import { Validator } from '@seriousme/openapi-schema-validator';
import { readFileSync } from 'node:fs';
import { asDescribed } from '../testing/described.js';
import { ACCESS } from './access.js';

/** The description of the API; each answer that any spec of the server gets by `Coach` is held to it as well. */
describe('the API as it is described', () => {
  it('has every way into the server, and no other', () => {
    expect(Object.keys(WAYS).sort()).toEqual(Object.keys(ACCESS).sort());
  });

  it('is an OpenAPI 3.1 document by the schema of the OpenAPI Initiative, and is published as it is', async () => {
    const document = apiDescription(ACCESS);
    const { valid, errors } = await new Validator().validate(document);
    expect([valid, errors]).toEqual([true, undefined]);
    const published = readFileSync(new URL('../../../web/public/schema/hopsk-api.json', import.meta.url), 'utf8');
    expect(published === `${JSON.stringify(document)}\n`)
      .withContext('npm run schema publishes it anew')
      .toBeTrue();
    const { paths } = document as { readonly paths: Readonly<Record<string, Readonly<Record<string, unknown>>>> };
    expect(Object.keys(paths).length).toBeGreaterThan(50);
    expect(Object.values(paths).flatMap((of) => Object.keys(of)).length).toBe(Object.keys(WAYS).length);
  });

  it('is held to: an answer otherwise than it is described fails the spec that asked', () => {
    const answer = (method: string, path: string, status: number, body: unknown) => () =>
      asDescribed(method, path)({ status, body, type: 'application/json' } as never);
    expect(answer('GET', '/people-rules', 200, { moon: true })).toThrowError(/otherwise than it is described/);
    expect(answer('GET', '/recount/left', 200, { earlier: 0, merged: 0, rules: 3 })).not.toThrow();
    expect(answer('GET', '/recount/left', 206, {})).toThrowError(/answers 206/);
    expect(answer('GET', '/recount/left', 403, { moon: true })).toThrowError(/otherwise/);
  });
});
