import { ChangeDetectionStrategy, Component, computed, DestroyRef, ElementRef, inject, input, output, signal } from '@angular/core';
import { lanesOf, type LaneBlock, type Study } from '@hopsk/core';
import { TEXT } from '../text/en';
import { drawingId } from './svg';

const LABEL = 56;
const MARGIN = 12;

/** What each foot does over time, hits as markers, states below; the playhead can be dragged. */
@Component({
  selector: 'hop-lanes',
  templateUrl: './lanes.html',
  styleUrl: './lanes.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Lanes {
  readonly study = input.required<Study>();
  readonly t = input(0);
  readonly lit = input<number | null>(null);
  readonly scrubbed = output<number>();
  protected readonly text = TEXT.steps;
  protected readonly id = drawingId();
  /** Drawn at the size it has on the screen, so that its words keep theirs. */
  protected readonly width = signal(800);
  private readonly span = computed(() => Math.max(120, this.width() - LABEL - MARGIN));
  private readonly seconds = computed(() => this.study().totals.seconds || 1);
  protected readonly rows = computed(() => {
    const lanes = lanesOf(this.study().simulation);
    return (['left', 'right'] as const).map((side, i) => ({
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
      letter: this.x(span.to) - this.x(span.from) > 70 ? TEXT.steps.states_[span.state] : '',
    })),
  );
  protected readonly hands = computed(() => this.study().simulation.hands.map((hand) => ({ word: hand.word, x: this.x(hand.at) })));
  protected readonly ticks = computed(() => {
    const seconds = this.seconds();
    const every = [0.2, 0.5, 1, 2, 5, 10, 30, 60].find((step) => seconds / step <= this.span() / 60) ?? 120;
    return Array.from({ length: Math.floor(seconds / every + 1e-9) + 1 }, (_, i) => ({
      x: this.x(i * every),
      word: `${+(i * every).toFixed(1)}`,
    }));
  });
  protected readonly playhead = computed(() => this.x(this.t()));

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    const size = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && this.width.set(entry.contentRect.width));
    size.observe(host);
    inject(DestroyRef).onDestroy(() => size.disconnect());
  }

  protected drag(event: PointerEvent): void {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const svg = event.currentTarget as SVGSVGElement;
    const { left, width } = svg.getBoundingClientRect();
    const x = ((event.clientX - left) / width) * this.width() - LABEL;
    this.scrubbed.emit(Math.max(0, Math.min(1, x / this.span())) * this.seconds());
  }

  private x(t: number): number {
    return LABEL + (t / this.seconds()) * this.span();
  }

  private word(block: LaneBlock): string {
    return block.air && this.x(block.to) - this.x(block.from) > 46 ? block.word : '';
  }
}
