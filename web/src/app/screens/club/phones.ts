import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Phone } from '@hopsk/contract/club';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { AccountApi } from '../../data/account-api';
import { Sending, Sent } from '../../parts/sending';

/** How phones in the hall reach this server. */
@Component({
  selector: 'hop-phones',
  imports: [Sent],
  template: `
    <section>
      <h2>{{ text.phone }}</h2>
      <hop-sent [of]="sending" />
      @if (phone(); as p) {
        @if (!p.lan) {
          <p>{{ text.phoneOff }}</p>
        } @else {
          <p>{{ p.secure ? text.phoneOn : text.phoneNoTls }}</p>
          <div class="codes">
            @for (address of p.addresses; track address.url) {
              <figure>
                <img [src]="address.qr" width="180" height="180" [alt]="address.url" />
                <figcaption class="num">{{ address.url }}</figcaption>
              </figure>
            }
          </div>
        }
      }
    </section>
  `,
  styleUrl: './section.scss',
  styles: `
    .codes {
      display: flex;
      flex-wrap: wrap;
      gap: 24px;
    }
    figure {
      margin: 0;
    }
    figure img {
      display: block;
      image-rendering: pixelated;
      background: #fff;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Phones {
  private readonly api = inject(AccountApi);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly phone = signal<Phone | null>(null);

  constructor() {
    void this.sending.send(async () => {
      this.phone.set(await firstValueFrom(this.api.phone()));
      return '';
    });
  }
}
