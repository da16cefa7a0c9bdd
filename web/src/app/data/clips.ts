import { inject, Injectable, Injector, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { Me } from '@hopsk/contract/club';
import * as z from 'zod/mini';
import { newClipKey, openedPieces, sealedPieces } from './clip-pieces';
import { nameOf } from './clip-name';
import { DeviceStore } from './device-store';
import { newId } from './ids';
import { SealApi } from './seal-api';

/** A clip that this device keeps: what it is called, from which day, how large, since when, and whom it shows. */
const KeptClip = z.object({
  id: z.string().check(z.regex(/^[0-9a-f-]{36}$/)),
  /** What it is known again by; an earlier version did not keep that. */
  hash: z._default(z.nullable(z.string().check(z.maxLength(64))), null),
  name: z.string().check(z.maxLength(200)),
  type: z.string().check(z.maxLength(100)),
  bytes: z.int().check(z.gte(0)),
  keptAt: z.int(),
  athlete: z.nullable(z.string().check(z.maxLength(60))),
  /** The taps of a run before which it was filmed, where it was: several, where all showed the same. */
  tap: z._default(
    z.nullable(
      z.object({ run: z.string().check(z.maxLength(60)), events: z.array(z.string().check(z.maxLength(60))).check(z.maxLength(100)) }),
    ),
    null,
  ),
});
export type KeptClip = z.infer<typeof KeptClip>;
const Index = z.array(KeptClip).check(z.maxLength(2000));
const SealedKey = z.object({ enc: z.string(), text: z.string() });

/** Days after which somebody is asked whether a clip is still needed (common practice, no source). */
export const KEPT_DAYS = 30;

/** Why a clip was not kept: no room, or the browser keeps no files. */
export type NotKept = 'no-room' | 'no-files';

const KEY = 'film key';
const base64 = (bytes: ArrayBuffer): string => btoa(String.fromCharCode(...new Uint8Array(bytes)));
const fromBase64 = (text: string): ArrayBuffer => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0)).buffer;

/**
 * Clips of this device, in its own file system, encrypted. The key stands with what the device keeps of whoever is signed in, and goes
 * with it when they leave; sealed to them it stays beside the clips, and is opened when they sign in again.
 */
@Injectable({ providedIn: 'root' })
export class Clips {
  private readonly device = inject(DeviceStore);
  private readonly injector = inject(Injector);
  private readonly index = signal<readonly KeptClip[]>([]);
  readonly all = this.index.asReadonly();
  /** Whether the browser has said that it will not wipe them by itself; null: not asked. */
  readonly lasting = signal<boolean | null>(null);

  private async folder(coach: string): Promise<FileSystemDirectoryHandle> {
    const root = await navigator.storage.getDirectory();
    const clips = await root.getDirectoryHandle('clips', { create: true });
    return clips.getDirectoryHandle(coach, { create: true });
  }

  /** Whose they are, where they lie, and by which key they open. */
  private async mine(): Promise<{ folder: FileSystemDirectoryHandle; key: string } | null> {
    const me = Me.safeParse(await this.device.recall('me')).data;
    if (!me || me.sealTo === '') return null;
    const folder = await this.folder(me.coach.id);
    const known = await this.device.recall(KEY);
    if (typeof known === 'string') return { folder, key: known };
    // One at a time, of all pages of this device: of two keys one would open nothing.
    const key = await navigator.locks.request('hopsk clip key', async () => {
      const made = await this.device.recall(KEY);
      const one = typeof made === 'string' ? made : ((await this.openKey(folder)) ?? (await this.makeKey(folder, me.sealTo)));
      await this.device.keep(KEY, one);
      return one;
    });
    return { folder, key };
  }

  private async openKey(folder: FileSystemDirectoryHandle): Promise<string | null> {
    const there = await textIn(folder, 'key');
    if (there === null) return null;
    const { enc, text } = SealedKey.parse(JSON.parse(there));
    const [{ key }, { unseal }] = await Promise.all([firstValueFrom(this.injector.get(SealApi).key()), import('./sealing')]);
    return z.string().parse(await unseal(key, { enc: fromBase64(enc), text: fromBase64(text) }));
  }

  private async makeKey(folder: FileSystemDirectoryHandle, to: string): Promise<string> {
    const [key, { seal }] = [newClipKey(), await import('./sealing')];
    const { enc, text } = await seal(to, key);
    await write(folder, 'key', [JSON.stringify({ enc: base64(enc), text: base64(text) })]);
    return key;
  }

  /** Reads which clips there are; none where nobody is signed in, or the browser keeps no files. */
  load(): Promise<void> {
    return this.inTurn(async () => {
      const mine = await this.mine();
      this.index.set(mine ? await this.listIn(mine) : []);
      if (mine) this.lasting.set(await navigator.storage.persisted());
    }).catch(() => this.index.set([]));
  }

  private async listIn({ folder, key }: { folder: FileSystemDirectoryHandle; key: string }): Promise<readonly KeptClip[]> {
    const there = await fileIn(folder, 'index');
    return there ? Index.parse(JSON.parse(await (await openedPieces(there, 'index', key)).text())) : [];
  }

