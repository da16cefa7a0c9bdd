import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { cut } from '@hopsk/core/language/cut';
import type { Athlete } from '@hopsk/contract/people';
import type { Body } from '@hopsk/core/body/body';
import { otherSide, type Side } from '@hopsk/core/body/foot';
import type { LengthUnits } from '@hopsk/core/body/length';
import type { OwnSchool } from '@hopsk/core/body/school';
import { sizeOf, standIn, type Feet } from '@hopsk/core/body/stance';
import { checkStance, type StanceCheck } from '@hopsk/core/judge/stance-check';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { once } from '../../ui/once';
import { Box } from '../../ui/box';
import { lengths, numbers, texts } from '../../ui/reads';

type Part = 'width' | 'length' | 'leadToe' | 'rearToe';

/** Feet as a coach sees them, typed or dragged, held against the stance; what was seen can be kept for the athlete or the club. */
@Component({
  selector: 'hop-stance-check',
  imports: [Box, MatButton],
  templateUrl: './check.html',
  styleUrl: './check.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StanceCheckPanel {
  readonly athlete = input.required<Athlete>();
  readonly school = input.required<OwnSchool>();
  readonly body = input.required<Body>();
  readonly lead = input<Side | null>(null);
  readonly units = input<LengthUnits>('cm');
  /** Feet as they were seen; null while nothing is measured. */
  readonly seen = input<Feet | null>(null);
  readonly seenChange = output<Feet | null>();
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.stance;
  protected readonly told = ({ name, value, target, off }: StanceCheck): string => {
    const size = (n: number): string => (name === 'width' || name === 'length' ? lengthText(n, 'cm') : `${Math.round(n)}°`);
    return off === 0 ? this.text.asAsked(size(value)) : this.text.off[name](size(Math.abs(value - target)), value > target, size(target));
  };
  protected readonly said = signal('');
  protected readonly clubName = signal('');
  protected readonly nameReads = texts(40);
  private readonly leads = computed<Side>(() => (this.school().staggered ? (this.lead() ?? 'left') : 'left'));
  protected readonly checks = computed(() => {
    const seen = this.seen();
    return seen ? checkStance(seen, this.school(), this.body(), this.school().staggered ? this.leads() : null) : [];
  });
  protected readonly fields = computed(() => {
    const seen = this.seen();
    if (!seen) return [];
    const { width, leftAhead } = sizeOf(seen, 0);
    const leads = this.leads();
    const length = leads === 'left' ? leftAhead : -leftAhead;
    const toe = (side: Side): number => (side === 'left' ? -seen.left.toe : seen.right.toe);
    const [metres, degrees] = [lengths(this.units(), { low: -1.5, high: 1.5 }), numbers({ low: -180, high: 180, unit: '°' })];
    return [
      { part: 'width' as const, value: width, reads: metres },
      { part: 'length' as const, value: length, reads: metres },
      { part: 'leadToe' as const, value: Math.round(toe(leads)), reads: degrees },
      { part: 'rearToe' as const, value: Math.round(toe(otherSide(leads))), reads: degrees },
    ];
  });

  protected begin(): void {
    this.seenChange.emit(standIn(this.school(), this.body(), this.lead()).feet);
  }

  /** One measure as typed: metres or degrees. */
  protected type(part: Part, value: number): void {
    const seen = this.seen();
    if (!seen) return;
    const { width, leftAhead } = sizeOf(seen, 0);
    const leads = this.leads();
    const across = part === 'width' ? value : width;
    const ahead = part === 'length' ? (leads === 'left' ? value : -value) : leftAhead;
    const toes = { left: seen.left.toe, right: seen.right.toe };
    if (part === 'leadToe' || part === 'rearToe') {
      const side = part === 'leadToe' ? leads : otherSide(leads);
      toes[side] = side === 'left' ? -value : value;
    }
    this.seenChange.emit({
      left: { x: -across / 2, y: ahead / 2, toe: toes.left },
      right: { x: across / 2, y: -ahead / 2, toe: toes.right },
    });
  }

  /** Keeps what was seen as this athlete's own way of standing, or forgets it. */
  protected keep(own: boolean): void {
    const seen = this.seen();
    const { archivedAt: _, savedAt: _at, ...record } = this.athlete();
    const leads = this.leads();
    const toe = (feet: Feet, side: Side): number => (side === 'left' ? -feet.left.toe : feet.right.toe);
    const round = (n: number): number => Math.round(n * 1000) / 1000;
    const stance =
      own && seen
        ? {
            width: round(Math.max(0, sizeOf(seen, 0).width)),
            length: this.school().staggered ? round(Math.abs(sizeOf(seen, 0).leftAhead)) : null,
            leadToe: Math.round(toe(seen, leads)),
            rearToe: Math.round(toe(seen, otherSide(leads))),
          }
        : null;
    this.store.dispatch(people.actions.save({ ...record, school: this.school().code, stance }));
    this.said.set(this.text.kept);
  }

  protected readonly keepForClub = once(() => this.keepAsClub());

  /** Keeps what was seen as a stance of the club, in shares of this body. */
  private async keepAsClub(): Promise<void> {
    const seen = this.seen();
    const name = cut(this.clubName().trim(), 40);
    if (!seen || name === '') return;
    const { width, leftAhead } = sizeOf(seen, 0);
    const shoulder = this.body().shoulder.metres;
    const leads = this.leads();
    const toe = (side: Side): number => Math.round(side === 'left' ? -seen.left.toe : seen.right.toe);
    const times = (metres: number) => ({
      rule: 'times' as const,
      n: Math.round((Math.abs(metres) / shoulder) * 100) / 100,
      of: 'shoulder' as const,
    });
    const code = `own-${
      name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 30) || 'stance'
    }`;
    const stance: OwnSchool = {
      ...this.school(),
      code,
      name,
      says: '',
      width: times(width),
      length: this.school().staggered ? times(leftAhead) : times(0),
      toes: { lead: toe(leads), rear: toe(otherSide(leads)) },
    };
    const others = this.club.teaching().stances.filter((one) => one.code !== code);
    const trouble = await this.club.save({ stances: [...others, stance] });
    this.said.set(trouble?.message ?? this.text.kept);
  }
}
