import type { BaseHarnessFilters } from '@angular/cdk/testing';
import { ComponentHarness, HarnessPredicate } from '@angular/cdk/testing';
import { MatSelectHarness } from '@angular/material/select/testing';

interface Filters extends BaseHarnessFilters {
  readonly label?: string | RegExp;
}

/** Several of many in tests, by their label. */
export class SeveralHarness extends ComponentHarness {
  static hostSelector = 'hop-several';
  private readonly label = this.locatorFor('.label');
  private readonly select = this.locatorFor(MatSelectHarness);
  private readonly wrong = this.locatorForOptional('small');

  static with(filters: Filters = {}): HarnessPredicate<SeveralHarness> {
    return new HarnessPredicate(SeveralHarness, filters).addOption('label', filters.label, async (several, label) =>
      HarnessPredicate.stringMatches((await several.label()).text(), label),
    );
  }

  /** What is ticked, in words. */
  async getText(): Promise<string> {
    return (await this.select()).getValueText();
  }

  async getWrong(): Promise<string> {
    return (await (await this.wrong())?.text()) ?? '';
  }

  /** Ticks one, or takes its tick away. */
  async tick(option: string | RegExp): Promise<void> {
    const select = await this.select();
    await select.open();
    await select.clickOptions({ text: option });
    await select.close();
  }
}
