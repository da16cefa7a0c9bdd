import type { BaseHarnessFilters } from '@angular/cdk/testing';
import { ComponentHarness, HarnessPredicate } from '@angular/cdk/testing';
import { MatSelectHarness } from '@angular/material/select/testing';

interface Filters extends BaseHarnessFilters {
  readonly label?: string | RegExp;
}

/** A choice in tests, by its label. */
export class ChoiceHarness extends ComponentHarness {
  static hostSelector = 'hop-choice';
  private readonly label = this.locatorFor('.label');
  private readonly select = this.locatorFor(MatSelectHarness);

  static with(filters: Filters = {}): HarnessPredicate<ChoiceHarness> {
    return new HarnessPredicate(ChoiceHarness, filters).addOption('label', filters.label, (choice, label) =>
      HarnessPredicate.stringMatches(choice.getLabel(), label),
    );
  }

  async getLabel(): Promise<string> {
    return (await this.label()).text();
  }

  /** What is chosen, in words; nothing where nothing is. */
  async getText(): Promise<string> {
    return (await this.select()).getValueText();
  }

  async getOptions(): Promise<string[]> {
    const select = await this.select();
    await select.open();
    const options = await Promise.all((await select.getOptions()).map((one) => one.getText()));
    await select.close();
    return options;
  }

  async choose(option: string | RegExp): Promise<void> {
    const select = await this.select();
    await select.open();
    await select.clickOptions({ text: option });
  }
}
