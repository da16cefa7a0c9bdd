import { randomUUID } from 'node:crypto';
import { pino, type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { RequestHandler } from 'express';
import { wayOf } from './access.js';

export function makeLog(level: 'silent' | 'info' | 'warn'): Logger {
  return pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime });
}

/** One line a request: method, which way, status, time. No addresses, names, bodies or cookies. */
export function requestLog(logger: Logger): RequestHandler {
  return pinoHttp({
    logger,
    genReqId: () => randomUUID(),
    autoLogging: { ignore: (request) => !(request.url ?? '').startsWith('/api/') },
    customLogLevel: (_request, response, error) => (error || response.statusCode >= 500 ? 'error' : 'info'),
    serializers: {
      req: (request: { id: unknown; method: string; url: string }) => ({
        id: request.id,
        method: request.method,
        // Never as it was typed: a path may hold anything.
        path: `/api${wayOf(request.method, (request.url.split('?')[0] ?? '').slice('/api'.length)) ?? '/…'}`,
      }),
      res: (response: { statusCode: number }) => ({ status: response.statusCode }),
      err: (error: Error) => ({ name: error.name }),
    },
  });
}
