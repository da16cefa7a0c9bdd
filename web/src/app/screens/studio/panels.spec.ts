import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { samplePattern } from '@hopsk/contract/testing/samples';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { FAMILIES, MOVE_WORDS, ruleOf } from '@hopsk/core/language/moves';
import type { Performer } from '@hopsk/core/motion/simulation';
import { athlete, pattern } from '../../testing/run';
import { boxOf, choose } from '../../testing/screen';
import { ChoiceHarness } from '../../ui/choice.harness';
import { AboutPanel } from './about';
import { ComparePanel } from './compare';
import { draftOf } from '../../parts/pattern-draft';
import { Palette } from './palette';
import { PlainLine } from '../../parts/plain-line';
import { WhatIfPanel } from './what-if';

const square: Performer = { body: bodyOf({ height: 1.7 }), school: SCHOOLS[0], lead: null, playing: 'right' };
const hostOf = (fixture: ComponentFixture<unknown>) => fixture.nativeElement as HTMLElement;
function button(fixture: ComponentFixture<unknown>, name: string): HTMLButtonElement {
  const found = [...hostOf(fixture).querySelectorAll('button')].find(
    (one) => one.textContent?.trim() === name || one.getAttribute('aria-label') === name,
  );
  if (!found) throw new Error(`There is no button ‘${name}’`);
  return found;
}
async function until(fixture: ComponentFixture<unknown>, done: () => boolean): Promise<void> {
  while (!done()) {
    await new Promise((go) => requestAnimationFrame(go));
    await fixture.whenStable();
  }
}

describe('how a line was understood', () => {
  async function open(steps: string): Promise<{ words: string; taken: string[]; fixture: ComponentFixture<PlainLine> }> {
    const fixture = TestBed.createComponent(PlainLine);
    const taken: string[] = [];
    fixture.componentInstance.taken.subscribe((plain) => taken.push(plain));
    fixture.componentRef.setInput('steps', steps);
    await fixture.whenStable();
    const words = [...hostOf(fixture).querySelectorAll('span, button')].map((one) => one.textContent?.trim()).join(' ');
    return { words, taken, fixture };
  }

  it('is said where it is not what was typed, and can be taken over where nothing would be lost', async () => {
    expect((await open('Shuffle  right 40cm,\nlunge ahead')).words).toBe('');
    expect((await open('')).words).toBe('');
    const { words, taken, fixture } = await open('slide right 40 cm then lunge');
    expect(words).toBe('read as shuffle right 40 cm, lunge take this over');
    button(fixture, 'take this over').click();
    expect(taken).toEqual(['shuffle right 40 cm, lunge']);
    expect((await open('slide right # slowly')).words).toBe('read as shuffle right');
  });

  it('what is asked stands beneath it, and is answered with one tap', async () => {
    const { words, fixture } = await open('split, slide right 40');
    expect(words).toBe('read as split, shuffle right ‘40’: what is meant? 40 cm 40 times');
    const edits: object[] = [];
    fixture.componentInstance.answered.subscribe((edit) => edits.push(edit));
    button(fixture, '40 cm').click();
    expect(edits).toEqual([{ from: 19, to: 21, insert: '40 cm' }]);
  });
});

