import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { ClipHeld } from '@hopsk/contract/films';
import { CLIP_LIMITS } from '@hopsk/contract/films';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { ClipSharing } from '../../data/clip-sharing';
import { FilmsApi } from '../../data/films-api';
import { troubleOf } from '../../data/problem';
import { once } from '../../ui/once';
import { FilmDesk } from './desk';
import { DeskClub } from './desk-club';
import { FilmTransfer } from './transfer';

/** The clip on the desk and the club, where the club's rules let clips be kept with it. */
@Component({
  selector: 'hop-film-share',
  imports: [FilmTransfer, MatButton],
  template: `
    @if (held(); as clip) {
      @if (clip.whole) {
        <p class="row middle">
          <span>{{ text.clipHeld }}</span>
          <button mat-button (click)="end()">{{ text.endClip }}</button>
        </p>
      } @else if (sharing.onItsWay() === null) {
        <p class="row middle">
          <button mat-stroked-button [disabled]="why() !== ''" (click)="send()">
            {{ clip.has.length > 0 ? text.goOnWithClip : text.shareClip }}
          </button>
          <span class="muted">{{ why() || text.clipFor(clip.days) }}</span>
        </p>
      }
      <hop-film-transfer />
    }
    @if (said()) {
      <p class="said beware" role="alert">{{ said() }}</p>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmShare {
  private readonly api = inject(FilmsApi);
  private readonly desk = inject(FilmDesk);
  private readonly club = inject(DeskClub);
  protected readonly sharing = inject(ClipSharing);
  protected readonly text = words.film;
  protected readonly said = signal('');
  private readonly stands = signal<ClipHeld | null>(null);
  /** How it stands, where there is anything to be done. */
  protected readonly held = computed(() => {
    const [opened, stands] = [this.desk.opened(), this.stands()];
    return opened?.toClub && !opened.lost && stands !== null && (stands.days > 0 || stands.whole) ? stands : null;
  });
  /** Why it cannot be sent now. */
  protected readonly why = computed(() => {
    this.desk.opened();
    if ((this.desk.file?.size ?? 0) > CLIP_LIMITS.bytes) return this.text.clipTooLarge(CLIP_LIMITS.bytes / 1e6);
    return this.club.isThere() ? '' : this.text.clipAfterMarks;
  });

  constructor() {
    effect(() => {
      const opened = this.desk.opened();
      if (opened) untracked(() => void this.look(opened.hash));
    });
  }

  private async look(hash: string): Promise<void> {
    this.stands.set(null);
    // Without a network nothing can be sent either.
    const held = await firstValueFrom(this.api.clip(hash)).catch(() => null);
    if (this.desk.hash === hash) this.stands.set(held);
  }

  protected readonly send = once(() =>
    this.tried(async () => {
      const { file, hash } = this.desk;
      if (file) this.stands.set(await this.sharing.send(hash, file));
    }),
  );
  protected readonly end = once(() =>
    this.tried(async () => {
      await firstValueFrom(this.api.endClip(this.desk.hash));
      await this.look(this.desk.hash);
    }),
  );

  private async tried(act: () => Promise<void>): Promise<void> {
    this.said.set('');
    try {
      await act();
    } catch (error) {
      this.said.set(troubleOf(error).message);
      await this.look(this.desk.hash);
    }
  }
}
