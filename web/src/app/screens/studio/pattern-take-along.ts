import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { Router, RouterLink } from '@angular/router';
import { cut } from '@hopsk/core/language/cut';
import { isMoveName } from '@hopsk/core/language/own-moves';
import { words } from '@hopsk/words/words';
import { DeviceStore } from '../../data/device-store';
import { newId } from '../../data/ids';
import { TeachingStore } from '../../data/teaching';
import { fileName, saveFile } from '../../drawing/export';
import type { Draft } from '../../parts/pattern-draft';
import { asJson, asText } from '../../parts/pattern-files';
import { Ask } from '../../ui/ask';
import { once } from '../../ui/once';
import { savePicture } from './picture';

/** What else can be made of the line: a card, a session, a move of the club, a copy, a file, a picture. */
@Component({
  selector: 'hop-pattern-take-along',
  imports: [MatButton, MatMenuModule, RouterLink],
  template: `
    <button mat-stroked-button [matMenuTriggerFor]="file">{{ text.more }}</button>
    <mat-menu #file="matMenu">
      <a mat-menu-item [routerLink]="['/steps', id(), 'card']">{{ text.card }}</a>
      <a mat-menu-item routerLink="/build/new" [queryParams]="{ pattern: id() }">{{ text.buildFrom }}</a>
      <button mat-menu-item (click)="keepAsMove()">{{ text.keepAsMove }}</button>
      <button mat-menu-item (click)="duplicate()">{{ text.duplicate }}</button>
      <button mat-menu-item (click)="save.text()">{{ text.asText }}</button>
      <button mat-menu-item (click)="save.json()">{{ text.asJson }}</button>
      <button mat-menu-item (click)="save.svg()">{{ common.asSvg }}</button>
      <button mat-menu-item (click)="save.png()">{{ text.asPng }}</button>
    </mat-menu>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PatternTakeAlong {
  readonly id = input.required<string>();
  readonly draft = input.required<Draft>();
  /** The page with the floor that is drawn. */
  readonly page = input.required<HTMLElement>();
  /** What came of it, to be said on the page. */
  readonly said = output<string>();
  private readonly device = inject(DeviceStore);
  private readonly router = inject(Router);
  private readonly club = inject(TeachingStore);
  private readonly questions = inject(Ask);
  protected readonly text = words.steps;
  protected readonly common = words.common;

  protected readonly save = {
    text: (): void => saveFile(asText([this.draft()]), fileName(this.draft().name, 'txt')),
    json: (): void => saveFile(asJson([this.draft()]), fileName(this.draft().name, 'json')),
    svg: (): Promise<void> => savePicture(this.page(), this.draft().name, 'svg'),
    png: (): Promise<void> => savePicture(this.page(), this.draft().name, 'png'),
  };

  protected readonly keepAsMove = once(() => this.nameMove());

  /** Names this line as a move of the club, to be used in others. */
  private async nameMove(): Promise<void> {
    const { moveName: question, moveWord: label, keepMove: yes, noMoveName } = this.text;
    const wrong = (typed: string): string => (isMoveName(typed.toLowerCase()) ? '' : noMoveName);
    const word = await this.questions.word({ question, yes, no: words.common.notNow, box: { label, most: 24, wrong } });
    if (word === null) return;
    const name = word.toLowerCase();
    const others = this.club.teaching().moves.filter((move) => move.name !== name);
    const trouble = await this.club.save({ moves: [...others, { name, steps: this.draft().steps }] });
    this.said.emit(trouble?.message ?? this.text.moveKept(name));
  }

  protected readonly duplicate = once(async () => {
    const id = newId();
    const draft = { ...this.draft(), name: cut(this.text.copyOf(this.draft().name), 80) };
    await this.device.keep(`draft:${id}`, { base: 0, draft });
    await this.router.navigate(['/steps', id]);
  });
}
