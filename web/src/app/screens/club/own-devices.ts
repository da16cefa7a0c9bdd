import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { SignedIn } from '@hopsk/contract/members';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import { Sending, Sent } from '../../parts/sending';

/** Where whoever is signed in is signed in, and an end to it. */
@Component({
  selector: 'hop-own-devices',
  imports: [MatButton, Sent],
  template: `
    <section>
      <h2>{{ text.devices }}</h2>
      <hop-sent [of]="sending" />
      <table class="rules">
        <tbody>
          @for (one of devices(); track one.id) {
            <tr>
              <td>
                @if (one.device) {
                  <span translate="no">{{ one.device }}</span>
                } @else {
                  {{ text.someDevice }}
                }
                @if (one.here) {
                  {{ ' ' }}<span class="tag">{{ text.thisDevice }}</span>
                }
              </td>
              <td class="muted num">{{ text.since(day(one.began), day(one.until)) }}</td>
              <td class="right">
                @if (!one.here) {
                  <button
                    mat-button
                    type="button"
                    [attr.aria-label]="text.endDeviceOf(one.device || text.someDevice, day(one.began))"
                    (click)="end(one)"
                  >
                    {{ text.endDevice }}
                  </button>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnDevices {
  private readonly api = inject(MembersApi);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly devices = signal<readonly SignedIn[]>([]);

  constructor() {
    void this.sending.send(() => this.look());
  }

  protected day(at: string): string {
    return at.slice(0, 10) || '–';
  }

  protected end({ id }: SignedIn): void {
    void this.sending.send(async () => {
      await firstValueFrom(this.api.endDevice(id));
      return this.look();
    });
  }

  private async look(): Promise<string> {
    this.devices.set(await firstValueFrom(this.api.devices()));
    return '';
  }
}
