import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { alternative, USUAL_CALLS } from '@hopsk/core/plan/calls/calls';
import { OPEN_SETTINGS } from '@hopsk/core/plan/session/session';
import { boxOf, choose, house } from '../../testing/screen';
import { ask, draft, stage } from '../../testing/sessions';
import { CalendarForm } from './calendar-form';
import { CallsForm } from './calls-form';
import type { DraftStage } from '../../parts/session-draft';
import { fitIn, lookAt } from '../../compute/session';
import { FitTable } from './fit-table';
import { PartnerForm } from './partner-form';
import { SessionSide } from './session-side';
import { StageDetail } from './stage-detail';
import { TimeBar } from './time-bar';

describe('forms of a stage', () => {
  beforeEach(() => house());

  async function show<C>(of: Type<C>, inputs: Record<string, unknown>): Promise<ComponentFixture<C>> {
    const fixture = TestBed.createComponent(of);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    return fixture;
  }
  const host = <C>(fixture: ComponentFixture<C>) => fixture.nativeElement as HTMLElement;
  function type(box: HTMLInputElement, value: string): void {
    box.value = value;
    box.dispatchEvent(new Event('change'));
  }

  describe('the stage', () => {
    const one = stage('8', { name: 'Evening', watch: ['split-late'] });
    let said: Partial<DraftStage>[];
    const detail = async (of: DraftStage = one): Promise<ComponentFixture<StageDetail>> => {
      said = [];
      const fixture = await show(StageDetail, { stage: of, look: null, totals: null, lists: [], stances: [], group: [], differences: [] });
      fixture.componentInstance.changed.subscribe((change) => said.push(change));
      return fixture;
    };

    it('takes no empty name, no number that is none and none beyond its bounds, and says so beside each', async () => {
      const fixture = await detail();
      const root = host(fixture);
      for (const [label, typed] of [
        ['name', '   '],
        ['times (1', 'soon'],
        ['times (1', '9'],
        ['explaining', ''],
        ['on from', '20'],
      ] as const)
        type(boxOf(root, label), typed);
      await fixture.whenStable();
      expect(said).toEqual([]);
      expect([...root.querySelectorAll('[role=alert]')].map((each) => each.textContent?.trim())).toEqual([
        'is empty',
        'must lie between 0.25 and 4',
        'is not a number',
        'must lie between 50 and 100 %',
      ]);
      type(boxOf(root, 'name'), ' Later ');
      type(boxOf(root, 'times (1'), '3,5');
      type(boxOf(root, 'on from'), '95');
      expect(said).toEqual([{ name: 'Later' }, { tempo: 3.5 }, { evidence: { ...one.evidence, next: 0.95 } }]);
    });

    it('being called brings something to call, and not being called takes it away', async () => {
      await choose(await detail(), /begins/, 'called, at random');
      expect(said[0]?.calls?.alternatives.map((each) => [each.name, each.steps])).toEqual([['Evening', one.steps]]);
      await choose(await detail({ ...one, cueing: 'called', calls: { ...USUAL_CALLS, alternatives: [] } }), /begins/, 'when ready');
      expect(said[0]).toEqual({ cueing: 'self', calls: null });
    });

    it('holds faults to look for, cues a line each, a partner and stations', async () => {
      const root = host(await detail());
      root.querySelector<HTMLButtonElement>('fieldset .chip')?.click();
      type(boxOf(root, 'one cue'), ' land \n\n as it is hit\n');
      boxOf(root, 'with a partner').click();
      [...root.querySelectorAll('button')].find((each) => each.textContent?.includes('add a station'))?.click();
      expect(said[0]).toEqual({ watch: [] });
      expect(said[1]).toEqual({ cues: ['land', 'as it is hit'] });
      expect(said[2]?.partner?.contact).toBe('none');
      expect(said[3]?.stations).toEqual([{ name: 'station 1', steps: one.steps }]);
    });
  });

  describe('calls', () => {
    const calls = {
      ...USUAL_CALLS,
      alternatives: [alternative('right', 'shuffle right 40 cm'), alternative('left', 'shuffle left 40 cm', { weight: 2 })],
    };
    const seen = lookAt(ask(draft([stage('2 × 6 calls, rest 20 s', { calls, cueing: 'called' })])));
    async function form() {
      const fixture = await show(CallsForm, { calls, look: seen.stages[0]?.calls ?? [], lists: seen.lists, playbooks: PLAYBOOKS });
      const said: (typeof calls | object)[] = [];
      fixture.componentInstance.changed.subscribe((change) => said.push(change));
      return { root: host(fixture), said, fixture };
    }

    it('show what each needs, its share, what was drawn, and how well it can be guessed', async () => {
      const { root, fixture } = await form();
      expect(root.querySelectorAll('tbody tr').length).toBe(2);
      expect(root.textContent).toContain('0.9 s');
      expect(root.textContent).toContain('67 %');
      expect(root.textContent).toContain('right 4, left 8; longest run');
      while (!root.textContent?.includes('Best guess')) {
        await new Promise((go) => requestAnimationFrame(go));
        await fixture.whenStable();
      }
      expect(root.textContent).toMatch(/Best guess after the last two calls: \d+ %/);
    });

    it('come from a playbook, and keep their order of limits', async () => {
      const { root, said, fixture } = await form();
      await choose(fixture, /playbook/, PLAYBOOKS[0]?.name ?? '');
      type(boxOf(root, 'most of one'), '0');
      await fixture.whenStable();
      expect(root.querySelector('[role=alert]')?.textContent).toContain('must lie between 1 and 20');
      type(boxOf(root, 'most of one'), '1');
      type(boxOf(root, 'seconds apart, from'), '4');
      await choose(fixture, /weak side/, 'left');
      type(boxOf(root, 'freezes'), '25');
      expect((said[0] as typeof calls).alternatives.length).toBeGreaterThan(1);
      expect(said[1]).toEqual({ ...calls, longestRun: 1 });
      expect((said[2] as typeof calls).interval as unknown).toEqual({ low: 4, high: 4 });
      expect((said[3] as typeof calls).weakSide as unknown).toEqual({ side: 'left', factor: 2 });
      expect(said[4]).toEqual({ ...calls, freezes: 0.25 });
    });
  });

  it('the partner’s card is typed field by field', async () => {
    const partner = { steps: '', what: '', when: '', reAim: '', coming: false, kit: '', contact: 'none' as const };
    const fixture = await show(PartnerForm, { partner });
    const said: object[] = [];
    fixture.componentInstance.changed.subscribe((change) => said.push(change));
    type(boxOf(host(fixture), 'what the partner'), ' walks in ');
    await choose(fixture, 'contact', /touch/);
    await choose(fixture, 'foot in front', /left/);
    fixture.componentRef.setInput('partner', { ...partner, lead: 'left' });
    await choose(fixture, 'foot in front', /not said/);
    expect(said).toEqual([{ ...partner, what: 'walks in' }, { ...partner, contact: 'touch' }, { ...partner, lead: 'left' }, partner]);
    expect(host(fixture).textContent).toContain('Children');
  });

  it('the side says what it adds up to, and an empty setting is not decided', async () => {
    const whole = draft([stage('8 each side')], { equipment: 4 });
    const fixture = await show(SessionSide, { draft: whole, look: lookAt(ask(whole)), turned: [], playing: 'right' });
    const said: object[] = [];
    fixture.componentInstance.changed.subscribe((change) => said.push(change));
    const rows = [...host(fixture).querySelectorAll('tr')].map((row) => [
      row.querySelector('th')?.textContent,
      row.querySelector('td')?.textContent?.trim(),
    ]);
    expect(rows).toContain(['Repetitions', '16']);
    expect(rows).toContain(['Splits', '16']);
    expect(rows).toContain(['Lunges left · right', '0 · 16']);
    expect(host(fixture).textContent).toContain('as written 8 · other side or lead 8');
    type(boxOf(host(fixture), 'change-over'), '');
    type(boxOf(host(fixture), 'water every'), '15');
    type(boxOf(host(fixture), 'sets of equipment'), '');
    expect(said).toEqual([
      { settings: { ...whole.settings, change: null } },
      { settings: { ...whole.settings, water: { every: 900, seconds: 60 } } },
      { equipment: null },
    ]);
  });

  it('one answer for all that ask: what cannot be read is said and nothing decided, what is empty stays open', async () => {
    const whole = draft([stage('3 × 8'), stage('2 × 6')], { settings: OPEN_SETTINGS });
    const fixture = await show(FitTable, { draft: whole, look: null, fitted: fitIn(ask(whole), 1800) });
    const said: object[] = [];
    fixture.componentInstance.decided.subscribe((answers) => said.push(answers));
    const decide = async (): Promise<void> => {
      host(fixture).querySelector<HTMLButtonElement>('form button')?.click();
      await fixture.whenStable();
    };
    expect(host(fixture).querySelectorAll('li').length).toBeGreaterThan(1);
    type(boxOf(host(fixture), 'rest'), 'soon');
    await decide();
    expect([said, host(fixture).querySelector('form')?.textContent]).toEqual([[], jasmine.stringContaining('is not a number')]);
    type(boxOf(host(fixture), 'rest'), '20 s');
    type(boxOf(host(fixture), 'change-over'), '0');
    await decide();
    expect(said).toEqual([{ rest: 20, setRest: null, change: 0 }]);
  });

  it('the bar is to scale and says where a press falls', async () => {
    const seen = lookAt(ask(draft([stage('2 × 30 s, rest 20 s'), stage('60 s')])));
    const fixture = await show(TimeBar, { stretches: seen.stretches, kinds: ['whole', 'free'], total: seen.total, available: 240, t: 0 });
    const moments: number[] = [];
    fixture.componentInstance.seek.subscribe((t) => moments.push(t));
    const pieces = [...host(fixture).querySelectorAll<HTMLElement>('.track i')];
    // 30, 20, 30, change 20, 60 of 240 s.
    expect(pieces.map((piece) => Number.parseFloat(piece.style.width).toFixed(2))).toEqual(['12.50', '8.33', '12.50', '8.33', '25.00']);
    expect(pieces.map((piece) => piece.className)).toEqual(['work', 'rest', 'work', 'change', 'work']);
    const track = host(fixture).querySelector('.track') as HTMLElement;
    const box = track.getBoundingClientRect();
    track.dispatchEvent(new MouseEvent('click', { clientX: box.left + box.width / 4 }));
    expect(moments[0]).toBeCloseTo(60, 0);
    expect([...host(fixture).querySelectorAll('.scale span')].map((mark) => mark.textContent)).toEqual([
      '0 min',
      '1 min',
      '2 min',
      '3 min',
      '4 min',
    ]);
  });

  it('the calendar says what each week adds up to, and why nothing can be saved', async () => {
    const fixture = await show(CalendarForm, { id: 'x', name: 'Tuesday', seconds: 2400, stages: [] });
    const root = host(fixture);
    type(boxOf(root, 'weeks'), '2');
    type(boxOf(root, 'rise'), '10');
    await fixture.whenStable();
    expect(root.textContent?.replace(/\s+/g, ' ')).toContain('week 1: 2 × 40 min = 80 min · week 2: 2 × 44 min = 88 min');
    const zone = boxOf(root, 'time zone');
    zone.value = 'The Moon';
    zone.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    expect(root.querySelector('[role=alert]')?.textContent).toContain('no time zone');
    expect([...root.querySelectorAll('button')].find((one) => one.textContent?.includes('save'))?.disabled).toBeTrue();
  });
});
