import { contrast, DARK, LIGHT } from './tokens';

describe('colours', () => {
  it('contrast is WCAG’s: black on white 21 : 1, #767676 on white 4.54 : 1 (WCAG 2.2 worked values)', () => {
    expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6);
    expect(contrast('#767676', '#FFFFFF')).toBeCloseTo(4.54, 2);
  });

  for (const [name, t] of [
    ['light', LIGHT],
    ['dark', DARK],
  ] as const) {
    it(`${name}: text reads at 4.5 : 1, drawings at 3 : 1 on the ground they stand on, floor screens at 7 : 1`, () => {
      for (const ground of [t.paper, t.raised])
        for (const text of [t.ink, t.muted, t.good, t.wrong, t.beware, t.left, t.right])
          expect(contrast(text, ground)).withContext(`${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
      for (const drawing of [t.left, t.right, t.ink, t.edge])
        expect(contrast(drawing, t.mat)).withContext(`${drawing} on the mat`).toBeGreaterThanOrEqual(3);
      expect(contrast(t.edge, t.raised)).toBeGreaterThanOrEqual(3);
      expect(contrast(t.onDesk, t.desk)).toBeGreaterThanOrEqual(7);
      expect(contrast(t.deskMuted, t.desk)).toBeGreaterThanOrEqual(7);
      expect(contrast(t.accent, t.desk)).toBeGreaterThanOrEqual(7);
      expect(contrast(t.ink, t.raised)).toBeGreaterThanOrEqual(7);
      expect(contrast(t.onAccent, t.accent)).toBeGreaterThanOrEqual(4.5);
    });
  }
});
