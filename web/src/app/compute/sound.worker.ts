import { beepsOfPlan } from '@hopsk/core/log/beeps';
import { heardOf } from '@hopsk/core/log/heard';
import { soundFile } from '@hopsk/core/log/sound-file';
import { cuesOf, stretchesOfPlan, type RunPlan } from '@hopsk/core/plan/run-plan';
import { soundBytes } from '@hopsk/core/log/sound-size';
import { ClipBook, type RecordedSound } from '../ports/clip-book';
import type { WriteAt } from './sound-compressed';
import type { SoundKind } from './sound-kinds';

/** The plan that is wanted as sound, as which kind, and the name of the file it is written to. */
export interface SoundAsk {
  readonly plan: RunPlan;
  readonly kind: SoundKind;
  readonly file: string;
  /** Words in somebody's own voice. */
  readonly recorded: readonly RecordedSound[];
}

/** How far it is, 0…1; that it is done, with the words that could not be said; or why it cannot be made. */
export type SoundAnswer =
  { readonly part: number } | { readonly done: true; readonly unsaid: readonly string[] } | { readonly failed: 'full' | 'fault' };

/** As browsers have it in workers. */
interface SyncHandle {
  truncate(size: number): void;
  write(bytes: Uint8Array, options?: { at: number }): number;
  flush(): void;
  close(): void;
}
type WritableHere = FileSystemFileHandle & { createSyncAccessHandle(): Promise<SyncHandle> };

/** Writes a file of a kind; says whether it came to its end. */
async function written(
  parts: Iterable<Uint8Array>,
  { codec, ending }: SoundKind,
  write: WriteAt,
  goesOn: (bytes: number) => Promise<boolean>,
) {
  // What encodes is fetched where it is wanted.
  if (codec !== null) return (await import('./sound-compressed')).compressed(parts, { codec, ending }, write, goesOn);
  let at = 0;
  for (const part of parts) {
    write(part, at);
    at += part.length;
    if (!(await goesOn(part.length))) return false;
  }
  return true;
}

let stopped = false;
const answer = (said: SoundAnswer): void => postMessage(said);
/** What was sent meanwhile is heard between two parts. */
const breath = (): Promise<void> => new Promise((done) => setTimeout(done));

async function make({ plan, kind, file, recorded }: SoundAsk): Promise<void> {
  const clips = new ClipBook();
  await clips.load();
  clips.have(recorded);
  const cues = cuesOf(plan);
  const said = (say: string): boolean => clips.say(say) !== null;
  const total = stretchesOfPlan(plan).at(-1)?.end ?? 0;
  const heard = heardOf(beepsOfPlan(plan), cues, said);
  const handle = (await (await navigator.storage.getDirectory()).getFileHandle(file, { create: true })) as WritableHere;
  const access = await handle.createSyncAccessHandle();
  try {
    access.truncate(0);
    let made = 0;
    const parts = soundFile(heard, total, (say) => clips.say(say)?.samples ?? null);
    const write = (bytes: Uint8Array, at: number): void => {
      if (access.write(bytes, { at }) < bytes.length) throw new DOMException('no room', 'QuotaExceededError');
    };
    const goesOn = async (bytes: number): Promise<boolean> => {
      made += bytes;
      answer({ part: Math.min(1, made / soundBytes(total)) });
      await breath();
      return !stopped;
    };
    if (!(await written(parts, kind, write, goesOn))) return;
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
