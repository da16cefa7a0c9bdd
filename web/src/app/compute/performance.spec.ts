import { athlete } from '../testing/run';
import { performance } from './performance';

describe('who does a pattern', () => {
  const square = { steps: 'shuffle right 40 cm, lunge right foot', school: 'square-ready', hand: 'right', lead: 'none' } as const;
  const staggered = { steps: 'pivot lead foot right 90°', school: 'mixed-45', hand: 'right', lead: 'left' } as const;

  it('nobody chosen: as written, on the usual body', () => {
    const { performer, text, mirrored } = performance(square, null);
    expect([text, mirrored, performer.body.height.origin]).toEqual([square.steps, false, 'assumed']);
  });

  it('in a square stance the hand decides what is mirrored', () => {
    expect(performance(square, athlete({ hand: 'left' })).text).toBe('shuffle left 40 cm, lunge left foot');
    expect(performance(square, athlete({ hand: 'right' })).mirrored).toBeFalse();
  });

  it('where one foot leads the lead decides, not the hand', () => {
    expect(performance(staggered, athlete({ hand: 'left', lead: 'left' })).mirrored).toBeFalse();
    const other = performance(staggered, athlete({ hand: 'right', lead: 'right' }));
    expect([other.text, other.performer.lead]).toEqual(['pivot lead foot left 90°', 'right']);
  });

  it('a child’s body is estimated roughly', () => {
    expect(performance(square, athlete({ height: 1.5, ageGroup: '10–12' })).performer.body.hip.origin).toBe('rough');
  });

  it('a stance that nobody knows becomes the plain one', () => {
    expect(performance({ ...square, school: 'tripod' }, null).performer.school.code).toBe('square-ready');
  });
});
