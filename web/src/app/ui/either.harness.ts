import { ComponentHarness, HarnessPredicate, type BaseHarnessFilters } from '@angular/cdk/testing';

class ChoiceOfFew extends ComponentHarness {
  static hostSelector = 'label';
  private readonly radio = this.locatorFor('input');

  async getText(): Promise<string> {
    return (await this.host()).text();
  }

  async isOn(): Promise<boolean> {
    return (await this.radio()).getProperty<boolean>('checked');
  }

  async choose(): Promise<void> {
    await (await this.radio()).click();
  }
}

/** One of a few in tests, by its label. */
export class EitherHarness extends ComponentHarness {
  static hostSelector = 'hop-either';
  private readonly legend = this.locatorFor('legend');
  private readonly few = this.locatorForAll(ChoiceOfFew);

  static with(filters: BaseHarnessFilters & { readonly label?: string | RegExp } = {}): HarnessPredicate<EitherHarness> {
    return new HarnessPredicate(EitherHarness, filters).addOption('label', filters.label, async (either, label) =>
      HarnessPredicate.stringMatches((await either.legend()).text(), label),
    );
  }

  async getOptions(): Promise<string[]> {
    return Promise.all((await this.few()).map((one) => one.getText()));
  }

  /** What is chosen, in words. */
  async getText(): Promise<string> {
    for (const one of await this.few()) if (await one.isOn()) return one.getText();
    return '';
  }

  async choose(option: string): Promise<void> {
    for (const one of await this.few()) if ((await one.getText()) === option) return one.choose();
    throw new Error(`There is no ‘${option}’ to choose`);
  }
}
