import * as z from 'zod/mini';

/** What is planned was once called a progression, in files and in runs that a device still holds. */
const NOW = new Map([
  ['progressions', 'sessions'],
  ['progressionId', 'sessionId'],
]);

/** Reads a record whose fields may go by the names that an earlier version wrote; a field that has its name of today is left. */
export const fromEarlier = <S extends z.ZodMiniType>(schema: S) =>
  z.pipe(
    z.transform((record: unknown): unknown => {
      if (typeof record !== 'object' || record === null) return record;
      const named = Object.entries(record).map(([name, value]) => [NOW.get(name) ?? name, value] as const);
      return { ...Object.fromEntries(named), ...record };
    }),
    schema,
  );
