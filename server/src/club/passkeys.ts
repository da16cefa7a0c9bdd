import { createHash, randomUUID } from 'node:crypto';
import type { PasskeyOptions } from '@hopsk/contract/passkey-options';
import type { Passkey, PasskeyAdd, PasskeyUse, SignInBy } from '@hopsk/contract/passkeys';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server';
import { decodeClientDataJSON } from '@simplewebauthn/server/helpers';
import type * as z from 'zod/mini';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem, notFound } from '../http/problem.js';
import type { Member } from '../http/sign-in.js';
import type { PasskeyPlace } from './passkey-place.js';

/** Passkeys that somebody may have. */
const MOST = 20;

type Purpose = 'add' | 'enter';
const hashOf = (challenge: string): string => createHash('sha256').update(challenge).digest('base64url');

/** Remembers what an authenticator is asked to sign. */
async function asked<T extends { readonly challenge: string }>(db: Db, purpose: Purpose, coachId: string | null, options: T): Promise<T> {
  await run(db, 'passkey-ask', hashOf(options.challenge), purpose, coachId);
  return options;
}

/** The question that is answered, and of whom it was asked; null where it was not, was answered before, or is over. */
async function answerTo(db: Db, purpose: Purpose, clientData: string): Promise<{ challenge: string; coachId: string | null } | null> {
  const challenge = challengeIn(clientData);
  const question = await one<{ coachId: string | null }>(db, 'passkey-asked', hashOf(challenge), purpose);
  return question && { challenge, coachId: question.coachId };
}

function challengeIn(clientData: string): string {
  try {
    return String(decodeClientDataJSON(clientData).challenge);
  } catch {
    return '';
  }
}

interface Kept extends Passkey {
  readonly credential: string;
  readonly transports: string[];
}

const listed = (db: Db, { clubId, id }: Member): Promise<Kept[]> => run<Kept & Record<string, unknown>>(db, 'passkey-list', clubId, id);

/** Somebody's passkeys and by what they sign in. */
export async function passkeysOf(db: Db, { clubId, id }: Member): Promise<{ by: SignInBy; keys: Passkey[] }> {
  const coach = await one<{ by: SignInBy }>(db, 'coach-sign-in-by', clubId, id);
  const keys = await listed(db, { clubId, id });
  return { by: coach?.by ?? 'either', keys: keys.map(({ id: key, name, at, since, used }) => ({ id: key, name, at, since, used })) };
}

