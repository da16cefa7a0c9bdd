import { ComponentHarness, HarnessPredicate, type BaseHarnessFilters } from '@angular/cdk/testing';
import { MatSliderHarness } from '@angular/material/slider/testing';

/** A slider in tests, by its label. */
export class SliderHarness extends ComponentHarness {
  static hostSelector = 'hop-slider';
  private readonly box = this.locatorFor('input');
  private readonly slider = this.locatorFor(MatSliderHarness);

  static with(filters: BaseHarnessFilters & { readonly label?: string | RegExp } = {}): HarnessPredicate<SliderHarness> {
    return new HarnessPredicate(SliderHarness, filters).addOption('label', filters.label, async (slider, label) =>
      HarnessPredicate.stringMatches((await slider.box()).getAttribute('aria-label'), label),
    );
  }

  /** Its value as it is said. */
  async getText(): Promise<string> {
    return (await (await this.box()).getAttribute('aria-valuetext')) ?? String(await this.getValue());
  }

  async getValue(): Promise<number> {
    return (await (await this.slider()).getEndThumb()).getValue();
  }

  async moveTo(value: number): Promise<void> {
    await (await (await this.slider()).getEndThumb()).setValue(value);
  }
}
