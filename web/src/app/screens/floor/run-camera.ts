import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  type ElementRef,
  inject,
  input,
  output,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { isUnder16 } from '@hopsk/contract/people';
import type { RunEvent } from '@hopsk/core/log/event';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Replay } from '../../compute/replay';
import { Clips } from '../../data/clips';
import { RunDesk } from '../../data/desk';
import { people } from '../../data/records';
import { CameraOn } from '../../parts/camera-on';
import type { Filming } from '../../ports/camera';

type Tap = Extract<RunEvent, { kind: 'fault' }>;
/** How much is held is said anew so often, ms. */
const SAID_EVERY = 1000;

/** A camera that is on during a run: the last seconds of what it saw are kept with every fault that is tapped on this device. */
@Component({
  selector: 'hop-run-camera',
  imports: [MatButton],
  template: `
    @if (on()) {
      <div class="on">
        <video #seen muted playsinline [attr.aria-label]="text.sees"></video>
        <p class="num" role="status">{{ says() }}</p>
        <button mat-stroked-button (click)="close(); closed.emit()">{{ text.off }}</button>
      </div>
    } @else {
      <p class="muted">{{ text.about }}</p>
      <div class="row">
        <button mat-stroked-button (click)="turnOn('deviceCamera')">{{ text.device }}</button>
        <button mat-stroked-button (click)="turnOn('drawnCamera')">{{ text.drawn }}</button>
        <button mat-button (click)="closed.emit()">{{ text.none }}</button>
      </div>
    }
    @if (said()) {
      <p class="said beware" role="alert">{{ said() }}</p>
    }
  `,
  styles: `
    .on,
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 8px 12px;
      align-items: center;
    }
    video {
      height: 56px;
      aspect-ratio: 16 / 9;
      background: var(--ink);
    }
    p {
      flex: 1;
      margin: 4px 0;
      min-width: 120px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunCamera {
  readonly run = input.required<string>();
  readonly events = input.required<readonly RunEvent[]>();
  /** Who is there. */
  readonly here = input.required<readonly { readonly id: string }[]>();
  readonly closed = output();
  private readonly desk = inject(RunDesk);
  private readonly clips = inject(Clips);
  private readonly people = inject(Store).selectSignal(people.selectById);
  protected readonly text = words.run.camera;
  private readonly replay = signal<Replay | null>(null);
  private readonly megabytes = signal('0.0');
  private readonly kept = signal(0);
  protected readonly said = signal('');
  protected readonly says = computed(() => (this.replay() ? this.text.holds(this.megabytes(), this.kept()) : this.text.begins));
  private readonly seen = viewChild<ElementRef<HTMLVideoElement>>('seen');
  /** Taps that were there when the camera came on, and those whose clip was kept or not. */
  private done: ReadonlySet<string> = new Set();
  private readonly lens = new CameraOn(
    this.seen,
    () => this.stop(),
    (video, filming) => void this.hold(video, filming),
  );
  protected readonly on = this.lens.filming;
  private readonly taps = computed(() => {
    const { mine } = this.desk;
    return this.events().filter((event): event is Tap => event.kind === 'fault' && event.source === 'floor' && mine.has(event.device));
  });

  constructor() {
    effect((after) => {
      const replay = this.replay();
      if (!replay) return;
      const timer = setInterval(() => this.megabytes.set((replay.bytes() / 1e6).toFixed(1)), SAID_EVERY);
      after(() => clearInterval(timer));
    });
    effect(() => {
      const [taps, replay] = [this.taps(), this.replay()];
      if (replay) untracked(() => this.take(taps, replay));
    });
  }

  protected async turnOn(which: 'deviceCamera' | 'drawnCamera'): Promise<void> {
    this.said.set('');
    // The stand-in brings the simulator along: only who films fetches it.
    const unseen = await import('../../ports/camera').then(
      (cameras) => this.lens.turnOn(cameras[which]),
      () => 'fault' as const,
    );
    if (unseen) this.said.set(this.text.unseen[unseen]);
  }

  private async hold(video: HTMLVideoElement, filming: Filming): Promise<void> {
    try {
      const { replayOf } = await import('../../compute/replay');
      const replay = await replayOf(video, () => this.fail());
      if (this.on() !== filming) return replay?.stop();
      if (!replay) return this.fail();
      this.done = new Set(this.taps().map(({ id }) => id));
      this.replay.set(replay);
    } catch {
      this.fail();
    }
  }

  private fail(): void {
    this.close();
    this.said.set(this.text.unseen.fault);
  }

  private take(taps: readonly Tap[], replay: Replay): void {
    const fresh = taps.filter(({ id }) => !this.done.has(id));
    if (fresh.length === 0) return;
    this.done = new Set([...this.done, ...fresh.map(({ id }) => id)]);
    // What all showed is one tap, and one film.
    const together = new Map<string, Tap[]>();
    for (const tap of fresh) together.set(`${tap.m} ${tap.fault}`, [...(together.get(`${tap.m} ${tap.fault}`) ?? []), tap]);
    for (const taps of together.values()) void this.keep(taps, replay);
  }

  private async keep(taps: readonly Tap[], replay: Replay): Promise<void> {
    const [tap] = taps;
    if (!tap) return;
    const athlete = taps.length === 1 ? tap.athlete : null;
    const unagreed = this.unagreed(athlete);
    if (unagreed.length > 0) return this.said.set(this.text.unagreed(unagreed.join(', ')));
    const name = this.text.clipName(faultLabel(tap.fault), new Date(tap.at).toLocaleTimeString().replaceAll(':', '-'));
    const clip = await replay.clip(name.replaceAll('/', '-')).catch(() => null);
    if (!clip) return this.said.set(this.text.notHeld);
    const kept = await this.clips.keep(clip, athlete, { run: this.run(), events: taps.map(({ id }) => id) });
    if (typeof kept === 'string') this.said.set(this.text.notKept[kept]);
    else this.kept.update((n) => n + taps.length);
  }

  /** Who of those whom it shows is too young to be filmed unasked: whoever was watched, or everybody where nobody was. */
  private unagreed(athlete: string | null): string[] {
    const shown = athlete === null ? this.here().map(({ id }) => id) : [athlete];
    const known = this.people();
    return shown.flatMap((id) => {
      const who = known[id];
      return who && (!isUnder16(who.ageGroup) || who.agreed !== null) ? [] : [this.desk.atHand.nameOf(id)];
    });
  }

  private stop(): void {
    this.replay()?.stop();
    this.replay.set(null);
  }

  protected close(): void {
    this.lens.off();
  }
}
