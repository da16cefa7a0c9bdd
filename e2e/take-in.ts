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
