import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { words } from '@hopsk/words/words';
import { signInFeature } from '../data/sign-in';

/** The door, or what is behind it. */
@Component({
  selector: 'hop-root',
  imports: [RouterOutlet],
  template: `
    @if (status() === 'unknown') {
      <p class="page" role="status">{{ text.loading }}</p>
    }
    <router-outlet />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  protected readonly text = words.common;
  protected readonly status = inject(Store).selectSignal(signInFeature.selectStatus);
}