  /** Keeps a clip; what was written of it goes where it cannot be kept whole. */
  async keep(file: File, athlete: string | null, tap: KeptClip['tap'] = null): Promise<KeptClip | NotKept> {
    const id = newId();
    let folder: FileSystemDirectoryHandle | null = null;
    try {
      const mine = await this.mine();
      if (mine === null) return 'no-files';
      ({ folder } = mine);
      this.lasting.set(await navigator.storage.persist());
      await write(folder, id, sealedPieces(file, id, mine.key));
      const kept: KeptClip = {
        id,
        hash: await nameOf(file),
        name: file.name.slice(0, 200),
        type: file.type.slice(0, 100),
        bytes: file.size,
        keptAt: Date.now(),
        athlete,
        tap,
      };
      await this.write((all) => [kept, ...all]);
      return kept;
    } catch (error) {
      await folder?.removeEntry(id).catch(() => undefined);
      return error instanceof DOMException && error.name === 'QuotaExceededError' ? 'no-room' : 'no-files';
    }
  }

  /** A kept clip as the file that it was; null where it is gone, or not as it was. */
  async open({ id, name, type }: KeptClip): Promise<File | null> {
    try {
      const mine = await this.mine();
      const there = mine && (await fileIn(mine.folder, id));
      return there ? new File([await openedPieces(there, id, mine.key)], name, { type }) : null;
    } catch {
      return null;
    }
  }

  /** Keeps what was marked in a clip beside the clips, for whoever is signed in: it outlives signing out. False where nothing is kept here. */
  async keepMarks(clip: string, work: unknown): Promise<boolean> {
    const mine = await this.mine().catch(() => null);
    if (mine === null) return false;
    const name = marksOf(clip);
    await write(mine.folder, name, sealedPieces(new Blob([JSON.stringify(work)]), name, mine.key));
    return true;
  }

  /** What was marked in a clip, as it was kept; null where nothing was, or it cannot be read. */
  async marksIn(clip: string): Promise<unknown> {
    try {
      const mine = await this.mine();
      const name = marksOf(clip);
      const there = mine && (await fileIn(mine.folder, name));
      return there && JSON.parse(await (await openedPieces(there, name, mine.key)).text());
    } catch {
      return null;
    }
  }

  /** What was marked in every clip, by what each is known again by. */
  async allMarks(): Promise<ReadonlyMap<string, unknown>> {
    const [all, mine] = [new Map<string, unknown>(), await this.mine().catch(() => null)];
    if (mine === null) return all;
    // Its names are known to the browser, not to the types.
    const names = (mine.folder as unknown as { keys(): AsyncIterable<string> }).keys();
    for await (const name of names) {
      // While one is written the browser has another file beside it.
      const clip = name.startsWith(MARKS) && !name.endsWith('.crswap') ? name.slice(MARKS.length) : null;
      if (clip !== null) all.set(clip, await this.marksIn(clip));
    }
    return all;
  }

  async eraseMarks(clip: string): Promise<void> {
    const mine = await this.mine();
    await mine?.folder.removeEntry(marksOf(clip)).catch(() => undefined);
  }

  async erase(...ids: readonly string[]): Promise<void> {
    const mine = await this.mine();
    if (mine === null) return;
    await this.write((all) => all.filter(({ id }) => !ids.includes(id)));
    for (const id of ids) await mine.folder.removeEntry(id).catch(() => undefined);
  }

  /** Whom a clip shows. */
  async assign(id: string, athlete: string | null): Promise<void> {
    await this.write((all) => all.map((one) => (one.id === id ? { ...one, athlete } : one)));
  }

  /** Still needed: it is asked about again as long after today. */
  async keepOn(id: string): Promise<void> {
    await this.write((all) => all.map((one) => (one.id === id ? { ...one, keptAt: Date.now() } : one)));
  }

  /** Changes the list of them: as it is in its file then, which another page may have written. */
  private write(change: (all: readonly KeptClip[]) => readonly KeptClip[]): Promise<void> {
    return this.inTurn(async () => {
      const mine = await this.mine();
      if (mine === null) return;
      const index = change(await this.listIn(mine));
      await write(mine.folder, 'index', sealedPieces(new Blob([JSON.stringify(index)]), 'index', mine.key));
      this.index.set(index);
    });
  }

  /** One after the other, of all pages of this device: what one writes the next one reads. */
  private async inTurn(work: () => Promise<void>): Promise<void> {
    await navigator.locks.request('hopsk clips', work);
  }
}

const MARKS = 'marks ';
const marksOf = (clip: string): string => `${MARKS}${clip}`;

const fileIn = (folder: FileSystemDirectoryHandle, name: string): Promise<File | null> =>
  folder.getFileHandle(name).then(
    (handle) => handle.getFile(),
    () => null,
  );
const textIn = async (folder: FileSystemDirectoryHandle, name: string): Promise<string | null> =>
  (await fileIn(folder, name))?.text() ?? null;

/** Writes a file whole, or leaves what was there. */
async function write(
  folder: FileSystemDirectoryHandle,
  name: string,
  parts: Iterable<string> | AsyncIterable<Uint8Array<ArrayBuffer>>,
): Promise<void> {
  const file = await (await folder.getFileHandle(name, { create: true })).createWritable();
  try {
    for await (const part of parts) await file.write(part);
    await file.close();
  } catch (error) {
    await file.abort();
    throw error;
  }
}
