import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { OtherwiseApi } from '../data/otherwise-api';

/** Says how many saved lines read otherwise today, if any, and leads to them. Where that cannot be asked it says nothing. */
@Component({
  selector: 'hop-otherwise-note',
  imports: [RouterLink],
  template: `@if (count() > 0) {
    <p class="said beware">
      {{ text.some(count()) }} <a routerLink="/steps/otherwise">{{ text.look }}</a>
    </p>
  }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OtherwiseNote {
  protected readonly text = words.otherwise;
  protected readonly count = signal(0);

  constructor() {
    firstValueFrom(inject(OtherwiseApi).all()).then(
      (all) => this.count.set(all.length),
      () => undefined,
    );
  }
}
