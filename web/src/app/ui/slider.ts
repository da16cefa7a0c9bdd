import { booleanAttribute, ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatSlider, MatSliderThumb } from '@angular/material/slider';

/** A number on a line between two ends; its label is read aloud with the value in words. */
@Component({
  selector: 'hop-slider',
  imports: [MatSlider, MatSliderThumb],
  template: `<mat-slider [min]="low()" [max]="high()" [step]="step()" [disabled]="off()" [displayWith]="said()"
    ><input #thumb="matSliderThumb" matSliderThumb [value]="value()" [attr.aria-label]="label()" (input)="taken.emit(thumb.value)"
  /></mat-slider>`,
  styles: `
    :host {
      display: block;
      --mat-slider-inactive-track-color: var(--edge);
    }
    mat-slider {
      min-width: 0;
      margin: -7px 0;
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Slider {
  readonly label = input.required<string>();
  readonly low = input(0);
  readonly high = input.required<number>();
  readonly step = input(1);
  readonly value = input.required<number>();
  /** The value in words; the number itself where there are none. */
  readonly said = input<(value: number) => string>(String);
  readonly off = input(false, { transform: booleanAttribute });
  readonly taken = output<number>();
}
