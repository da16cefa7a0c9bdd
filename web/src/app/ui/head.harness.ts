import { ComponentHarness } from '@angular/cdk/testing';

/** The head of a page in tests. */
export class HeadHarness extends ComponentHarness {
  static hostSelector = 'hop-head';
  private readonly opener = this.locatorFor('.opener');
  private readonly back = this.locatorForOptional('a.back');

  /** Whether the rest of it is shown where there is no room for it. */
  async isOpen(): Promise<boolean> {
    return (await (await this.opener()).getAttribute('aria-expanded')) === 'true';
  }

  async toggle(): Promise<void> {
    await (await this.opener()).click();
  }

  /** The way back, as an address; null where there is none. */
  async getBack(): Promise<string | null> {
    return (await (await this.back())?.getAttribute('href')) ?? null;
  }
}