/** What a browser is to make a passkey with: one that knows whose it is, and asks for a PIN, a finger or a face. */
export async function beginPasskey(db: Db, { name: rpID }: PasskeyPlace, { clubId, id }: Member): Promise<PasskeyOptions> {
  const coach = await one<{ email: string }>(db, 'coach-sign-in-by', clubId, id);
  const options = await generateRegistrationOptions({
    ...{ rpName: 'Hopsk', rpID, userName: coach?.email ?? '', userID: Buffer.from(id) },
    excludeCredentials: (await listed(db, { clubId, id })).filter(({ at }) => at === rpID).map(({ credential }) => ({ id: credential })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  return asked(db, 'add', id, options as typeof options & PasskeyOptions);
}

/** Keeps a passkey that was made for somebody. Throws 400 where it is not what was asked for, is there already, or too many are. */
export async function addPasskey(
  pool: Pool,
  place: PasskeyPlace,
  who: Member,
  { name, response }: z.infer<typeof PasskeyAdd>,
): Promise<void> {
  const answered = await answerTo(pool, 'add', response.response.clientDataJSON);
  if (answered?.coachId !== who.id) throw wrong(400);
  const { registrationInfo } = await verifyRegistrationResponse({
    response: { ...response, response: { ...response.response, transports: [] }, clientExtensionResults: {} },
    ...{ expectedChallenge: answered.challenge, expectedOrigin: place.origin, expectedRPID: place.name, requireUserVerification: true },
  }).catch(refused);
  if (!registrationInfo) throw wrong(400);
  const { id: credential, publicKey, counter } = registrationInfo.credential;
  await transaction(pool, async (db) => {
    await run(db, 'coaches-lock', who.clubId);
    if ((await listed(db, who)).length >= MOST) throw tooMany();
    const added = [
      who.clubId,
      who.id,
      randomUUID(),
      credential,
      Buffer.from(publicKey),
      counter,
      response.response.transports,
      name,
      place.name,
    ];
    if ((await run(db, 'passkey-add', ...added)).length === 0) throw wrong(400);
  });
}

/** Takes one away. Throws 409 where it is the last and its coach does not come in without, 404 where there is none. */
export async function endPasskey(pool: Pool, who: Member, key: string): Promise<void> {
  await transaction(pool, async (db) => {
    await run(db, 'coaches-lock', who.clubId);
    if ((await run(db, 'passkey-end', who.clubId, who.id, key)).length === 0) throw notFound('passkey');
    const { by, keys } = await passkeysOf(db, who);
    if (by !== 'either' && keys.length === 0) throw new HttpProblem(409, { code: 'last-passkey', values: {} });
  });
}

/** By what somebody signs in from now on. Throws 409 where they have no passkey for this place. */
export async function signInBy(pool: Pool, place: PasskeyPlace | null, who: Member, by: SignInBy): Promise<void> {
  await transaction(pool, async (db) => {
    await run(db, 'coaches-lock', who.clubId);
    const { keys } = await passkeysOf(db, who);
    if (by !== 'either' && !keys.some(({ at }) => at === place?.name)) throw new HttpProblem(409, { code: 'no-passkey', values: {} });
    await run(db, 'coach-set-sign-in-by', who.clubId, who.id, by);
  });
}

/** What a browser is to sign with a passkey: with any that it has, or, of somebody whose password was right, with one of theirs. */
export async function askPasskey(db: Db, { name: rpID }: PasskeyPlace, who: Member | null): Promise<PasskeyOptions> {
  const theirs = who && (await listed(db, who)).filter(({ at }) => at === rpID);
  const options = await generateAuthenticationOptions({
    ...{ rpID, userVerification: 'required' },
    ...(theirs && { allowCredentials: theirs.map(({ credential: id, transports }) => ({ id, transports })) }),
  });
  return asked(db, 'enter', who?.id ?? null, options as typeof options & PasskeyOptions);
}

interface Found extends Member {
  readonly passwordHash: string;
  readonly by: SignInBy;
  readonly key: string;
  readonly publicKey: Uint8Array<ArrayBuffer>;
  readonly counter: number;
}

/** Who comes in by a passkey. Throws 401 where it is nobody's, or not what was asked for, and 403 where a password has to come first. */
export async function enterByPasskey(db: Db, place: PasskeyPlace, { response }: z.infer<typeof PasskeyUse>): Promise<Found> {
  const found = await one<Found & Record<string, unknown>>(db, 'passkey-by-credential', response.id, place.name);
  const answered = await answerTo(db, 'enter', response.response.clientDataJSON);
  // One that was asked of somebody is theirs to answer.
  if (!found || !answered || (answered.coachId !== null && answered.coachId !== found.id)) throw wrong(401);
  const used = await verifyAuthenticationResponse({
    response: { ...response, clientExtensionResults: {} },
    ...{ expectedChallenge: answered.challenge, expectedOrigin: place.origin, expectedRPID: place.name, requireUserVerification: true },
    credential: { id: response.id, publicKey: found.publicKey, counter: found.counter },
  }).catch(refused);
  if (!used.verified) throw wrong(401);
  await run(db, 'passkey-used', found.clubId, found.id, found.key, used.authenticationInfo.newCounter);
  if (found.by === 'both' && answered.coachId === null) throw new HttpProblem(403, { code: 'password-first', values: {} });
  return found;
}

const wrong = (status: 400 | 401): HttpProblem => new HttpProblem(status, { code: 'wrong-passkey', values: {} });
/** Whatever the package finds wrong with what an authenticator sent. */
const refused = (): { readonly verified: false; readonly registrationInfo?: undefined } => ({ verified: false });
const tooMany = (): HttpProblem =>
  new HttpProblem(400, { code: 'bad-input', values: {} }, { fields: [{ path: 'name', code: 'too-many', values: { most: MOST } }] });
