import { ComponentHarness } from '@angular/cdk/testing';
import type { UnitTestElement } from '@angular/cdk/testing/testbed';

/** A file box in tests. */
export class FileBoxHarness extends ComponentHarness {
  static hostSelector = 'hop-file';
  private readonly box = this.locatorFor('input');

  async give(file: File): Promise<void> {
    const box = await this.box();
    const files = new DataTransfer();
    files.items.add(file);
    ((box as UnitTestElement).element as HTMLInputElement).files = files.files;
    await box.dispatchEvent('change');
  }
}
