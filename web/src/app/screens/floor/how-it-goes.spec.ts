import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { athlete } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { HowItGoes, type Goes } from './how-it-goes';

describe('how the steps of what is on go', () => {
  const [right, left] = [athlete({ name: 'Ada', hand: 'right' }), athlete({ name: 'Lefty', hand: 'left' })];
  const line = { steps: 'split, shuffle right 40 cm', school: 'square-ready', hand: 'right', lead: 'none' } as const;

  async function shown(more: Partial<Goes>): Promise<Screen<HowItGoes>> {
    const goes: Goes = { name: 'Corner', line, athlete: right, look: 'split late · From the side', ...more };
    TestBed.configureTestingModule({
      providers: [
        { provide: MAT_DIALOG_DATA, useValue: goes },
        { provide: MatDialogRef, useValue: { close: () => undefined } },
      ],
    });
    await house();
    const screen = await Screen.of(HowItGoes);
    await screen.until(() => screen.all('hop-floor svg').length > 0);
    return screen;
  }

  it('are drawn as whoever is watched does them, with what is looked for', async () => {
    const screen = await shown({});
    expect(screen.words).toContain('split, shuffle right 40 cm');
    expect(screen.words).toContain('split late · From the side');
    // They move at once, and stand when that is wanted.
    screen.button('hold it still').click();
    await screen.until(() => screen.words.includes('let it move'));
  });

  it('are turned round for whoever plays with the other hand than the one they are written for', async () => {
    expect((await shown({ athlete: left })).words).toContain('shuffle left 40 cm');
  });

  it('are not turned round twice: the plan has them as its first athlete does them', async () => {
    const written = { line: { ...line, hand: 'left' as const, steps: 'split, shuffle left 40 cm' } };
    expect((await shown({ ...written, athlete: left })).words).toContain('shuffle left 40 cm');
  });

  it('and back again for the others', async () => {
    const written = { line: { ...line, hand: 'left' as const, steps: 'split, shuffle left 40 cm' } };
    expect((await shown({ ...written, athlete: right })).words).toContain('shuffle right 40 cm');
  });
});
