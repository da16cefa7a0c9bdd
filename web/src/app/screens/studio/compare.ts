import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal, untracked } from '@angular/core';
import type { PatternVersion } from '@hopsk/contract/versions';
import type { Pattern } from '@hopsk/contract/pattern';
import type { PatternDraft } from '@hopsk/contract/pattern-draft';
import { schoolOf, type School } from '@hopsk/core/body/school';
import { onFloor } from '@hopsk/core/judge/area-text';
import type { Study } from '@hopsk/core/judge/study';
import type { LengthUnits } from '@hopsk/core/body/length';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Performer } from '@hopsk/core/motion/simulation';
import { compare, type Compared } from '@hopsk/core/search/compare';
import { thumbnailOf } from '@hopsk/core/view/thumbnail';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';
import { firstValueFrom } from 'rxjs';
import { VersionsApi } from '../../data/versions-api';
import { Thumb } from '../../drawing/thumb';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { Choice } from '../../ui/choice';

/** Something the present line can be held against. */
interface Other {
  readonly key: string;
  readonly name: string;
  readonly steps: string;
  /** Everything that it held; null where an earlier program kept the steps alone. */
  readonly whole: PatternVersion['body'];
}

export type Brought = Partial<PatternDraft> & Pick<PatternDraft, 'steps'>;

/** The line as it is now beside an earlier version of it or another pattern. */
@Component({
  selector: 'hop-compare',
  imports: [Choice, Thumb, Table],
  templateUrl: './compare.html',
  styleUrl: './compare.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ComparePanel {
  readonly id = input.required<string>();
  /** Number of the version that is stored; another one was saved when it changes. */
  readonly version = input(0);
  readonly study = input.required<Study>();
  readonly performer = input.required<Performer>();
  readonly shouldClose = input(true);
  readonly units = input<LengthUnits>('cm');
  readonly patterns = input<readonly Pattern[]>([]);
  readonly own = input<readonly OwnMove[]>([]);
  /** Stances of the club, for versions that stood in one of them. */
  readonly stances = input<readonly School[]>([]);
  /** Turns a stored line as the present performer does it. */
  readonly turned = input<(steps: string) => string>((steps) => steps);
  /** What a version held, to be typed over the line as it is now: all of it where all of it was kept. */
  readonly brought = output<Brought>();
  private readonly api = inject(VersionsApi);
  private readonly asking = inject(Studies);
  protected readonly text = words.steps;
  protected readonly compared = words.search.compared;
  protected readonly versions = signal<readonly PatternVersion[]>([]);
  protected readonly away = signal(false);
  protected readonly chosen = signal<string | null>(null);
  protected readonly others = computed<readonly Other[]>(() => [
    ...this.versions().map((one) => ({
      key: `v${one.version}`,
      name: `${this.text.version} ${one.version}, ${dayOf(one.savedAt)}`,
      steps: one.steps,
      whole: one.body,
    })),
    ...this.patterns()
      .filter((one) => one.id !== this.id())
      .map((one) => ({ key: one.id, name: one.name, steps: one.steps, whole: one })),
  ]);
  protected readonly otherOptions = computed(() => this.others().map(({ key, name }) => ({ value: key, label: name })));
  protected readonly other = computed(() => this.others().find((one) => one.key === this.chosen()) ?? null);
  protected readonly isVersion = computed(() => this.chosen()?.startsWith('v') ?? false);
  private readonly seen = signal<Study | null>(null);
  protected readonly comparison = computed(() => {
    const seen = this.seen();
    if (!seen) return null;
    const { lines, steps } = compare(seen, this.study());
    const changed = lines
      .filter((line) => line.changed)
      .map((line) => [this.compared[line.what], this.value(line, line.a), this.value(line, line.b)]);
    return { lines: changed, steps, a: thumbnailOf(seen.simulation), b: thumbnailOf(this.study().simulation) };
  });
  private readonly question = new Latest();

  constructor() {
    effect(() => {
      const [id, version] = [this.id(), this.version()];
      if (version > 0) untracked(() => void this.fetch(id));
    });
    effect(() => {
      const other = this.other();
      const performer = this.performer();
      untracked(() => this.look(other, performer));
    });
  }

  /** A version's name is the pattern's own business: the rest of it comes back. */
  protected broughtOf({ steps, whole }: Other): Brought {
    if (!whole) return { steps };
    const { sport, school, hand, lead, shouldClose, dose, tags, area, schools } = whole;
    return { steps, sport, school, hand, lead, shouldClose, dose, tags, area, schools };
  }

  private value({ unit: of }: Compared, value: number | null): string {
    if (value === null) return this.text.never;
    if (of === 'm') return lengthText(value, this.units(), 1);
    const digits = { s: 2, deg: 0, share: 0, count: 0 }[of];
    const unit = { s: ' s', deg: '°', share: ' %', count: '' }[of];
    return `${(of === 'share' ? value * 100 : value).toFixed(digits)}${unit}`;
  }

  private async fetch(id: string): Promise<void> {
    try {
      this.versions.set(await firstValueFrom(this.api.ofPattern(id)));
      this.away.set(false);
    } catch {
      this.away.set(true);
    }
  }

  private look(other: Other | null, performer: Performer): void {
    void this.question.ask(
      async () => other && (await this.studyOf(other, performer)),
      (seen) => this.seen.set(seen),
      () => this.seen.set(null),
    );
  }

  /** As it was written then: its own stance and lead, on the body that is here. */
  private studyOf({ steps, whole }: Other, performer: Performer): Promise<Study> {
    const school = whole && schoolOf(whole.school, this.stances());
    const lead = whole?.lead === 'none' ? null : (whole?.lead ?? performer.lead);
    const then =
      school && school.code !== performer.school.code
        ? { ...performer, school, lead: school.staggered ? (lead ?? 'left') : null }
        : performer;
    return this.asking.study(this.turned()(steps), then, whole?.shouldClose ?? this.shouldClose(), {
      own: this.own(),
      ...onFloor(whole?.area ?? ''),
    });
  }
}

/** A moment in the same form as everywhere else, in the coach's own time: 2026-11-24 19:05. */
const dayOf = (at: string): string => new Date(at).toLocaleString('sv-SE', { dateStyle: 'short', timeStyle: 'short' });
