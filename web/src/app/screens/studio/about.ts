import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { placingFrom } from '@hopsk/core/judge/area-text';
import { words } from '@hopsk/words/words';
import { SchoolChoicesForm } from '../../parts/school-choices';
import type { Draft } from '../../parts/pattern-draft';

/** For whom a pattern is written, how it is found again, and what it holds where schools differ. */
@Component({
  selector: 'hop-about',
  imports: [SchoolChoicesForm],
  templateUrl: './about.html',
  styleUrl: './panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AboutPanel {
  readonly draft = input.required<Draft>();
  readonly staggered = input(false);
  readonly changed = output<Partial<Draft>>();
  protected readonly text = words.steps;
  protected readonly noFloor = signal(false);

  protected tags(said: string): void {
    const tags = said
      .split(',')
      .map((tag) => tag.trim())
      .filter((tag) => tag !== '');
    this.changed.emit({ tags: [...new Set(tags)] });
  }

  /** The floor as typed; what is none is said, and the last one stays. */
  protected floor(said: string): void {
    const area = said.trim();
    this.noFloor.set(area !== '' && placingFrom(area) === null);
    if (!this.noFloor()) this.changed.emit({ area });
  }
}
