import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Phone } from '@hopsk/contract/phone';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
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
          @if (p.authority; as print) {
            <h3>{{ text.phoneTrust }}</h3>
            <p>{{ text.phoneTrustWhy }}</p>
            <ul>
              <li>{{ text.phoneTrustAndroid }}</li>
              <li>{{ text.phoneTrustApple }}</li>
            </ul>
            <p>
              <a href="/authority.crt" download="hopsk-authority.crt">{{ text.phoneTrustLoad }}</a>
            </p>
            <p>
              {{ text.phoneTrustPrint }}: <code>{{ print }}</code>
            </p>
          }
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
    code {
      overflow-wrap: anywhere;
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
  private readonly api = inject(MembersApi);
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
