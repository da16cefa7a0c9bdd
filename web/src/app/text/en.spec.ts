import { AGE_GROUPS } from '@hopsk/contract';
import { SCHOOLS } from '@hopsk/core/body/school';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { STATES } from '@hopsk/core/judge/state';
import { ICONS } from '../ui/look/icons';
import { EN } from './en';
import { BUILD } from './en-build';

function words(of: unknown): string[] {
  if (typeof of === 'string') return [of];
  return typeof of === 'object' && of !== null ? Object.values(of).flatMap(words) : [];
}

describe('the words of the interface', () => {
  it('are short, calm and trimmed', () => {
    for (const word of [
      ...words(EN),
      ...words(BUILD),
      ...FAULTS.flatMap((fault) => [fault.label, fault.says, fault.cue, fault.remedy]),
      ...SCHOOLS.map((school) => school.says),
    ]) {
      expect(word).toBe(word.trim());
      expect(word).not.toContain('!');
      expect(word.length).toBeLessThan(260);
    }
  });

  it('have one for every state of the simulation and an icon for every part of the menu', () => {
    expect(Object.keys(EN.steps.states_).sort()).toEqual([...STATES].sort());
    const { more: _m, skip: _s, keys: _k, ...parts } = EN.menu;
    for (const part of Object.keys(parts)) expect(ICONS[part]).withContext(part).toContain('<svg');
  });

  it('name ages in groups, never by a date', () => {
    expect(AGE_GROUPS.join(' ')).not.toMatch(/\d{4}/);
    expect(words(EN).join(' ')).not.toMatch(/birthday|date of birth/i);
  });
});
