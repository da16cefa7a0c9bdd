import { ComponentHarness, HarnessPredicate, type BaseHarnessFilters } from '@angular/cdk/testing';
import { MatTabNavBarHarness } from '@angular/material/tabs/testing';

/** Tabs in tests, by their label. */
export class TabsHarness extends ComponentHarness {
  static hostSelector = 'hop-tabs';
  private readonly nav = this.locatorFor('nav');
  private readonly bar = this.locatorFor(MatTabNavBarHarness);

  static with(filters: BaseHarnessFilters & { readonly label?: string | RegExp } = {}): HarnessPredicate<TabsHarness> {
    return new HarnessPredicate(TabsHarness, filters).addOption('label', filters.label, async (tabs, label) =>
      HarnessPredicate.stringMatches((await tabs.nav()).getAttribute('aria-label'), label),
    );
  }

  /** The view that is shown, in words. */
  async getText(): Promise<string> {
    return (await (await this.bar()).getActiveLink()).getLabel();
  }

  async show(tab: string | RegExp): Promise<void> {
    await (await this.bar()).clickLink({ label: tab });
  }
}
