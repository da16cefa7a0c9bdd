import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Rounds } from '@hopsk/core/language/rounds';
import { DoseForm } from './dose-form';

describe('rounds typed as numbers', () => {
  let fixture: ComponentFixture<DoseForm>;
  const host = () => fixture.nativeElement as HTMLElement;
  const field = (name: string) => host().querySelector<HTMLInputElement>(`input[name="${name}"]`);
  const total = () => host().querySelector('.total')?.textContent ?? '';

  async function open(dose: Partial<Rounds> = {}, repSeconds: number | null = null): Promise<void> {
    fixture = TestBed.createComponent(DoseForm);
    fixture.componentRef.setInput('dose', { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null, ...dose });
    fixture.componentRef.setInput('repSeconds', repSeconds);
    await fixture.whenStable();
  }
  async function type(name: string, text: string): Promise<void> {
    const box = field(name);
    if (!box) throw new Error(`no field ${name}`);
    box.value = text;
    box.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  }
  const dose = (): Rounds => fixture.componentInstance.dose();

  it('sums up as it is typed', async () => {
    await open();
    expect(total()).toContain('2:10');
    await type('rounds', '4');
    expect(dose().rounds).toBe(4);
    expect(total()).toContain('3:00');
  });

  it('asks for a rest that is not decided, and says at least until then', async () => {
    await open({ rest: null });
    expect(host().textContent).toContain('How long is the rest?');
    expect(total()).toContain('at least 1:30');
    await type('rest', '0');
    expect(dose().rest).toBe(0);
    expect(host().textContent).not.toContain('How long is the rest?');
    await type('rest', '');
    expect(dose().rest).toBeNull();
  });

  it('asks for the rest between sets only when there are sets', async () => {
    await open();
    expect(field('setRest')).toBeNull();
    await type('sets', '2');
    expect(field('setRest')).not.toBeNull();
    expect(host().textContent).toContain('How long is the rest between sets?');
  });

  it('leaves what was when a number cannot be, and says between what it must lie', async () => {
    await open();
    for (const [name, text] of [
      ['rounds', '10000'],
      ['rounds', '2.5'],
      ['rounds', ''],
      ['work', '-3'],
      ['rest', '-5'],
      ['rest', '99999'],
    ] as const) {
      await type(name, text);
      expect(field(name)?.getAttribute('aria-invalid')).withContext(`${name} ${text}`).toBe('true');
      expect(host().querySelector('[role=alert]')?.textContent).toMatch(/must lie between \d+ and \d+|is not a (whole )?number/);
      await type(name, String(dose()[name]));
    }
    expect(dose()).toEqual({ mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null });
  });

  it('counts repetitions when there is a pattern, and only then lets work be by count', async () => {
    await open({}, null);
    expect(host().querySelector('hop-either')).toBeNull();
    await open({}, 2.28);
    // 30 / 2.28 = 13.2: thirteen whole ones, three rounds.
    expect(total()).toContain('13 repetitions a round, 39 in all');
    host().querySelectorAll<HTMLInputElement>('hop-either input')[1]?.click();
    await fixture.whenStable();
    expect(dose().mode).toBe('reps');
    expect(total()).toContain('8 repetitions a round, 24 in all');
    await type('work', '2.5');
    expect(dose().work).toBe(8);
  });
});
