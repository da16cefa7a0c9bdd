import * as z from 'zod/mini';
import { LogFile } from './log-table.js';
import { SessionFile } from './files.js';

/** A JSON Schema (2020-12) as it is published. What only a program can check, such as a known floor, is not in it. */
const published = (schema: z.ZodMiniType, title: string): string =>
  `${JSON.stringify({ ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }), title }, null, 2)}\n`;

/** Of a session file. */
export const sessionSchema = (): string => published(SessionFile, 'Hopsk session file');

/** Of a log as JSON. */
export const logSchema = (): string => published(LogFile, 'Hopsk log');
