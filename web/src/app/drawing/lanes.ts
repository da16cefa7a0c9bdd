import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { SIDES } from '@hopsk/core/body/foot';
import type { Study } from '@hopsk/core/judge/study';
import { flightsOf } from '@hopsk/core/view/height';
import { lanesOf, type LaneBlock } from '@hopsk/core/view/lanes';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { hostWidth } from './host-width';
import { drawingId } from './svg';

const LABEL = 56;
const MARGIN = 12;
/** Seconds that an arrow key goes. */
const FRAME = 0.02;
/** Where the height strip begins. */
const HEIGHT_Y = 110;

/** What each foot does over time, hits as markers, states below; the playhead can be dragged, and moved by keys. */
@Component({
  selector: 'hop-lanes',
  templateUrl: './lanes.html',
  styleUrl: './lanes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Lanes {
  readonly study = input.required<Study>();
  /** The playhead, seconds; null shows none. */
  readonly t = input<number | null>(0);
  readonly lit = input<number | null>(null);
  readonly scrubbed = output<number>();
  protected readonly text = words.steps;
  protected readonly sides = words.common.sides;
  protected readonly id = drawingId();
  protected readonly width = hostWidth();
  private readonly span = computed(() => Math.max(120, this.width() - LABEL - MARGIN));
  protected readonly seconds = computed(() => this.study().totals.seconds || 1);
  /** Worked out once a study: the moment moves with every frame. */
  private readonly lanes = computed(() => lanesOf(this.study().simulation));
  protected readonly rows = computed(() => {
    const lanes = this.lanes();
    return SIDES.map((side, i) => ({
      side,
      y: 24 + i * 28,
      blocks: lanes[side].map((block) => ({
        ...block,
        x: this.x(block.from),
        w: Math.max(1, this.x(block.to) - this.x(block.from) - 1.5),
        text: this.word(block),
      })),
    }));
  });
  protected readonly states = computed(() =>
    this.study().states.map((span) => ({
      ...span,
      x: this.x(span.from),
      w: Math.max(0.5, this.x(span.to) - this.x(span.from)),
      letter: this.x(span.to) - this.x(span.from) > 70 ? words.steps.states_[span.state] : '',
    })),
  );
  protected readonly hands = computed(() => this.study().simulation.hands.map((hand) => ({ word: hand.word, x: this.x(hand.at) })));
  protected readonly events = computed(() =>
    this.study().simulation.events.map((event) => ({ word: event.name ?? event.event, x: this.x(event.at) })),
  );
  /** How high the body is, over time: a bow a flight, half a metre as high as the strip. Nothing where nobody leaves the floor. */
  protected readonly flights = computed(() =>
    flightsOf(this.study().simulation).map((flight) => {
      const [from, to] = [this.x(flight.from), this.x(flight.to)];
      const high = Math.min(20, flight.rise * 40 + 2);
      return {
        d: `M${from},${HEIGHT_Y + 20} Q${(from + to) / 2},${HEIGHT_Y + 20 - 2 * high} ${to},${HEIGHT_Y + 20}Z`,
        x: to + 6,
        word: lengthText(flight.rise, 'cm'),
      };
    }),
  );
  protected readonly height = computed(() => (this.flights().length > 0 ? 134 : 108));
  protected readonly heightY = HEIGHT_Y;
  protected readonly ticks = computed(() => {
    const seconds = this.seconds();
    const every = [0.2, 0.5, 1, 2, 5, 10, 30, 60].find((step) => seconds / step <= this.span() / 60) ?? 120;
    return Array.from({ length: Math.floor(seconds / every + 1e-9) + 1 }, (_, i) => ({
      x: this.x(i * every),
      word: `${+(i * every).toFixed(1)}`,
    }));
  });
  protected readonly playhead = computed(() => {
    const t = this.t();
    return t === null ? null : this.x(t);
  });

  /** What the moment shown is, for whoever does not see the strip. */
  protected readonly says = computed(() => {
    const t = this.t() ?? 0;
    const lanes = this.lanes();
    const [left, right] = SIDES.map((side) => this.doing(lanes[side], t)) as [string, string];
    const state = this.study().states.find((span) => t < span.to)?.state;
    return words.steps.moment(t, left, right, state === undefined ? '' : words.steps.states_[state]);
  });

  /** Frame by frame, by fifths of a second, or to either end. */
  protected key(event: KeyboardEvent): void {
    const [t, end] = [this.t(), this.seconds()];
    if (t === null) return;
    const to = { ArrowLeft: t - FRAME, ArrowRight: t + FRAME, PageDown: t - 10 * FRAME, PageUp: t + 10 * FRAME, Home: 0, End: end }[
      event.key
    ];
    if (to === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    this.scrubbed.emit(Math.max(0, Math.min(end, to)));
  }

  protected drag(event: PointerEvent): void {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const svg = event.currentTarget as SVGSVGElement;
    const { left, width } = svg.getBoundingClientRect();
    const x = ((event.clientX - left) / width) * this.width() - LABEL;
    this.scrubbed.emit(Math.max(0, Math.min(1, x / this.span())) * this.seconds());
  }

  /** What a foot is about at a moment; nothing while it stands. */
  private doing(blocks: readonly LaneBlock[], t: number): string {
    const block = blocks.find((one) => t < one.to);
    return block?.air ? block.word : '';
  }

  private x(t: number): number {
    return LABEL + (t / this.seconds()) * this.span();
  }

  private word(block: LaneBlock): string {
    return block.air && this.x(block.to) - this.x(block.from) > 46 ? block.word : '';
  }
}
