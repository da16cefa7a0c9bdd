import { existsSync, readFileSync } from 'node:fs';
import * as z from 'zod';

/** How this server was told to run; everything comes from its environment. */
const Environment = z.object({
  DATABASE_URL: z.string().min(1),
  HOPSK_PORT: z.coerce.number().int().min(0).max(65535).default(4180),
  /** Addresses to listen on, separated by commas. */
  HOPSK_HOSTS: z.string().default('127.0.0.1'),
  HOPSK_WEB: z.string().optional(),
  HOPSK_CERT: z.string().optional(),
  HOPSK_KEY: z.string().optional(),
  /** The certificate is the club's own, not one that the house made. */
  HOPSK_CERT_OWN: z.literal('1').optional(),
  /** The certificate of the house's authority, for phones to trust. */
  HOPSK_AUTHORITY: z.string().optional(),
  /** Host names by which this server may be called, separated by commas. */
  HOPSK_NAMES: z.string().max(2000).default(''),
  /** Addresses of a proxy in front that is trusted to say who asks. */
  HOPSK_TRUST_PROXY: z.string().optional(),
  HOPSK_SESSION_SECRET: z.string().min(16),
  /** The folder where files that come in are kept while they are read. */
  HOPSK_UPLOADS: z.string().min(1),
  /** Bytes that are left free on the disk: below them nothing more is written. */
  HOPSK_ROOM: z.coerce
    .number()
    .int()
    .min(0)
    .default(64 * 2 ** 20),
  HOPSK_LOG: z.enum(['silent', 'info', 'warn']).default('info'),
});

interface Tls {
  readonly cert: string;
  readonly key: string;
  /** The club's own, which browsers trust without being told to. */
  readonly own: boolean;
}

export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly hosts: readonly string[];
  readonly web: string | null;
  readonly tls: Tls | null;
  /** The file of the house's authority. */
  readonly authority: string | null;
  readonly names: readonly string[];
  readonly trustProxy: string | null;
  readonly sessionSecret: string;
  readonly uploads: string;
  readonly room: number;
  readonly log: 'silent' | 'info' | 'warn';
}

/** Reads and checks the environment; throws a sentence naming each setting that is wrong. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const parsed = Environment.safeParse(env);
  if (!parsed.success)
    throw new Error(`Settings are wrong: ${parsed.error.issues.map((issue) => `${issue.path.join('.')} ${issue.message}`).join('; ')}`);
  const e = parsed.data;
  if ((e.HOPSK_CERT === undefined) !== (e.HOPSK_KEY === undefined))
    throw new Error('Settings are wrong: a certificate needs its key and a key its certificate.');
  for (const file of [e.HOPSK_CERT, e.HOPSK_KEY, e.HOPSK_AUTHORITY])
    if (file !== undefined && !existsSync(file)) throw new Error(`Settings are wrong: ${file} is not there.`);
  return {
    databaseUrl: e.DATABASE_URL,
    port: e.HOPSK_PORT,
    hosts: listed(e.HOPSK_HOSTS),
    names: listed(e.HOPSK_NAMES),
    authority: e.HOPSK_AUTHORITY ?? null,
    web: e.HOPSK_WEB ?? null,
    tls: e.HOPSK_CERT !== undefined && e.HOPSK_KEY !== undefined ? readTls(e.HOPSK_CERT, e.HOPSK_KEY, e.HOPSK_CERT_OWN === '1') : null,
    trustProxy: e.HOPSK_TRUST_PROXY ?? null,
    sessionSecret: e.HOPSK_SESSION_SECRET,
    uploads: e.HOPSK_UPLOADS,
    room: e.HOPSK_ROOM,
    log: e.HOPSK_LOG,
  };
}

const readTls = (cert: string, key: string, own: boolean): Tls => ({
  cert: readFileSync(cert, 'utf8'),
  key: readFileSync(key, 'utf8'),
  own,
});

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');
