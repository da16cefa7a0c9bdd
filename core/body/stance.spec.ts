import { bodyOf } from './body.js';
import { heelOf, toeOf } from './foot.js';
import { SCHOOLS, schoolOf, type School } from './school.js';
import { inStanceFrame, originOf, sizeOf, standIn, stanceNumbers, tapeMarks } from './stance.js';

const school = (code: string): School => schoolOf(code) as School;
const body = bodyOf({ height: 1.75 });

describe('stances', () => {
  it('stand about their origin and mirror with the lead, in every school', () => {
    for (const s of SCHOOLS) {
      const left = standIn(s, body, 'left');
      const right = standIn(s, body, 'right');
      expect(originOf(left.feet).x).withContext(s.code).toBeCloseTo(0, 12);
      expect(originOf(left.feet).y).toBeCloseTo(0, 12);
      expect(right.feet.right.x).toBeCloseTo(-left.feet.left.x, 12);
      expect(right.feet.right.y).toBeCloseTo(left.feet.left.y, 12);
      expect(right.feet.right.toe).toBe(left.feet.left.toe === 0 ? 0 : -left.feet.left.toe);
      expect(sizeOf(left.feet, 0).width).toBeGreaterThan(0);
    }
  });

  it('on guard has both heels on one line, 1.5–2 shoe lengths apart (common practice, no source)', () => {
    const { feet } = standIn(school('bladed-guard'), body, 'right');
    const front = heelOf(feet.right, body);
    const back = heelOf(feet.left, body);
    expect(front.x).toBeCloseTo(back.x, 9);
    const apart = (front.y - back.y) / body.foot.metres;
    expect(apart).toBeGreaterThanOrEqual(1.5);
    expect(apart).toBeLessThanOrEqual(2);
  });

  it('45° mixed puts the line through the lead big toe on the rear heel (common practice, no source)', () => {
    const { feet } = standIn(school('mixed-45'), body, 'left');
    const toe = toeOf(feet.left, body);
    const inward = (body.breadth.metres / 4) * Math.cos((15 * Math.PI) / 180);
    expect(toe.x + inward).toBeCloseTo(heelOf(feet.right, body).x, 9);
    expect(feet.left.y).toBeGreaterThan(feet.right.y);
  });

  // Width and length in hips, shoulders or legs, toes lead / rear outward, share on the lead (common practice, no source).
  const asked: readonly [string, number, number, number, number, number][] = [
    ['square-ready', 1.2 * 0.259, 0, 10, 10, 0.5],
    ['wide-ready', 1.5 * 0.259, 0, 15, 15, 0.5],
    ['drop-ready', 1.1 * 0.259, 0, 10, 10, 0.5],
    ['staggered-striking', 0.191, 0.259, -20, 45, 0.5],
    ['squarer-kicking', 0.191, 0.6 * 0.259, 0, 30, 0.4],
    ['long-bladed', 0.4 * 0.191, 1.3 * 0.259, 0, 60, 0.5],
    ['two-handed-guard', 0.259, 2 * 0.15 * 0.53, 0, 75, 0.5],
  ];
  for (const [code, width, length, leadToe, rearToe, share] of asked) {
    it(`${code} is as wide, as long and as turned as its school asks, on either lead`, () => {
      for (const lead of ['left', 'right'] as const) {
        const { feet, leftShare } = standIn(school(code), body, lead);
        const size = sizeOf(feet, 0);
        expect(size.width).toBeCloseTo(width * 1.75, 9);
        expect(Math.abs(size.leftAhead)).toBeCloseTo(length * 1.75, 9);
        if (length > 0) expect(size.leftAhead > 0).toBe(lead === 'left');
        const out = { left: -feet.left.toe, right: feet.right.toe };
        if (length > 0) expect([out[lead], out[lead === 'left' ? 'right' : 'left']]).toEqual([leadToe, rearToe]);
        else expect([out.left, out.right]).toEqual([leadToe, rearToe]);
        expect(length > 0 && lead === 'right' ? 1 - leftShare : leftShare).toBeCloseTo(share, 9);
      }
    });
  }

  it('a square one has no lead, whatever is asked', () => {
    expect(standIn(school('square-ready'), body, 'left').lead).toBeNull();
    expect(standIn(school('mixed-45'), body, null).lead).toBe('left');
  });

  it('gives the card its numbers and the tape its places', () => {
    const numbers = stanceNumbers(school('square-ready'), body, null);
    expect(numbers.find((n) => n.name === 'width')?.value).toBeCloseTo(1.2 * 0.259 * 1.75, 9);
    const posture = standIn(school('square-ready'), body, null);
    const marks = tapeMarks(posture, body);
    expect(marks.map((mark) => mark.name)).toEqual(['left ball', 'left heel', 'right ball', 'right heel']);
    const ball = marks[2];
    expect(((ball?.from.x ?? 0) + (ball?.to.x ?? 0)) / 2).toBeCloseTo(posture.feet.right.x, 12);
    expect(inStanceFrame(posture.feet.right, { ...posture, heading: 90 }).y).toBeCloseTo(posture.feet.right.x, 12);
  });
});
