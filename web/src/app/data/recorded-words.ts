import { inject, Injectable, signal } from '@angular/core';
import { RecordedWords, type RecordedWord } from '@hopsk/contract/recorded-words';
import { firstValueFrom } from 'rxjs';
import { LastSeen } from './last-seen';
import { Requests } from './requests';

/** Words of the clock that the club has in a coach's own voice: fetched when something is to be said, and kept for the hall. */
@Injectable({ providedIn: 'root' })
export class RecordedStore extends Requests {
  private readonly lastSeen = inject(LastSeen);
  readonly words = signal<readonly RecordedWord[]>([]);

  /** As they are now, or as this device saw them last; where neither is to be had the device's own voice speaks. */
  async load(): Promise<void> {
    const seen = await this.lastSeen.ask('recorded-words', RecordedWords, this.get('/recorded-words', RecordedWords)).catch(() => null);
    if (seen) this.words.set(seen.value);
  }

  /** Keeps one. Throws what the server says against it. */
  async keep({ word, ...sound }: RecordedWord): Promise<void> {
    await firstValueFrom(this.http.put(`/api/recorded-words/${encodeURIComponent(word)}`, sound));
    await this.load();
  }

  /** Takes one away. */
  async end(word: string): Promise<void> {
    await firstValueFrom(this.delete(`/recorded-words/${encodeURIComponent(word)}`));
    await this.load();
  }
}
