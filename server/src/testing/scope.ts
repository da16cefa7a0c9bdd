/** A mention of a table in a query, and the name by which its columns are called there. */
interface Mention {
  readonly verb: string;
  readonly table: string;
  readonly alias: string;
}

const WORDS = 'where|on|set|using|join|left|cross|inner|order|group|limit|returning|values|select|with|and';
const MENTION = new RegExp(
  `\\b(from|join|update|insert\\s+into|delete\\s+from)\\s+(\\w+)(?:\\s+(?:as\\s+)?(?!(?:${WORDS})\\b)(\\w+))?`,
  'gi',
);

/** What a person reads of a query: no comments, no texts in quotes. */
const bare = (sql: string): string => sql.replace(/--.*$/gm, '').replace(/'[^']*'/g, "''");

function mentionsOf(sql: string, owned: readonly string[]): Mention[] {
  return [...sql.matchAll(MENTION)]
    .map(([, verb = '', table = '', alias]) => ({ verb: verb.toLowerCase().replace(/\s+/g, ' '), table, alias: alias ?? table }))
    .filter(({ table }) => owned.includes(table));
}

/**
 * Mentions of a club's tables that are not held to the club of whoever asks: each must have `club_id = $1`, or be joined by
 * `club_id` to one that has; a row that is added must get it first.
 * @param owned tables that have a club.
 * @example unscoped('select name from athlete where id = $2', ['athlete']) // ['athlete']
 */
export function unscoped(sql: string, owned: readonly string[]): string[] {
  const text = bare(sql);
  const mentions = mentionsOf(text, owned);
  const added = mentions.filter(({ verb }) => verb === 'insert into');
  const asked = mentions.filter(({ verb }) => verb !== 'insert into');
  const names = new Set(asked.map(({ alias }) => alias));
  const held = new Set([...text.matchAll(/\b(\w+)\.club_id\s*=\s*\$1\b/gi)].map(([, alias]) => alias ?? ''));
  // Columns without a name before them belong to the one table that stands there; each such condition holds one.
  let plain = [...text.matchAll(/(?<!\.)\bclub_id\s*=\s*\$1\b/gi)].length;
  for (const { alias, verb } of asked)
    if (!held.has(alias) && verb !== 'join' && plain > 0) {
      plain--;
      held.add(alias);
    }
  const pairs = [...text.matchAll(/\b(\w+)\.club_id\s*=\s*(\w+)\.club_id\b/gi)].map(([, a = '', b = '']) => [a, b] as const);
  for (let grown = true; grown;) {
    grown = false;
    for (const [a, b] of pairs)
      for (const [from, to] of [[a, b] as const, [b, a] as const])
        if (held.has(from) && names.has(to) && !held.has(to)) {
          held.add(to);
          grown = true;
        }
  }
  const heads = new RegExp(
    `insert\\s+into\\s+(\\w+)\\s*\\(\\s*club_id\\b[^)]*\\)\\s*(?:values\\s*\\(\\s*\\$1\\b|select\\s+(?:\\$1\\b|club_id\\b))`,
    'gi',
  );
  const given = new Set([...text.matchAll(heads)].map(([, table]) => table ?? ''));
  return [
    ...asked.filter(({ alias }) => !held.has(alias)).map(({ table }) => table),
    ...added.filter(({ table }) => !given.has(table)).map(({ table }) => table),
  ];
}
