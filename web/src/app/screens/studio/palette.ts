import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, input, output, signal } from '@angular/core';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import { readWith } from '@hopsk/core/judge/study';
import { FAMILIES, MOVE_WORDS, ruleOf, type Family, type MoveWord } from '@hopsk/core/language/moves';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { parse } from '@hopsk/core/language/parse';
import { simulate } from '@hopsk/core/motion/simulate';
import type { Performer, Simulation } from '@hopsk/core/motion/simulation';
import { words } from '@hopsk/words/words';
import { MovePicture } from '../../drawing/move-picture';
import { namedOptions, type Option } from '../../ui/options';
import { Tabs } from '../../ui/tabs';
import { MatTabNavPanel } from '@angular/material/tabs';

/** What must come before a move so that it means something. */
const BEFORE: Partial<Record<MoveWord, string>> = { recover: 'lunge ahead, ', 'pull back': 'step in ahead 40 cm, ' };
/** Seconds between two drawings: smooth enough for so small a picture. */
const FRAME = 0.06;
/** A rest between two rounds of a moving picture, seconds. */
const REST = 0.8;

interface Entry {
  readonly word: string;
  readonly says: string;
  readonly example: string;
  readonly simulation: Simulation;
}

/** Moves by family, each with a small moving drawing; a tap adds one to the line. */
@Component({
  selector: 'hop-palette',
  imports: [MatTabNavPanel, MovePicture, Tabs],
  templateUrl: './palette.html',
  styleUrl: './palette.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Palette {
  readonly performer = input.required<Performer>();
  /** Moves that the club has made from others. */
  readonly own = input<readonly OwnMove[]>([]);
  readonly chosen = output<string>();
  protected readonly text = words.steps;
  protected readonly families = computed<readonly Option<Family | 'own'>[]>(() => [
    ...namedOptions(FAMILIES, words.steps.families_),
    ...(this.own().length > 0 ? ([{ value: 'own', label: words.steps.ours }] as const) : []),
  ]);
  protected readonly family = signal<Family | 'own'>('gather');
  protected readonly find = signal('');
  private readonly clock = signal(0);
  protected readonly entries = computed<readonly Entry[]>(() => {
    const find = this.find().trim().toLowerCase();
    const ours = this.own()
      .filter(({ name, steps }) => (find === '' ? this.family() === 'own' : `${name} ${steps}`.includes(find)))
      .map(({ name, steps }) => ({
        word: name,
        says: steps,
        example: name,
        simulation: simulate(readWith(name, this.own()), this.performer()),
      }));
    const others = MOVE_WORDS.filter((word) => {
      const rule = ruleOf(word);
      return find === '' ? rule.family === this.family() : `${word} ${words.moves[word]} ${rule.family}`.includes(find);
    }).map((word) => {
      const { example } = ruleOf(word);
      return { word, says: words.moves[word], example, simulation: this.shown(word, example) };
    });
    return [...ours, ...others];
  });

  constructor() {
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    if (still) return;
    const began = performance.now();
    const timer = setInterval(() => this.clock.set((performance.now() - began) / 1000), FRAME * 1000);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
  }

  /** Where a moving picture is: round and round, with a rest at its end. Still ones show their end. */
  protected at(entry: Entry): number {
    const seconds = entry.simulation.seconds;
    return this.clock() === 0 ? seconds : Math.min(seconds, this.clock() % (seconds + REST));
  }

  /** The move on the present body; one that a square stance cannot do is shown in a staggered one. */
  private shown(word: MoveWord, example: string): Simulation {
    const script = parse(`${BEFORE[word] ?? ''}${example}`);
    const sim = simulate(script, this.performer());
    if (!sim.problems.some((problem) => problem.code === 'refused')) return sim;
    return simulate(script, { ...this.performer(), school: schoolOf('mixed-45') ?? SCHOOLS[0], lead: 'left' });
  }
}
