import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { placingFrom } from '@hopsk/core/judge/area-text';
import { words } from '@hopsk/words/words';
import { SchoolChoicesForm } from '../../parts/school-choices';
import type { Draft } from '../../parts/pattern-draft';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { FILE_LIMITS } from '@hopsk/core/language/limits';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions } from '../../ui/options';
import { tags, texts } from '../../ui/reads';

/** For whom a pattern is written, how it is found again, and what it holds where schools differ. */
@Component({
  selector: 'hop-about',
  imports: [Box, Choice, SchoolChoicesForm],
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
  protected readonly hands = namedOptions<Side>(['right', 'left'], words.steps.hands);
  protected readonly leads = namedOptions<Draft['lead']>(SIDES, { ...words.steps.leads, none: words.common.none });
  protected readonly reads = { sport: texts(40), tags: tags(FILE_LIMITS.tags, 24), floor: texts(80) };

  /** The floor as typed; what is none is said, and the last one stays. */
  protected floor(area: string): void {
    this.noFloor.set(area !== '' && placingFrom(area) === null);
    if (!this.noFloor()) this.changed.emit({ area });
  }
}
