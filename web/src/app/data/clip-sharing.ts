import { inject, Injectable, signal } from '@angular/core';
import { CLIP_LIMITS, type ClipHeld } from '@hopsk/contract/films';
import { firstValueFrom } from 'rxjs';
import { FilmsApi } from './films-api';

/** A clip on its way to the club or from it: how many of its bytes are there. */
export interface OnItsWay {
  readonly clip: string;
  readonly way: 'to' | 'from';
  readonly done: number;
  readonly bytes: number;
}

const piecesOf = (bytes: number): number[] => Array.from({ length: Math.ceil(bytes / CLIP_LIMITS.piece) }, (_, n) => n);

/** Clips to the club and from it, where its rules let them be kept there: piece by piece, so that what breaks off goes on. */
@Injectable({ providedIn: 'root' })
export class ClipSharing {
  private readonly api = inject(FilmsApi);
  private readonly under = signal<OnItsWay | null>(null);
  readonly onItsWay = this.under.asReadonly();
  private stopped = false;

  /** After the piece that is under way; what is there stays, to go on from. */
  stop(): void {
    this.stopped = true;
  }

  /** Sends what the club does not have of a clip yet. Gives how it stands then: not whole where it was stopped. Throws as a request does. */
  async send(clip: string, file: Blob): Promise<ClipHeld> {
    let held = await firstValueFrom(this.api.beginClip(clip, { bytes: file.size, type: file.type.slice(0, 100) }));
    await this.each({ clip, way: 'to', bytes: file.size }, async (n) => {
      if (held.has.includes(n)) return;
      const piece = file.slice(n * CLIP_LIMITS.piece, (n + 1) * CLIP_LIMITS.piece, 'application/octet-stream');
      held = await firstValueFrom(this.api.putPiece(clip, n, piece));
    });
    return held;
  }

  /** A clip of the club as the file that it was; null where it was stopped. Throws as a request does. */
  async fetch(clip: string, name: string): Promise<File | null> {
    const { bytes, type } = await firstValueFrom(this.api.clip(clip));
    const parts: Blob[] = [];
    const whole = await this.each({ clip, way: 'from', bytes: bytes ?? 0 }, async (n) => {
      parts.push(await firstValueFrom(this.api.piece(clip, n)));
    });
    return whole ? new File(parts, name, { type }) : null;
  }

  /** Goes through the pieces; false where somebody stopped it. */
  private async each(what: Omit<OnItsWay, 'done'>, piece: (n: number) => Promise<void>): Promise<boolean> {
    this.stopped = false;
    try {
      for (const n of piecesOf(what.bytes)) {
        if (this.hasStopped()) return false;
        this.under.set({ ...what, done: n * CLIP_LIMITS.piece });
        await piece(n);
      }
      return true;
    } finally {
      this.under.set(null);
    }
  }

  private hasStopped(): boolean {
    return this.stopped;
  }
}
