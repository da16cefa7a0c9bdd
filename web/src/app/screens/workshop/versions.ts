import { ChangeDetectionStrategy, Component, inject, input, output, signal, type OnInit } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { SessionVersion } from '@hopsk/contract/versions';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { VersionsApi } from '../../data/versions-api';
import { troubleOf } from '../../data/problem';

/** What was saved of a session before, to be brought back over what is typed. */
@Component({
  selector: 'hop-versions',
  imports: [MatButton],
  template: `
    <div class="said note">
      <h2>{{ text.versions }}</h2>
      @for (one of versions(); track one.version) {
        <p class="row">
          <span class="num"
            >{{ one.version }} · {{ one.savedAt.slice(0, 16).replace('T', ' ') }} · {{ text.stagesOf(one.body.stages.length) }}</span
          >
          <button mat-button (click)="brought.emit(one)">{{ text.bringBack }}</button>
        </p>
      }
      @if (trouble()) {
        <p role="alert">{{ trouble() }}</p>
      }
      <button mat-button (click)="closed.emit()">{{ common.close }}</button>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Versions implements OnInit {
  readonly id = input.required<string>();
  readonly brought = output<SessionVersion>();
  readonly closed = output();
  private readonly api = inject(VersionsApi);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly versions = signal<readonly SessionVersion[]>([]);
  protected readonly trouble = signal('');

  ngOnInit(): void {
    void firstValueFrom(this.api.ofSession(this.id())).then(
      (versions) => this.versions.set(versions),
      (error: unknown) => this.trouble.set(troubleOf(error).message),
    );
  }
}
