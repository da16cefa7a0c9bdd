import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatTabNavPanel } from '@angular/material/tabs';
import { provideRouter } from '@angular/router';
import { Box } from './box';
import { BoxHarness } from './box.harness';
import { Choice } from './choice';
import { ChoiceHarness } from './choice.harness';
import { Dialogs, type Part } from './dialogs';
import { Either } from './either';
import { EitherHarness } from './either.harness';
import { Fields } from './fields';
import { FileBox } from './file-box';
import { FileBoxHarness } from './file-box.harness';
import { Head } from './head';
import { HeadHarness } from './head.harness';
import { MatDialog } from './material-dialog';
import { orNone } from './options';
import { noticePresses, steady } from './pressing';
import { asTyped, days, emails, lengths, lists, needed, numbers, orNothing, passwords, tags, texts, times, type Reads } from './reads';
import { Print } from './print';
import { Several } from './several';
import { SeveralHarness } from './several.harness';
import { Slider } from './slider';
import { SliderHarness } from './slider.harness';
import { Table } from './table';
import { TableHarness } from './table.harness';
import { Tabs } from './tabs';
import { TabsHarness } from './tabs.harness';
import { Whole } from './whole';

@Component({
  imports: [Box, Choice, Either, Fields, FileBox, Head, MatTabNavPanel, Print, Several, Table, Slider, Tabs, Whole],
  template: `
    <hop-head back="/" backTo="home">
      <h1>Page</h1>
      <i rest>seldom</i>
      <b acts>often</b>
    </hop-head>
    <form (hopWhole)="sent.push(half())">
      <hop-box label="share" [reads]="share" [value]="half()" (taken)="half.set($event)" />
      <hop-fields [fields]="asked" [value]="who()" [said]="refused" (taken)="who.set($event)" />
      <button>send</button>
    </form>
    <hop-several label="days" [options]="weekdays" [most]="2" [value]="on()" (taken)="on.set($event)" />
    <hop-box label="rest" [reads]="rest" [value]="seconds()" [said]="server()" (taken)="seconds.set($event)" />
    <hop-choice label="side" [options]="sides" [value]="side()" (taken)="side.set($event)" />
    <hop-choice label="add" hint="+" [options]="sides" [value]="null" (taken)="added.push($event)" />
    <hop-file label="read" (taken)="files.push($event.name)" />
    <hop-either label="foot" [options]="sides" [value]="side()" (taken)="side.set($event)" />
    <hop-slider label="moment" [high]="9" [step]="0.5" [value]="moment()" [said]="ofNine" (taken)="moment.set($event)" />
    <hop-tabs label="views" [panel]="view" [tabs]="sides" [on]="side()" (taken)="side.set($event)" />
    <mat-tab-nav-panel #view>{{ side() }}</mat-tab-nav-panel>
    <hop-table label="facts" [rows]="rows" />
    <hop-table quiet label="rates" [heads]="['fault', 'rate', 'range']" [rows]="[['late', '4', '1–9']]" />
    <button hopPrint>paper</button>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Page {
  readonly rows = [
    ['time', '2.28 s'],
    ['lunges', '0 · 1'],
  ];
  readonly share = numbers({ low: 0, high: 100, unit: '%', scale: 100, step: 10 });
  readonly rest = orNothing(numbers({ low: 0, high: 60, whole: true, unit: 's' }));
  readonly sides = orNone<string>('neither', [
    { value: 'left', label: 'left' },
    { value: 'right', label: 'right' },
  ]);
  readonly asked = [
    { key: 'name' as const, label: 'who', reads: texts(10, 1) },
    { key: 'mail' as const, label: 'where', reads: emails },
  ];
  readonly who = signal<Readonly<Record<'name' | 'mail', string>>>({ name: 'Ada', mail: 'a@b.test' });
  readonly refused = (key: string): string => (key === 'mail' ? 'is taken' : '');
  readonly weekdays = ['mon', 'wed', 'fri'].map((value) => ({ value, label: value }));
  readonly on = signal<readonly string[]>(['mon']);
  readonly sent: number[] = [];
  readonly half = signal(0.5);
  readonly seconds = signal<number | null>(20);
  readonly server = signal('');
  readonly side = signal<string | null>('left');
  readonly moment = signal(1);
  readonly ofNine = (value: number): string => `${value} of 9`;
  readonly added: (string | null)[] = [];
  readonly files: string[] = [];
}

describe('parts of every page', () => {
  async function page() {
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const fixture = TestBed.createComponent(Page);
    await fixture.whenStable();
    return { fixture, on: fixture.componentInstance, loader: TestbedHarnessEnvironment.loader(fixture) };
  }

  it('a box takes what it can read, and says beneath itself what is wrong with anything else', async () => {
    const { on, loader } = await page();
    const box = await loader.getHarness(BoxHarness.with({ label: 'share' }));
    expect(await box.getText()).toBe('50');
    await box.type('62,5 %');
    expect([on.half(), await box.getText(), await box.getWrong()]).toEqual([0.625, '62.5', '']);
    for (const [typed, said] of [
      ['101', 'must lie between 0 and 100 %'],
      ['soon', 'is not a number'],
      ['', 'is not a number'],
    ] as const) {
      await box.type(typed);
      expect([on.half(), await box.getText(), await box.getWrong()]).toEqual([0.625, typed, said]);
      expect(await (await box.element()).getAttribute('aria-invalid')).toBe('true');
    }
    await box.type('62.5');
    expect(await box.getWrong()).toBe('');
  });

  it('a box shows another value that comes in, and what a server says of it', async () => {
    const { fixture, on, loader } = await page();
    const box = await loader.getHarness(BoxHarness.with({ label: 'rest' }));
    await box.type('61');
    on.seconds.set(30);
    await fixture.whenStable();
    expect([await box.getText(), await box.getWrong()]).toEqual(['30', '']);
    await box.type('');
    expect(on.seconds()).toBeNull();
    on.server.set('is missing');
    expect(await box.getWrong()).toBe('is missing');
  });

  it('the arrow keys step a number between its bounds', async () => {
    const { on, loader } = await page();
    const box = await (await loader.getHarness(BoxHarness.with({ label: 'share' }))).element();
    const press = (key: 'ArrowUp' | 'ArrowDown') => box.dispatchEvent('keydown', { key });
    for (let i = 0; i < 7; i++) await press('ArrowUp');
    expect(on.half()).toBe(1);
    await press('ArrowDown');
    expect(on.half()).toBe(0.9);
  });

  it('fields are boxes of one value: each changes its own line, and what is wrong with one keeps the form from being sent', async () => {
    const { fixture, on, loader } = await page();
    const name = await loader.getHarness(BoxHarness.with({ label: 'who' }));
    const mail = await loader.getHarness(BoxHarness.with({ label: 'where' }));
    expect([await name.getText(), await mail.getText(), await mail.getWrong()]).toEqual(['Ada', 'a@b.test', 'is taken']);
    await name.type('Bo');
    expect(on.who()).toEqual({ name: 'Bo', mail: 'a@b.test' });
    await name.type('');
    (fixture.nativeElement as HTMLElement).querySelector('form')?.requestSubmit();
    expect([on.who().name, on.sent]).toEqual(['Bo', []]);
    await name.type('Cy');
    (fixture.nativeElement as HTMLElement).querySelector('form')?.requestSubmit();
    expect([on.who().name, on.sent]).toEqual(['Cy', [0.5]]);
  });

  it('a choice shows its value, nothing too where that can be chosen, and goes back where it only gives an order', async () => {
    const { on, loader } = await page();
    const side = await loader.getHarness(ChoiceHarness.with({ label: 'side' }));
    expect([await side.getText(), await side.getOptions()]).toEqual(['left', ['neither', 'left', 'right']]);
    await side.choose('neither');
    expect([on.side(), await side.getText()]).toEqual([null, 'neither']);
    const add = await loader.getHarness(ChoiceHarness.with({ label: 'add' }));
    for (let i = 0; i < 2; i++) await add.choose('right');
    expect(on.added).toEqual(['right', 'right']);
  });

  it('of several as many are taken as may be; the one too many is said, and what was taken before stays', async () => {
    const { on, loader } = await page();
    const several = await loader.getHarness(SeveralHarness.with({ label: 'days' }));
    await several.tick('fri');
    expect([on.on(), await several.getText(), await several.getWrong()]).toEqual([['mon', 'fri'], 'mon, fri', '']);
    await several.tick('wed');
    expect([on.on(), await several.getWrong()]).toEqual([['mon', 'fri'], 'holds more than 2']);
    await several.tick('mon');
    expect([on.on(), await several.getWrong()]).toEqual([['wed', 'fri'], '']);
  });

  it('a form is sent while its boxes hold what they can take; else the first that does not is gone to', async () => {
    const { fixture, on, loader } = await page();
    const box = await loader.getHarness(BoxHarness.with({ label: 'share' }));
    const send = (fixture.nativeElement as HTMLElement).querySelector<HTMLButtonElement>('form button');
    await box.type('soon');
    send?.click();
    await fixture.whenStable();
    expect(on.sent).toEqual([]);
    expect(await (await box.element()).isFocused()).toBeTrue();
    // The press that sends is also what leaves the box.
    const typed = (fixture.nativeElement as HTMLElement).querySelector<HTMLInputElement>('form input');
    if (typed) typed.value = '20';
    typed?.dispatchEvent(new Event('change'));
    send?.click();
    await fixture.whenStable();
    expect(on.sent).toEqual([0.2]);
  });

  it('what is said beneath a box stays while a press is under way: what was aimed at must not move', async () => {
    const { fixture, loader } = await page();
    const stop = noticePresses(document);
    const box = await loader.getHarness(BoxHarness.with({ label: 'share' }));
    await box.type('soon');
    document.dispatchEvent(new Event('pointerdown'));
    await box.type('20');
    expect(await box.getWrong()).toBe('is not a number');
    document.dispatchEvent(new Event('pointerup'));
    await fixture.whenStable();
    expect(await box.getWrong()).toBe('');
    stop();
  });

  it('a part that cannot be fetched is said, and is closed with nothing; one that came with its page is not asked for', async () => {
    const dialogs = TestBed.inject(Dialogs);
    const part = jasmine.createSpy<Part>().and.rejectWith(new TypeError('Failed to fetch'));
    expect(await dialogs.show(part, { label: 'a part' })).toBeNull();
    expect([dialogs.away(), dialogs.open]).toEqual([true, false]);
    dialogs.have(MatDialog, new Map([[part, Head]]));
    const shown = dialogs.show(part, { label: 'a part' });
    const open = TestBed.inject(MatDialog);
    await new Promise<void>((go) => open.afterOpened.subscribe(() => go()));
    open.closeAll();
    expect(await shown).toBeNull();
    expect([dialogs.away(), part.calls.count()]).toEqual([false, 1]);
  });

  it('what is looked at stands still while a press is under way', () => {
    const stop = noticePresses(document);
    const of = signal(1);
    const held = steady(of);
    expect(held()).toBe(1);
    document.dispatchEvent(new Event('pointerdown'));
    of.set(2);
    expect(held()).toBe(1);
    document.dispatchEvent(new Event('pointerup'));
    expect(held()).toBe(2);
    stop();
  });

  it('the head of a page keeps what is seldom needed behind a button that says whether it is open', async () => {
    const { fixture, loader } = await page();
    const head = await loader.getHarness(HeadHarness);
    const rest = (fixture.nativeElement as HTMLElement).querySelector('hop-head .rest');
    expect([rest?.textContent.trim(), await head.isOpen(), rest?.classList.contains('open')]).toEqual(['seldom', false, false]);
    await head.toggle();
    expect([await head.isOpen(), rest?.classList.contains('open'), await head.getBack()]).toEqual([true, true, '/']);
  });

  it('a file can be given twice; a slider says its value in words; a tab shows its view', async () => {
    const { fixture, on, loader } = await page();
    const file = await loader.getHarness(FileBoxHarness);
    for (let i = 0; i < 2; i++) await file.give(new File(['x'], 'evening.txt'));
    expect(on.files).toEqual(['evening.txt', 'evening.txt']);
    const slider = await loader.getHarness(SliderHarness.with({ label: 'moment' }));
    await slider.moveTo(2.5);
    expect([on.moment(), await slider.getValue(), await slider.getText()]).toEqual([2.5, 2.5, '2.5 of 9']);
    const tabs = await loader.getHarness(TabsHarness.with({ label: 'views' }));
    await tabs.show('right');
    expect([on.side(), await tabs.getText()]).toEqual(['right', 'right']);
    expect((fixture.nativeElement as HTMLElement).querySelector('[role=tabpanel]')?.textContent).toBe('right');
  });
});

describe('either of a few', () => {
  it('shows them all, one of them chosen; whatever is pressed is handed out and shown once it comes back', async () => {
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const fixture = TestBed.createComponent(Page);
    await fixture.whenStable();
    const either = await TestbedHarnessEnvironment.loader(fixture).getHarness(EitherHarness.with({ label: 'foot' }));
    expect([await either.getOptions(), await either.getText()]).toEqual([['neither', 'left', 'right'], 'left']);
    await either.choose('right');
    expect([fixture.componentInstance.side(), await either.getText()]).toEqual(['right', 'right']);
    await either.choose('neither');
    expect(fixture.componentInstance.side()).toBeNull();
    fixture.componentInstance.side.set('left');
    expect(await either.getText()).toBe('left');
  });
});

describe('tables and paper', () => {
  async function page() {
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const fixture = TestBed.createComponent(Page);
    await fixture.whenStable();
    return { host: fixture.nativeElement as HTMLElement, loader: TestbedHarnessEnvironment.loader(fixture) };
  }

  it('a table names what it is of; the first cell of a row is its head, in every row', async () => {
    const { host, loader } = await page();
    const facts = await loader.getHarness(TableHarness.with({ label: 'facts' }));
    expect(await facts.getRows()).toEqual([
      ['time', '2.28 s'],
      ['lunges', '0 · 1'],
    ]);
    const rates = await loader.getHarness(TableHarness.with({ label: 'rates' }));
    expect(await rates.getRows()).toEqual([
      ['fault', 'rate', 'range'],
      ['late', '4', '1–9'],
    ]);
    expect([...host.querySelectorAll('tbody th')].map((head) => head.getAttribute('scope'))).toEqual(['row', 'row', 'row']);
    expect([...host.querySelectorAll('td.muted')].map((cell) => cell.textContent)).toEqual(['1–9']);
  });

  it('the button that prints is not on the paper and sends no form', async () => {
    const { host } = await page();
    const printed = spyOn(globalThis, 'print');
    const button = host.querySelector<HTMLButtonElement>('[hopPrint]');
    button?.click();
    expect([printed.calls.count(), button?.type, button?.className]).toEqual([1, 'button', 'no-print']);
  });
});

describe('what boxes read', () => {
  const value = <T>(reads: Reads<T>, typed: string): T | string => {
    const read = reads.read(typed);
    return 'wrong' in read ? read.wrong.code : read.value;
  };

  it('shows what it reads: whatever is shown is read back as the same value', () => {
    for (let metres = -1.5; metres <= 1.5; metres += 0.0137) {
      for (const units of ['cm', 'ft-in'] as const) {
        const long = lengths(units, { low: -1.6, high: 1.6 });
        // Shown to the millimetre, or to the half inch.
        expect(Math.abs(Number(value(long, long.show(metres))) - metres)).toBeLessThanOrEqual(units === 'cm' ? 0.00051 : 0.0064);
      }
      const share = numbers({ low: -150, high: 150, scale: 100 });
      expect(Number(value(share, share.show(metres)))).toBeCloseTo(metres, 7);
    }
  });

  it('knows the coach’s unit, whole numbers, days, lines and words between commas', () => {
    const foot = lengths('ft-in', { low: 0, high: 2.54 });
    expect([value(foot, '5\'6"'), value(foot, '66'), value(foot, '12 ft'), value(foot, 'tall')]).toEqual([
      1.6764,
      1.6764,
      'between',
      'length',
    ]);
    expect(value(lengths('cm', { low: -1, high: 1 }), '−12,5 cm')).toBeCloseTo(-0.125, 9);
    const whole = numbers({ low: 1, high: 9, whole: true });
    expect(['2.5', '0', '3', '1e400'].map((typed) => value(whole, typed))).toEqual(['whole', 'between', 3, 'number']);
    expect([value(needed(whole), ''), value(orNothing(whole), '')]).toEqual(['number', null]);
    expect([value(texts(9), ' a '), value(texts(9, 1), '  '), value(asTyped(9), ' a ')]).toEqual(['a', 'empty', ' a ']);
    expect([value(days, '2026-11-26'), value(days, ''), value(times, '18:30'), value(times, '')]).toEqual([
      '2026-11-26',
      'day',
      '18:30',
      'missing',
    ]);
    expect([value(lists(2, 3), ' a \n\nb'), value(lists(2, 3), 'a\nb\nc'), value(lists(2, 3), 'abcd')] as unknown[]).toEqual([
      ['a', 'b'],
      'too-many',
      'longer',
    ]);
    expect(value(tags(3, 9), ' lunge, corner,, lunge ')).toEqual(['lunge', 'corner']);
  });

  it('an address and a password by what can be told of them; nothing typed is empty, not wrong', () => {
    expect(['', ' ', 'ida', 'i d@a.test', ' ida@harbour.test '].map((typed) => value(emails, typed))).toEqual([
      'empty',
      'empty',
      'email',
      'email',
      'ida@harbour.test',
    ]);
    expect(['', 'short', 'long enough', ' blanks stay '].map((typed) => value(passwords(10), typed))).toEqual([
      'empty',
      'shorter',
      'long enough',
      ' blanks stay ',
    ]);
  });
});
