import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { loadAll } from '../../data/records';
import { saveFile } from '../../drawing/export';
import { Sending, Sent } from '../../parts/sending';
import { FileBox } from '../../ui/file-box';
import { once } from '../../ui/once';

const KINDS = ['athletes', 'patterns', 'sessions', 'runs'] as const;

/** All that the club has, as a file: out, and in again. */
@Component({
  selector: 'hop-club-file',
  imports: [FileBox, MatButton, Sent],
  template: `
    <section>
      <h2>{{ text.file }}</h2>
      <p>{{ text.fileSays }}</p>
      <hop-sent [of]="sending" />
      <div class="row">
        <button mat-stroked-button (click)="export()">{{ text.export }}</button><hop-file
          [label]="text.import"
          accept="application/json,.json"
          (taken)="import($event)"
        />
      </div>
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubFileForm {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  protected readonly text = words.club;
  protected readonly sending = new Sending();

  protected readonly export = once(() =>
    this.sending.send(async () => {
      saveFile(await firstValueFrom(this.api.exportClub()), 'club.hopsk.json');
      return '';
    }),
  );

  protected readonly import = once((file: File) =>
    this.sending.send(async () => {
      const content = await file
        .text()
        .then((body): unknown => JSON.parse(body))
        .catch(() => null);
      if (content === null) return { kind: 'bad-input', message: `‘${file.name}’ ${this.text.notJson}`, fields: [] };
      const done = await firstValueFrom(this.api.importClub(content));
      const { kinds, took, imported } = this.text;
      const all = KINDS.map((kind) => took(kinds[kind], done[kind].added, done[kind].known));
      for (const load of loadAll()) this.store.dispatch(load);
      return imported(all.join('; '));
    }),
  );
}
