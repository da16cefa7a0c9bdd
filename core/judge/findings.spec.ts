import { bodyOf } from '../body/body.js';
import { schoolOf, SCHOOLS } from '../body/school.js';
import { stanceTarget } from '../body/stance.js';
import { performer } from '../testing/performers.js';
import type { Finding, FindingCode } from './finding.js';
import type { FindingMessages } from './messages.js';
import { study } from './study.js';

const square = performer(1.7);
const guard = performer(1.7, 'mixed-45', 'left');
const target = stanceTarget(SCHOOLS[0], square.body);
const found = (text: string, code: FindingCode, who = square, close = false): Finding | undefined =>
  study(text, who, close).findings.find((finding) => finding.code === code);

describe('findings carry their numbers', () => {
  it('far foot first by more than the stance: it crosses by what is beyond (width 0.528 m, step 0.80 m)', () => {
    const crossed = found('shuffle right 80 cm left foot first', 'crossed');
    // The marks stand 0.8 − 0.528 = 0.272 m past one another; the moving tolerance is twice 15 % of 0.528 m (common practice, no source).
    const limit = 2 * 0.15 * target.width;
    expect(crossed?.limit).toBeCloseTo(limit, 9);
    expect(crossed?.excess).toBeCloseTo(0.8 - target.width - limit, 2);
    expect([crossed?.fault, crossed?.feet]).toEqual(['crossed', ['left', 'right']]);
    expect((crossed?.values as FindingMessages['crossed']).by).toBeCloseTo(0.8 - target.width, 2);
    expect(crossed?.at).toBeGreaterThan(0);
    expect(crossed?.at).toBeLessThan(0.44);
  });

  it('points to the words that it is about', () => {
    const text = 'split, # warm\n  shuffle right 80 cm left foot first, split';
    const crossed = found(text, 'crossed');
    expect(text.slice(crossed?.span?.from, crossed?.span?.to)).toBe('shuffle right 80 cm left foot first');
  });

  it('a base that narrows under way says to what, and from how much it would be well', () => {
    const narrow = found('shuffle right 45 cm left foot first', 'narrow');
    expect(narrow?.fault).toBe('stance-narrow');
    const { wide, least, underWay } = narrow?.values as FindingMessages['narrow'];
    expect([wide.toFixed(2), least.toFixed(2), underWay]).toEqual(['0.08', '0.37', true]);
  });

  it('a school that stands on a line is not asked for width', () => {
    const bladed = performer(1.7, 'bladed-guard', 'left');
    for (const text of ['advance 30 cm', 'retreat 30 cm', 'advance 10 cm, retreat 10 cm'])
      expect(found(text, 'narrow', bladed))
        .withContext(text)
        .toBeUndefined();
  });

  it('closed is within 5 cm a mark and 5° (common practice, no source): met exactly is inside', () => {
    expect(found('shuffle right 5 cm', 'not-closed', square, true)).toBeUndefined();
    const far = found('shuffle right 6 cm', 'not-closed', square, true);
    expect([far?.level, far?.fault]).toEqual(['note', 'recovery-place']);
    expect(far?.excess).toBeCloseTo(0.01, 9);
    // Many lines go somewhere on purpose: it is a note, unless it is asked for.
    expect(found('shuffle right 1 m', 'not-closed', square, true)?.level).toBe('note');
    const strict = study('shuffle right 1 m', square, true, { schools: { pattern: { closing: 'strict' } } }).findings;
    expect(strict.find(({ code }) => code === 'not-closed')?.level).toBe('stop');
    expect(found('pivot lead foot right 5°, pivot lead foot left 5°', 'not-closed', guard, true)).toBeUndefined();
    const { turned } = found('pivot lead foot right 90°', 'not-closed', guard, true)?.values as FindingMessages['not-closed'];
    expect(turned).toBeCloseTo(90, 9);
    // A whole turn on one foot is where it began.
    expect(found('pivot lead foot right 360°', 'not-closed', guard, true)).toBeUndefined();
  });

  it('a step longer than the legs allow is said with both lengths (common practice, no source)', () => {
    // A gather is at most one leg: 0.530 of 1.70 m (Drillis and Contini 1966) is 90.1 cm.
    expect(found('advance 90 cm', 'stride')).toBeUndefined();
    const stride = found('advance 110 cm', 'stride');
    expect([stride?.fault, stride?.limit.toFixed(3)]).toEqual(['long-step', '0.901']);
    const { of, metres, most } = stride?.values as FindingMessages['stride'];
    expect([of, metres, most.toFixed(3)]).toEqual(['step', 1.1, '0.901']);
    // The same step is no trouble for longer legs.
    expect(found('advance 110 cm', 'stride', performer(2.2))).toBeUndefined();
  });

  it('come in the order of time', () => {
    const times = study(
      'shuffle right 80 cm left foot first, split, shuffle left 80 cm right foot first, advance 2 m',
      square,
      true,
    ).findings.map((finding) => finding.at);
    expect(times.length).toBeGreaterThan(3);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
});

describe('states at moments', () => {
  const states = (text: string, who = square) =>
    study(text, who, false).states.map((span) => [span.state, Math.round(span.from * 100) / 100, Math.round(span.to * 100) / 100]);

  it('a low hop is in the air until it lands at 0.15 s; a dropped split never is', () => {
    expect(states('split')).toEqual([
      ['airborne', 0, 0.15],
      ['stepping', 0.15, 0.35],
    ]);
    expect(states('split drop')).toEqual([['stepping', 0, 0.35]]);
  });

  it('standing between two moves is ready, standing in a lunge is wide', () => {
    expect(states('hold 0.5 s')).toEqual([['ready', 0, 0.5]]);
    expect(states('tempo flat, lunge ahead 90 cm right foot, hold 0.5 s').at(-1)).toEqual(['wide', 0.5, 1]);
  });

  it('nobody is ready on one leg: more than 80 % on a foot is still stepping (common practice, no source)', () => {
    const oneLeg = { ...SCHOOLS[0], leadShare: 0.85 };
    expect(states('hold 0.5 s', { ...square, school: oneLeg })).toEqual([['stepping', 0, 0.5]]);
    expect(states('hold 0.5 s', { ...square, school: { ...oneLeg, leadShare: 0.8 } })).toEqual([['ready', 0, 0.5]]);
  });

  it('a foot that must be unweighted first takes a tenth of a second more', () => {
    const loaded = { ...square, school: { ...SCHOOLS[0], leadShare: 0.7 } };
    const worst = (who: typeof square): number | null => study('shuffle right 30 cm', who, false).answer.worst;
    expect((worst(loaded) ?? 0) - (worst(square) ?? 0)).toBeCloseTo(0.1, 9);
  });
});

describe('schools on measured bodies', () => {
  it('a measured shoulder replaces the estimate, and the stance follows', () => {
    const body = bodyOf({ height: 1.7, shoulder: 0.5 });
    const school = schoolOf('square-ready') ?? SCHOOLS[0];
    expect(stanceTarget(school, body).width).toBeCloseTo(0.6, 9);
    expect(stanceTarget(school, body).tolerance).toBeCloseTo(0.09, 9);
  });
});
