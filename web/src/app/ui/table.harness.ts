import { ComponentHarness, HarnessPredicate, type BaseHarnessFilters } from '@angular/cdk/testing';

class RowHarness extends ComponentHarness {
  static hostSelector = 'tr';
  private readonly cells = this.locatorForAll('th, td');

  async getCells(): Promise<string[]> {
    return Promise.all((await this.cells()).map((cell) => cell.text()));
  }
}

/** A table in tests, by what it is of. */
export class TableHarness extends ComponentHarness {
  static hostSelector = 'hop-table';
  private readonly caption = this.locatorFor('caption');
  private readonly rows = this.locatorForAll(RowHarness);

  static with(filters: BaseHarnessFilters & { readonly label?: string | RegExp } = {}): HarnessPredicate<TableHarness> {
    return new HarnessPredicate(TableHarness, filters).addOption('label', filters.label, (table, label) =>
      HarnessPredicate.stringMatches(table.getLabel(), label),
    );
  }

  async getLabel(): Promise<string> {
    return (await this.caption()).text();
  }

  /** Every row cell by cell, the row of heads first if there is one. */
  async getRows(): Promise<string[][]> {
    return Promise.all((await this.rows()).map((row) => row.getCells()));
  }
}
