import { ClubFile } from '@hopsk/contract/club-file';
import type { ImportNow } from '@hopsk/contract/club-lines';

type Send = (method: 'GET' | 'POST', path: string, body?: object) => Promise<unknown>;

/** Reads a club file in as the page does: sent, looked through, added. Gives how it stands then. */
export async function takeIn(send: Send, file: object): Promise<ImportNow> {
  const settled = async (now: ImportNow): Promise<ImportNow> => {
    for (let seen = now; ; seen = (await send('GET', `/imports/${seen.id}`)) as ImportNow)
      if (seen.state !== 'reading' && seen.state !== 'adding') return seen;
  };
  const read = await settled((await send('POST', '/imports', file)) as ImportNow);
  return read.state === 'read' ? settled((await send('POST', `/imports/${read.id}/add`, {})) as ImportNow) : read;
}

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
