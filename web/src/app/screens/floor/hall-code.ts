import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { HallApi } from '../../data/hall-api';
import { MembersApi } from '../../data/members-api';
import { Sending, Sent } from '../../parts/sending';

/** The code by which a screen in the hall shows a run, and where it is typed. Another one is made each time; it ends with the run. */
@Component({
  selector: 'hop-hall-code',
  imports: [MatButton, Sent],
  template: `
    <h2 id="hall">{{ text.hallTitle }}</h2>
    <hop-sent [of]="sending" />
    @if (code() !== '') {
      <p>{{ text.hallSays }}</p>
      @for (url of urls(); track url) {
        <p class="num url" translate="no">{{ url }}</p>
      }
      <p class="code num" translate="no">{{ code() }}</p>
      <p class="muted">{{ text.hallEnds }}</p>
    }
    <button mat-flat-button (click)="self.close()">{{ common.close }}</button>
  `,
  styles: `
    :host {
      display: grid;
      gap: 10px;
      padding: 16px;
    }
    h2,
    p {
      margin: 0;
    }
    .url {
      font-size: 20px;
      overflow-wrap: anywhere;
    }
    .code {
      font: 700 44px var(--label);
      letter-spacing: 0.06em;
    }
    button {
      justify-self: end;
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HallCode {
  protected readonly self = inject<MatDialogRef<HallCode, void>>(MatDialogRef);
  private readonly runId = inject<string>(MAT_DIALOG_DATA);
  private readonly api = inject(HallApi);
  private readonly members = inject(MembersApi);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly code = signal('');
  protected readonly urls = signal<readonly string[]>([]);

  constructor() {
    void this.sending.send(async () => {
      const [{ code }, { addresses }] = [await firstValueFrom(this.api.code(this.runId)), await firstValueFrom(this.members.phone())];
      const from = addresses.length > 0 ? addresses.map(({ url }) => url) : [location.origin];
      this.urls.set(from.map((url) => `${url.replace(/\/$/, '')}/hall`));
      this.code.set(`${code.slice(0, 4)}-${code.slice(4)}`);
      return '';
    });
  }
}
