import * as z from 'zod/mini';
import { SessionFile } from './session.js';

/** The published JSON Schema (2020-12) of a session file. What only a program can check, such as a known floor, is not in it. */
export const sessionSchema = (): string =>
  `${JSON.stringify({ ...z.toJSONSchema(SessionFile, { io: 'input', unrepresentable: 'any' }), title: 'Hopsk session file' }, null, 2)}\n`;