describe('the palette', () => {
  async function open(performer = square): Promise<{ fixture: ComponentFixture<Palette>; chosen: string[] }> {
    const fixture = TestBed.createComponent(Palette);
    const chosen: string[] = [];
    fixture.componentInstance.chosen.subscribe((step) => chosen.push(step));
    fixture.componentRef.setInput('performer', performer);
    await fixture.whenStable();
    return { fixture, chosen };
  }
  const words = (fixture: ComponentFixture<unknown>): (string | null | undefined)[] =>
    [...hostOf(fixture).querySelectorAll('.word')].map((one) => one.textContent);

  it('shows every move under its family, each with a drawing, and adds its example', async () => {
    const { fixture, chosen } = await open();
    const seen: (string | null | undefined)[] = [];
    const tabs = [...hostOf(fixture).querySelectorAll<HTMLButtonElement>('[role=tab]')];
    expect(tabs.length).toBe(FAMILIES.length);
    for (const tab of tabs) {
      tab.click();
      await fixture.whenStable();
      seen.push(...words(fixture));
      for (const picture of hostOf(fixture).querySelectorAll('hop-move-picture')) expect(picture.querySelectorAll('.foot').length).toBe(2);
    }
    expect([...seen].sort()).toEqual([...MOVE_WORDS].sort());
    // The last family is open: hands.
    button(fixture, `add ‘${ruleOf('guard check').example}’`).click();
    expect(chosen).toEqual([ruleOf('guard check').example]);
  });

  it('finds a move by a word of what it does, and says so when there is none', async () => {
    const { fixture } = await open({ ...square, school: schoolOf('bladed-guard') ?? SCHOOLS[0], lead: 'right' });
    const box = hostOf(fixture).querySelector('input') as HTMLInputElement;
    const find = async (text: string): Promise<void> => {
      box.value = text;
      box.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    await find('legs exchange');
    expect(words(fixture)).toEqual(['scissor jump']);
    await find('teleport');
    expect(hostOf(fixture).textContent).toContain('No move has that word.');
  });
});

describe('what if', () => {
  async function open(bias: string[]): Promise<ComponentFixture<WhatIfPanel>> {
    const fixture = TestBed.createComponent(WhatIfPanel);
    fixture.componentRef.setInput('steps', 'shuffle right 30 cm, shuffle left 30 cm');
    fixture.componentRef.setInput('performer', square);
    fixture.componentRef.setInput('athlete', athlete({ name: 'Bea', bias: bias as never }));
    await until(fixture, () => hostOf(fixture).querySelector('.result') !== null);
    return fixture;
  }
  const slide = (fixture: ComponentFixture<unknown>, index: number, value: number): void => {
    const box = hostOf(fixture).querySelectorAll<HTMLInputElement>('input[type=range]')[index] as HTMLInputElement;
    box.valueAsNumber = value;
    box.dispatchEvent(new Event('input'));
  };

  it('says when the stance is lost, from sliders and from what the athlete is known for', async () => {
    const fixture = await open(['second foot short']);
    expect(hostOf(fixture).textContent).toContain('The stance holds for all 10.');
    // 5 cm a step: 15 % of 0.528 m is 7.9 cm (common practice, no source), so it goes at the first repetition of two steps.
    button(fixture, 'as known of Bea').click();
    await until(fixture, () => hostOf(fixture).textContent?.includes('The stance is lost') ?? false);
    expect(hostOf(fixture).textContent).toContain('−5 cm');
    button(fixture, 'no errors').click();
    await until(fixture, () => hostOf(fixture).textContent?.includes('The stance holds') ?? false);
    slide(fixture, 11, 20);
    await until(fixture, () => hostOf(fixture).textContent?.includes('for all 20') ?? false);
    slide(fixture, 9, 1.5);
    await fixture.whenStable();
    expect(hostOf(fixture).textContent).toContain('× 1.50');
    // What would go wrong then is named.
    expect(hostOf(fixture).textContent).not.toContain('Would be found');
    slide(fixture, 0, -0.15);
    await until(fixture, () => hostOf(fixture).textContent?.includes('Would be found') ?? false);
    expect(hostOf(fixture).textContent).toContain('wider or longer than the stance');
  });
});

describe('beside one another', () => {
  it('versions are fetched, compared and brought back; without a network it says so', async () => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    const stored = pattern({ steps: 'advance 30 cm', version: 2 });
    const other = pattern({ name: 'Other', steps: 'advance 30 cm', shouldClose: false });
    const fixture = TestBed.createComponent(ComparePanel);
    const brought: object[] = [];
    fixture.componentInstance.brought.subscribe((one) => brought.push(one));
    for (const [name, value] of Object.entries({
      id: stored.id,
      version: 2,
      study: study('advance 30 cm', square, false),
      performer: square,
      shouldClose: false,
      patterns: [stored, other],
    }))
      fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    const http = TestBed.inject(HttpTestingController);
    http.expectOne(`/api/patterns/${stored.id}/versions`).flush([
      { version: 2, name: 'Evening', steps: 'advance 30 cm', savedAt: '2026-11-20T18:00:00.000Z' },
      {
        version: 1,
        name: 'Evening',
        steps: 'advance 20 cm, split',
        savedAt: '2026-11-19T18:00:00.000Z',
        body: { ...samplePattern, name: 'Evening', steps: 'advance 20 cm, split', school: 'mixed-45', lead: 'left', tags: ['old'] },
      },
    ]);
    const beside = async (name: RegExp): Promise<void> => {
      await choose(fixture, 'beside', name);
      await until(fixture, () => hostOf(fixture).querySelector('figure') !== null);
    };
    await beside(/version 1/);
    expect([...hostOf(fixture).querySelectorAll('.steps li')].map((one) => one.textContent?.replace(/\s+/g, ' ').trim())).toEqual([
      '−gone: advance 20 cm',
      '−gone: split',
      '+added: advance 30 cm',
    ]);
    button(fixture, 'bring this version back').click();
    const { name: _name, ...whole } = samplePattern;
    expect(brought).toEqual([{ ...whole, steps: 'advance 20 cm, split', school: 'mixed-45', lead: 'left', tags: ['old'] }]);
    await beside(/Other/);
    await until(fixture, () => hostOf(fixture).textContent?.includes('No difference.') ?? false);
    fixture.componentRef.setInput('version', 3);
    await fixture.whenStable();
    http.expectOne(`/api/patterns/${stored.id}/versions`).error(new ProgressEvent('offline'));
    await until(fixture, () => hostOf(fixture).textContent?.includes('cannot be fetched') ?? false);
  });
});

describe('about a pattern', () => {
  it('tags are parted by commas and said once; a school’s choice is set and unset', async () => {
    const fixture = TestBed.createComponent(AboutPanel);
    const changed: object[] = [];
    fixture.componentInstance.changed.subscribe((change) => changed.push(change));
    fixture.componentRef.setInput('draft', { ...draftOf(null), schools: { crossing: 'never' } });
    await fixture.whenStable();
    const tags = boxOf(hostOf(fixture), 'tags');
    tags.value = ' lunge, corner,, lunge ';
    tags.dispatchEvent(new Event('change'));
    const crossing = await TestbedHarnessEnvironment.loader(fixture).getHarness(ChoiceHarness.with({ label: 'crossing' }));
    expect(await crossing.getText()).toContain('never');
    await crossing.choose(/only behind/);
    await crossing.choose(/as the club/);
    const floor = boxOf(hostOf(fixture), 'floor and place');
    for (const value of ['the moon', ' room 3.2 × 4 m at 0, -1 ']) {
      floor.value = value;
      floor.dispatchEvent(new Event('change'));
      await fixture.whenStable();
      expect(hostOf(fixture).querySelector('[role=alert]') !== null).toBe(value === 'the moon');
    }
    expect(changed.pop()).toEqual({ area: 'room 3.2 × 4 m at 0, -1' });
    expect(changed).toEqual([{ tags: ['lunge', 'corner'] }, { schools: { crossing: 'behind' } }, { schools: {} }]);
  });
});
