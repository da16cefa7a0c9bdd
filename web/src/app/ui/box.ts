import {
  booleanAttribute,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  type ElementRef,
  inject,
  input,
  linkedSignal,
  output,
  viewChild,
} from '@angular/core';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { newName } from './names';
import { steady } from './pressing';
import type { Reading, Reads } from './reads';
import { Whole } from './whole';

/**
 * A labelled box for one value. What was typed is taken when it is left; what cannot be taken stays in the box, with what is wrong
 * with it said beneath, and the value stays as it was.
 */
@Component({
  selector: 'hop-box',
  template: `
    <label [for]="name" [class.hidden]="quiet()">{{ label() }}</label>
    @if (rows() > 0) {
      <textarea
        #box
        [id]="name"
        [rows]="rows()"
        [value]="typed()"
        [attr.maxlength]="reads().most"
        [attr.aria-invalid]="wrong() !== ''"
        [attr.aria-describedby]="beneath() ? name + '-wrong' : null"
        [placeholder]="hint()"
        [attr.translate]="code() ? 'no' : null"
        dir="auto"
        (change)="take(box.value)"
        (input)="live() && take(box.value)"
      ></textarea>
    } @else {
      <input
        #box
        [type]="kind()"
        [id]="name"
        [attr.name]="key() || null"
        [value]="typed()"
        [attr.inputmode]="keys()"
        [attr.maxlength]="reads().most"
        [attr.list]="list()"
        [attr.aria-invalid]="wrong() !== ''"
        [attr.aria-describedby]="beneath() ? name + '-wrong' : null"
        [placeholder]="hint()"
        [attr.translate]="code() ? 'no' : null"
        [disabled]="off()"
        [attr.autocomplete]="fill()"
        dir="auto"
        (change)="take(box.value)"
        (input)="live() && take(box.value)"
        (keydown.arrowUp)="step($event, 1)"
        (keydown.arrowDown)="step($event, -1)"
      />
    }
    @if (note() && !beneath()) {
      <small class="muted">{{ note() }}</small>
    }
    @if (beneath()) {
      <small class="wrong" [id]="name + '-wrong'" role="alert">{{ beneath() }}</small>
    }
  `,
  styleUrl: './box.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Box<T> {
  readonly label = input.required<string>();
  /** The label is only read aloud. */
  readonly quiet = input(false, { transform: booleanAttribute });
  readonly value = input.required<T>();
  readonly reads = input.required<Reads<T>>();
  /** Lines of a larger box; 0 for one line. */
  readonly rows = input(0);
  /** Shown while the box is empty. */
  readonly hint = input('');
  /** Said beneath it while nothing is wrong. */
  readonly note = input('');
  /** Holds notation: no language of people. */
  readonly code = input(false, { transform: booleanAttribute });
  /** Taken at each key, not only when the box is left. */
  readonly live = input(false, { transform: booleanAttribute });
  readonly off = input(false, { transform: booleanAttribute });
  /** A list of values to choose from, by its id. */
  readonly list = input<string | null>(null);
  /** What its value is called in the record, where there is a record. */
  readonly key = input('');
  /** What somebody else says about the value, such as the server. */
  readonly said = input('');
  readonly taken = output<T>();
  /** What the browser may fill it with. */
  readonly fill = input('off');
  /** The browser has a box of its own for some. */
  protected readonly kind = computed(() => {
    const { keyboard } = this.reads();
    return keyboard === 'decimal' || keyboard === 'numeric' ? 'text' : keyboard === 'pin' ? 'password' : keyboard;
  });
  protected readonly keys = computed(() => {
    const { keyboard } = this.reads();
    return keyboard === 'pin' ? 'numeric' : this.kind() === 'text' ? keyboard : null;
  });
  protected readonly name = newName('box');
  private readonly shown = computed(() => this.reads().show(this.value()));
  /** What stands in the box: the value, until something else is typed. */
  protected readonly typed = linkedSignal(() => this.shown());
  private readonly refused = linkedSignal({ source: this.shown, computation: () => '' });
  protected readonly wrong = computed(() => this.refused() || this.said());
  /** What is said beneath it. A press that leaves the box must still meet what it was aimed at: nothing moves until it has ended. */
  protected readonly beneath = steady(this.wrong);
  private readonly inner = viewChild.required<ElementRef<HTMLInputElement | HTMLTextAreaElement>>('box');

  constructor() {
    const form = inject(Whole, { optional: true });
    if (form) inject(DestroyRef).onDestroy(form.add(this));
  }

  /** Whether it can take what stands in it; if not it says why. */
  check(): boolean {
    return 'value' in this.look();
  }

  private look(): Reading<T> {
    const read = this.reads().read(this.typed());
    this.refused.set('wrong' in read ? say(words.fields, read.wrong) : '');
    return read;
  }

  /** What was typed is done with: it shows its value again, also where that was taken and put back before anything was drawn. */
  again(): void {
    this.typed.set(this.shown());
    this.inner().nativeElement.value = this.typed();
  }

  focus(): void {
    this.inner().nativeElement.focus();
  }

  protected take(typed: string): void {
    this.typed.set(typed);
    const read = this.look();
    if ('wrong' in read) return;
    // Put as it is shown, also where it was the value before.
    if (!this.live()) this.typed.set(this.reads().show(read.value));
    this.taken.emit(read.value);
  }

  /** The arrow keys step numbers; in other boxes they do what they always do. */
  protected step(event: Event, by: 1 | -1): void {
    const { read, show, step } = this.reads();
    const now = read((event.target as HTMLInputElement).value);
    if (!step || 'wrong' in now) return;
    event.preventDefault();
    this.take(show(step(now.value, by)));
  }
}
