import { beepsOfPlan } from '@hopsk/core/log/beeps';
import { heardOf } from '@hopsk/core/log/heard';
import { soundFile } from '@hopsk/core/log/sound-file';
import { cuesOf } from '@hopsk/core/plan/laid';
import { stretchesOfPlan, type RunPlan } from '@hopsk/core/plan/run-plan';
import { ClipBook } from '../ports/clip-book';

/** The plan that is wanted as sound, and the name of the file it is written to. */
export interface SoundAsk {
  readonly plan: RunPlan;
  readonly file: string;
}

/** How far it is, 0…1; that it is done, with the words that could not be said; or why it cannot be made. */
export type SoundAnswer =
  { readonly part: number } | { readonly done: true; readonly unsaid: readonly string[] } | { readonly failed: 'full' | 'fault' };

/** As browsers have it in workers. */
interface SyncHandle {
  truncate(size: number): void;
  write(bytes: Uint8Array): number;
  flush(): void;
  close(): void;
}
type WritableHere = FileSystemFileHandle & { createSyncAccessHandle(): Promise<SyncHandle> };

let stopped = false;
const answer = (said: SoundAnswer): void => postMessage(said);
/** What was sent meanwhile is heard between two parts. */
const breath = (): Promise<void> => new Promise((done) => setTimeout(done));

async function make({ plan, file }: SoundAsk): Promise<void> {
  const clips = new ClipBook();
  await clips.load();
  const cues = cuesOf(plan);
  const said = (say: string): boolean => clips.say(say) !== null;
  const total = stretchesOfPlan(plan).at(-1)?.end ?? 0;
  const heard = heardOf(beepsOfPlan(plan), cues, said);
  const handle = (await (await navigator.storage.getDirectory()).getFileHandle(file, { create: true })) as WritableHere;
  const access = await handle.createSyncAccessHandle();
  try {
    access.truncate(0);
    let written = 0;
    for (const part of soundFile(heard, total, (say) => clips.say(say)?.samples ?? null)) {
      if (stopped) return;
      if (access.write(part) < part.length) return answer({ failed: 'full' });
      written += part.length;
      answer({ part: Math.min(1, written / (44_100 * Math.max(1, total))) });
      await breath();
    }
    access.flush();
  } finally {
    access.close();
  }
  answer({ done: true, unsaid: [...new Set(cues.flatMap(({ say }) => (say === '' || said(say) ? [] : [say])))] });
}

addEventListener('message', ({ data }: MessageEvent<SoundAsk | 'stop'>) => {
  if (data === 'stop') stopped = true;
  else
    make(data).catch((error: unknown) =>
      answer({ failed: error instanceof DOMException && error.name === 'QuotaExceededError' ? 'full' : 'fault' }),
    );
});
