import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { WayInMade } from '@hopsk/contract/members';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';

const HERE = /^(localhost|127\.|\[::1\])/;

/** A link that lets somebody in, to be handed over: copied, or read off the screen. */
@Component({
  selector: 'hop-hand-over',
  imports: [MatButton],
  template: `
    <div class="said good" role="status">
      <p>{{ text.handOver(name(), until()) }}</p>
      <p>
        <input #box class="num" readonly translate="no" [attr.aria-label]="text.link" [value]="url()" (focus)="box.select()" />
      </p>
      @if (mine()) {
        <p>{{ text.linkHere }}</p>
      }
      <button mat-flat-button type="button" (click)="copy(box)">{{ copied() ? text.copied : text.copy }}</button>
      <button mat-button type="button" (click)="seen.emit()">{{ common.close }}</button>
    </div>
  `,
  styles: `
    input {
      font: inherit;
      width: 100%;
      min-height: 40px;
      padding: 4px 8px;
      border: 1px solid var(--edge);
      border-radius: 6px;
      background: var(--raised);
      color: inherit;
    }
    p {
      margin: 0 0 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HandOver {
  readonly link = input.required<WayInMade>();
  readonly name = input.required<string>();
  readonly seen = output();
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly copied = signal(false);
  private readonly api = inject(MembersApi);
  /** Where others reach this server: the owner may sit at the machine itself. */
  private readonly origin = signal(location.origin);
  /** Whether it works on this machine only. */
  protected readonly mine = computed(() => HERE.test(new URL(this.origin()).host));
  protected readonly url = computed(() => `${this.origin()}/welcome#${this.link().secret}`);
  protected readonly until = computed(() => new Date(this.link().until).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' }));

  constructor() {
    if (HERE.test(location.host)) void this.lookOutside();
  }

  protected async copy(box: HTMLInputElement): Promise<void> {
    box.select();
    // Over plain HTTP a browser lets nobody write there; what is marked can be copied by hand.
    await navigator.clipboard?.writeText(this.url()).then(
      () => this.copied.set(true),
      () => undefined,
    );
  }

  private async lookOutside(): Promise<void> {
    const phone = await firstValueFrom(this.api.phone()).catch(() => null);
    const address = phone?.addresses[0]?.url;
    if (phone?.lan && address !== undefined) this.origin.set(new URL(address).origin);
  }
}
