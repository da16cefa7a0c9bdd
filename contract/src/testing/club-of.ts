import { ClubFile } from '../club-file.js';

/** What a club file of lines holds, as one document. */
export function clubOf(text: string): ClubFile {
  const [head = '{}', ...lines] = text.trimEnd().split('\n');
  const { club } = JSON.parse(head) as { club: unknown };
  const held = lines.slice(0, -1).map((line) => JSON.parse(line) as Record<string, unknown>);
  const of = (kind: string): unknown[] => held.flatMap((one) => (kind in one ? [one[kind]] : []));
  const runs = (of('run') as { id: string }[]).map((run) => ({
    run,
    events: (of('log') as { run: string; events: unknown[] }[]).flatMap((log) => (log.run === run.id ? log.events : [])),
  }));
  const [teaching] = of('teaching');
  const all = { athletes: of('athlete'), patterns: of('pattern'), sessions: of('session'), runs };
  return ClubFile.parse({ format: 'hopsk-club', version: 3, club, ...(teaching ? { teaching } : {}), ...all });
}
