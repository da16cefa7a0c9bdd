import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { Ask } from './ask';
import { BoxHarness } from './box.harness';

@Component({ template: '<button>begin</button>', changeDetection: ChangeDetectionStrategy.OnPush })
class Page {
  readonly ask = inject(Ask);
}

describe('a question', () => {
  const fixture = async () => {
    const page = TestBed.createComponent(Page);
    document.body.append(page.nativeElement as HTMLElement);
    await page.whenStable();
    const loader = TestbedHarnessEnvironment.documentRootLoader(page);
    const dialog = async (): Promise<MatDialogHarness> => {
      for (;;) {
        const [open] = await loader.getAllHarnesses(MatDialogHarness);
        if (open) return open;
        await new Promise((go) => requestAnimationFrame(go)); // The dialog is still on its way from the disc.
      }
    };
    const press = async (text: string) => (await (await dialog()).getHarness(MatButtonHarness.with({ text }))).click();
    return { page, dialog, press };
  };

  it('is answered by its own words; closing it is no, and the focus goes back', async () => {
    const { page, dialog, press } = await fixture();
    const begin = (page.nativeElement as HTMLElement).querySelector('button') as HTMLButtonElement;
    const asked = { question: 'Leave all the same?', yes: 'leave', no: 'stay' };
    for (const [answer, said] of [
      ['leave', true],
      ['stay', false],
    ] as const) {
      begin.focus();
      const done = page.componentInstance.ask.sure(asked);
      expect(await (await dialog()).getText()).toContain('Leave all the same?');
      await press(answer);
      expect(await done).toBe(said);
      expect(document.activeElement).toBe(begin);
    }
    const closed = page.componentInstance.ask.sure(asked);
    await (await dialog()).close();
    expect(await closed).toBeFalse();
  });

  it('says beside its box what is wrong with a word, and takes it when it will do', async () => {
    const { page, dialog, press } = await fixture();
    const wrong = (typed: string): string => (typed === 'corner' ? '' : 'This is no word.');
    const done = page.componentInstance.ask.word({
      question: 'A word?',
      yes: 'keep',
      no: 'not now',
      box: { label: 'word', most: 9, wrong },
    });
    const box = await (await dialog()).getHarness(BoxHarness);
    await box.type('two words');
    await press('keep');
    expect(await box.getWrong()).toBe('This is no word.');
    await box.type(' corner ');
    await press('keep');
    expect(await done).toBe('corner');
  });
});
