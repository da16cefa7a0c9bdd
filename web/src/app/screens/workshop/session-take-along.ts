import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { Router } from '@angular/router';
import { words } from '@hopsk/words/words';
import type { SessionAsk, SessionLook } from '../../compute/session';
import { DeviceStore } from '../../data/device-store';
import { newId } from '../../data/ids';
import { fileName, saveFile } from '../../drawing/export';
import { copyOf, type Draft } from '../../parts/session-draft';
import { asCsv, asJson, asText } from '../../parts/session-files';
import { Dialogs, type Part } from '../../ui/dialogs';
import { once } from '../../ui/once';
import type { Sounding } from './sound-box';

const VOICE_BOX: Part = () => import('./voice-box').then((m) => m.VoiceBox);
const SOUND_BOX: Part = () => import('./sound-box').then((m) => m.SoundBox);

/** What else can be made of the session: a print, dates, a file, an earlier version, a copy, a template. */
@Component({
  selector: 'hop-session-take-along',
  imports: [MatButton, MatMenuModule],
  template: `
    <button mat-stroked-button [matMenuTriggerFor]="more">{{ text.more }}</button>
    <mat-menu #more="matMenu">
      <button mat-menu-item (click)="printed.emit()">{{ text.print }}</button>
      <button mat-menu-item (click)="dated.emit()">{{ text.calendar }}</button>
      <button mat-menu-item (click)="save.csv()">{{ text.asCsv }}</button>
      <button mat-menu-item (click)="sound()" [disabled]="draft().stages.length === 0">{{ text.asSound }}</button>
      <button mat-menu-item (click)="spoken()" [disabled]="draft().stages.length === 0">{{ text.spokenWords }}</button>
      <button mat-menu-item (click)="save.text()">{{ text.asText }}</button>
      <button mat-menu-item (click)="save.json()">{{ text.asJson }}</button>
      <button mat-menu-item (click)="compared.emit()" [disabled]="!stored()">{{ text.versions }}</button>
      <button mat-menu-item (click)="duplicate(false)">{{ text.duplicate }}</button>
      <button mat-menu-item (click)="duplicate(true)">{{ text.toTemplate }}</button>
      <button mat-menu-item (click)="archived.emit()" [disabled]="!stored()">{{ common.archive }}</button>
    </mat-menu>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionTakeAlong {
  readonly draft = input.required<Draft>();
  /** As the chosen athlete does it. */
  readonly shown = input.required<Draft>();
  readonly look = input.required<SessionLook | null>();
  /** As the worker is asked about it. */
  readonly asked = input.required<SessionAsk>();
  readonly stored = input.required<boolean>();
  readonly printed = output();
  readonly dated = output();
  readonly compared = output();
  readonly archived = output();
  /** A copy stands on the device and is to be opened; what was typed here has gone into it. */
  readonly copied = output();
  private readonly dialogs = inject(Dialogs);
  private readonly device = inject(DeviceStore);
  private readonly router = inject(Router);
  protected readonly text = words.build;
  protected readonly common = words.common;

  protected readonly save = {
    text: (): void => saveFile(asText(this.draft()), fileName(this.draft().name, 'txt')),
    json: (): void => saveFile(asJson(this.draft()), fileName(this.draft().name, 'json')),
    csv: (): void => {
      const look = this.look();
      if (look) saveFile(asCsv(look.cues, this.shown()), fileName(this.draft().name, 'csv'));
    },
  };

  /** Made away from the page, as large as it is. */
  protected sound(): void {
    const data: Sounding = { name: this.draft().name, asked: this.asked() };
    void this.dialogs.show(SOUND_BOX, { data, labelledBy: 'sound' });
  }

  /** What the clock says in it, and words in the coach's own voice. */
  protected spoken(): void {
    void this.dialogs.show(VOICE_BOX, { data: this.asked(), labelledBy: 'voice' });
  }

  protected readonly duplicate = once(async (template: boolean) => {
    const id = newId();
    const name = template ? this.draft().name : this.text.copyOf(this.draft().name);
    await this.device.keep(`build:${id}`, { base: 0, draft: copyOf(this.draft(), name, template) });
    this.copied.emit();
    await this.router.navigate(['/build', id]);
  });
}
