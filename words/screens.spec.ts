import { existsSync, readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { rooms } from './en/rooms.js';

const app = fileURLToPath(new URL('../web/src/app/', import.meta.url));
const source = (file: string): string => readFileSync(file, 'utf8');

/** A file of the app and all that it imports of the app, at once or later. */
function reached(file: string, known = new Set<string>()): Set<string> {
  if (known.has(file) || !existsSync(file)) return known;
  known.add(file);
  const imports = /(?:^import (?!type)[^;]*? from |\bimport\()'(\.[^']+)'/gms;
  for (const [, path = ''] of source(file).matchAll(imports)) reached(`${resolve(dirname(file), path)}.ts`, known);
  return known;
}

/** What a file says: the keys of `words` that it names. */
const saidIn = (file: string): string[] => [...source(file).matchAll(/\bwords\.(\w+)/g)].map(([, key = '']) => key);

/** Lists of rooms that stand under a name in the routes. */
const listed = (routes: string, name: string): string[] =>
  [...(new RegExp(`const ${name}: readonly Room\\[\\] = \\[([^\\]]*)\\]`).exec(routes)?.[1] ?? '').matchAll(/'(\w+)'/g)].map(
    ([, room = '']) => room,
  );

describe('what a screen says', () => {
  it('is in the rooms that its route has fetched', async () => {
    const roomOf = new Map<string, string>();
    for (const [room, fetched] of Object.entries(rooms)) for (const key of Object.keys(await fetched())) roomOf.set(key, room);
    const file = `${app}shell/inside-routes.ts`;
    const routes = source(file);
    const outside = [...source(`${app}shell/routes.ts`).matchAll(/screen\((\[[^\]]*\]), \(\) => import\('([^']+)'\)/g)];
    expect(outside.length).toBeGreaterThan(3);
    const screens = [...outside, ...routes.matchAll(/inRoom\((\[[^\]]*\]|\w+), \(\) => import\('([^']+)'\)/g)];
    expect(screens.length).toBeGreaterThan(15);
    for (const [, given = '', path = ''] of screens) {
      const named = given.startsWith('[') ? [...given.matchAll(/'(\w+)'/g)].map(([, room = '']) => room) : listed(routes, given);
      const has = new Set(['shell', 'problems', ...listed(routes, 'EVERYWHERE'), ...named]);
      const lacks = [...reached(resolve(dirname(file), `${path}.ts`))].flatMap((one) =>
        saidIn(one)
          .filter((key) => roomOf.has(key) && !has.has(roomOf.get(key) ?? ''))
          .map((key) => `${one.replace(app, '')}: ${key}`),
      );
      expect([...new Set(lacks)])
        .withContext(path)
        .toEqual([]);
    }
  });
});
