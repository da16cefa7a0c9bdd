import type { BaseHarnessFilters } from '@angular/cdk/testing';
import { ComponentHarness, HarnessPredicate, type TestElement } from '@angular/cdk/testing';

interface Filters extends BaseHarnessFilters {
  readonly label?: string | RegExp;
}

/** A box in tests: what it is called, what stands in it, what is wrong with it. */
export class BoxHarness extends ComponentHarness {
  static hostSelector = 'hop-box';
  private readonly label = this.locatorFor('label');
  private readonly box = this.locatorFor('input, textarea');
  private readonly said = this.locatorForOptional('[role=alert]');

  static with(filters: Filters = {}): HarnessPredicate<BoxHarness> {
    return new HarnessPredicate(BoxHarness, filters).addOption('label', filters.label, (box, label) =>
      HarnessPredicate.stringMatches(box.getLabel(), label),
    );
  }

  async getLabel(): Promise<string> {
    return (await this.label()).text();
  }

  async getText(): Promise<string> {
    return (await this.box()).getProperty<string>('value');
  }

  /** Types, and leaves the box. */
  async type(text: string): Promise<void> {
    const box = await this.box();
    await box.clear();
    if (text !== '') await box.sendKeys(text);
    await box.dispatchEvent('change');
    await box.blur();
  }

  /** What is said beneath it; nothing where nothing is wrong. */
  async getWrong(): Promise<string> {
    return (await (await this.said())?.text()) ?? '';
  }

  element(): Promise<TestElement> {
    return this.box();
  }
}
