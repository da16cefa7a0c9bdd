import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { boxOf } from '../../testing/screen';
import { TempoBox, type TempoOf, type TempoSet } from './tempo-box';

describe('the box in which a tempo is tapped', () => {
  let closed: (TempoSet | null)[];
  const open = async (of: TempoOf) => {
    closed = [];
    TestBed.configureTestingModule({
      providers: [
        { provide: MAT_DIALOG_DATA, useValue: of },
        { provide: MatDialogRef, useValue: { close: (set: TempoSet | null) => closed.push(set) } },
      ],
    });
    const fixture = TestBed.createComponent(TempoBox);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const button = (words: string) =>
      [...host.querySelectorAll('button')].find((one) => one.textContent?.includes(words)) as HTMLButtonElement;
    const tap = async (...at: number[]) => {
      for (const ms of at) {
        const event = new Event('pointerdown', { cancelable: true });
        Object.defineProperty(event, 'timeStamp', { value: ms });
        button('tap with them').dispatchEvent(event);
      }
      await fixture.whenStable();
    };
    const type = async (label: string, text: string) => {
      const box = boxOf(host, label);
      box.value = text;
      box.dispatchEvent(new Event('input'));
      box.dispatchEvent(new Event('change'));
      await fixture.whenStable();
    };
    const pick = async (words: string) => {
      [...host.querySelectorAll('label')]
        .find((one) => one.textContent?.trim() === words)
        ?.querySelector('input')
        ?.click();
      await fixture.whenStable();
    };
    return { host, button, tap, type, pick };
  };

  it('four taps set the beat, a double one is left out, and a long break begins anew', async () => {
    const { button, tap } = await open({ repeats: true, keeps: 'repetitions' });
    await tap(1000, 1800, 2600);
    expect([button('go on so').disabled, button('tap').textContent?.includes('3 so far')]).toEqual([true, true]);
    await tap(3400, 3450, 4250);
    expect(button('tap').textContent).toContain('0.80 s, 75 a minute');
    await tap(60_000);
    expect(button('go on so').disabled).toBeTrue();
    await tap(60_500, 61_000, 61_500);
    button('go on so').click();
    expect(closed).toEqual([
      { tempo: { beat: 0.5, beats: [], says: 'numbers', words: [], tones: 'one', keeps: 'repetitions' }, tap: 61_500 },
    ]);
  });

  it('takes a typed beat, names of beats and words in turn; words that are not there cannot be said', async () => {
    const { button, type, pick } = await open({ repeats: false, keeps: 'time' });
    await type('or seconds', '0,6');
    await pick('words in turn');
    expect(button('go on so').disabled).toBeTrue();
    await type('words, one', ' low, , quiet ');
    await pick('two in turn');
    button('go on so').click();
    await type('names of the beats', 'set, load; hit');
    button('go on so').click();
    expect(closed.map((set) => [set?.tempo.words, set?.tempo.beats, set?.tempo.tones, set?.tempo.keeps, set?.tap])).toEqual([
      [['low', 'quiet'], [], 'two', 'time', null],
      [['low', 'quiet'], ['set', 'load', 'hit'], 'two', 'time', null],
    ]);
    await type('or seconds', '0.05');
    expect(button('go on so').disabled).toBeFalse();
    button('go on so').click();
    expect(closed.at(-1)?.tempo.beat).toBe(0.6);
  });
});
