import { ChangeDetectionStrategy, Component } from '@angular/core';
import { words } from '@hopsk/words/words';
import { Head } from '../../ui/head';
import { Looks } from './looks';
import { Rules } from './rules';

/** What a club keeps of people: how long, and who looked at whom; for its owners. */
@Component({
  selector: 'hop-kept',
  imports: [Head, Looks, Rules],
  template: `
    <hop-head back="/club" [backTo]="text.back">
      <h1>{{ text.title }}</h1>
    </hop-head>
    <div class="page">
      <hop-rules />
      <hop-looks />
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Kept {
  protected readonly text = words.kept;
}
