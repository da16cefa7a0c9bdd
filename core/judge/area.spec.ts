import { polygonContains } from 'd3-polygon';
import fc from 'fast-check';
import { surfaceOf } from '../body/polygon.js';
import { AREAS, RULES } from '../catalogue/areas.js';
import { mirroredPlace } from '../language/place-text.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { areaOf, placingFrom } from './area-text.js';
import { edgeOf, outsideBy, placedOn, type Area } from './area.js';
import { inPattern, onArea } from './placing.js';
import { study } from './study.js';

const known = (said: string): Area => {
  const area = areaOf(said);
  if (!area) throw new Error(`${said} is an area.`);
  return area;
};
const at = (area: Area, name: string): number[] =>
  area.lines.filter((line) => line.name === name).map((line) => (line.from.x === line.to.x ? line.from.x : line.from.y));

describe('areas by the published rules', () => {
  it('tennis: 23.77 × 8.23 and 10.97 m, service line 6.40 m from the net, so 5.485 m to the base line (ITF Rules of Tennis)', () => {
    const area = known('tennis');
    expect(area.shape).toEqual({ kind: 'rectangle', across: 10.97, along: 23.77 });
    expect(at(area, 'service line')).toEqual([6.4, -6.4]);
    expect(RULES.tennis.length / 2 - RULES.tennis.service).toBeCloseTo(5.485, 9);
    // The tramlines are 4 ft 6 in wide each: 10.97 − 8.23 = 2 × 1.37 m.
    expect((RULES.tennis.doubles - RULES.tennis.singles) / 2).toBeCloseTo(4.5 * 0.3048, 2);
  });

  it('badminton: short service line 1.98 m from the net, long doubles line 0.76 m inside the back, 3.96 m between them (BWF Laws)', () => {
    const area = known('badminton');
    const [short] = at(area, 'short service line');
    const [long] = at(area, 'doubles long service line');
    expect((long ?? 0) - (short ?? 0)).toBeCloseTo(3.96, 9);
    expect((RULES.badminton.doubles - RULES.badminton.singles) / 2).toBeCloseTo(0.46, 9);
  });

  it('squash: the short line lies 4.26 m from the back wall and 5.44 m from the front wall; with its 50 mm that is the court (WSF specifications)', () => {
    const { shortFromBack, shortFromFront, line, length } = RULES.squash;
    expect(shortFromBack + line + shortFromFront).toBeCloseTo(length, 9);
    expect(at(known('squash'), 'short line')[0]).toBeCloseTo(-length / 2 + shortFromBack, 9);
  });

  it('padel, pickleball and the piste stand as their rules say (FIP rules, official rule book, FIE rules)', () => {
    expect(at(known('padel'), 'service line')).toEqual([6.95, -6.95]);
    expect(RULES.padel.length / 2 - RULES.padel.service).toBeCloseTo(3.05, 9);
    // 44 × 20 ft and 7 ft.
    expect<number[]>([RULES.pickleball.length, RULES.pickleball.width, RULES.pickleball.nonVolley]).toEqual(
      [44, 20, 7].map((ft) => Math.round(ft * 30.48) / 100),
    );
    expect(at(known('piste'), 'on-guard line')).toEqual([2, -2]);
    expect(at(known('piste'), 'last two metres')).toEqual([5, -5]);
  });

  it('every line lies on its area, every start inside it, every area has a source', () => {
    for (const area of AREAS) {
      const whole = { ...area, far: Infinity };
      for (const line of area.lines)
        for (const end of [line.from, line.to]) expect(outsideBy(whole, end)).withContext(`${area.code} ${line.name}`).toBeLessThan(1e-9);
      expect(outsideBy(area, area.start)).withContext(area.code).toBeLessThan(0);
      expect(area.source).not.toBe('');
    }
  });

  it('inside and outside agree with a general polygon package', () => {
    holds(
      fc.property(
        fc.constantFrom('room 3.2 × 4 m', 'octagon 8 m', 'boxing', 'karate'),
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.double({ min: -6, max: 6, noNaN: true }),
        (said, x, y) => {
          const area = known(said);
          const by = outsideBy(area, { x, y });
          if (Math.abs(by) < 1e-6) return;
          expect(by < 0).toBe(
            polygonContains(
              edgeOf(area).map((p): [number, number] => [p.x, p.y]),
              [x, y],
            ),
          );
        },
      ),
    );
    // A regular octagon 8 m from side to side has 2 tan(22.5°) × 8² m² (plane geometry).
    expect(surfaceOf(edgeOf(known('octagon 8 m')))).toBeCloseTo(2 * Math.tan(Math.PI / 8) * 64, 6);
  });

  it('other floors are read from their measures; nonsense is none', () => {
    expect(known('room 3.2 × 4 × 2.4 m')).toEqual(
      jasmine.objectContaining({ height: 2.4, shape: { kind: 'rectangle', across: 3.2, along: 4 } }),
    );
    expect(known('circle 6 m').shape).toEqual({ kind: 'circle', across: 6 });
    for (const said of ['room', 'room 0 × 4 m', 'room 900 m', 'circle 3 x 4 m', 'moon']) expect(areaOf(said)).withContext(said).toBeNull();
  });
});

describe('a pattern on an area', () => {
  const who = performer(1.7);
  const codes = (text: string, said: string): string[] =>
    study(text, who, false, { placing: placedOn(known(said)) }).findings.map((finding) => finding.code);

  it('is inside where its landings are, outlines and all', () => {
    expect(codes('shuffle right 40 cm', 'room 3 × 3 m')).toEqual([]);
    expect(codes('shuffle right 130 cm', 'room 3 × 3 m')).toContain('out-of-area');
    const [out] = study('shuffle right 90 cm 3', who, false, { placing: placedOn(known('room 3 × 3 m')) }).findings;
    expect([out?.code, out?.move]).toEqual(['out-of-area', 1]);
  });

  it('across the net is outside, behind the base line is not', () => {
    const forward = 'run ahead 1 m 14';
    expect(codes(forward, 'badminton')).toContain('out-of-area');
    expect(codes('retreat 60 cm 4', 'tennis')).not.toContain('out-of-area');
  });

  it('a jump wants room above the head', () => {
    expect(codes('jump', 'room 3 × 3 × 1.9 m')).toContain('low-ceiling');
    expect(codes('jump', 'room 3 × 3 × 2.4 m')).not.toContain('low-ceiling');
    expect(codes('advance 20 cm', 'room 3 × 3 × 1.9 m')).toEqual([]);
  });

  it('begins where it is said, looking where it is said; a place outside is none', () => {
    const placing = placingFrom('squash at 0.4, -1 facing 30');
    expect([placing?.area.code, placing?.at, placing?.facing]).toEqual(['squash', { x: 0.4, y: -1 }, 30]);
    expect(placingFrom('room 3.2 × 4 m at 0, -1')?.at).toEqual({ x: 0, y: -1 });
    expect(placingFrom('squash')?.at).toEqual(known('squash').start);
    for (const said of ['squash at 9, 0', 'moon at 0, 0', 'squash at here', '']) expect(placingFrom(said)).withContext(said).toBeNull();
    // Turned by a quarter, what goes ahead goes to the right of the court.
    const seen = study('advance 85 cm 2', who, false, { placing: placingFrom('room 3 × 9 m facing 90') ?? placedOn(known('squash')) });
    expect(seen.findings.map((finding) => finding.code)).toContain('out-of-area');
  });

  it('frames go there and back, and a mirrored area mirrors', () => {
    const placing = { area: known('squash'), at: { x: 0.4, y: -1 }, facing: 30 };
    const p = { x: 0.3, y: 0.7 };
    const back = inPattern(placing, onArea(placing, p));
    expect([back.x, back.y]).toEqual([jasmine.any(Number), jasmine.any(Number)]);
    expect(Math.hypot(back.x - p.x, back.y - p.y)).toBeLessThan(1e-12);
    for (const [said, mirror] of [
      ['squash at 0.4, -1 facing 30', 'squash at -0.4, -1 facing -30'],
      ['room 4 × 4 m at 0, 1', 'room 4 × 4 m at 0, 1'],
      ['squash', 'squash'],
    ] as const) {
      expect(mirroredPlace(said)).toBe(mirror);
      expect(mirroredPlace(mirror)).toBe(said);
    }
    // Every court is its own mirror image, so that only the place has to turn.
    for (const area of AREAS) {
      const ends = (sign: number): string[] =>
        area.lines
          .map(
            (line) =>
              `${line.name} ${[line.from, line.to]
                .map((p) => `${sign * p.x + 0},${p.y}`)
                .sort()
                .join(' ')}`,
          )
          .sort();
      expect(ends(-1)).withContext(area.code).toEqual(ends(1));
    }
  });
});
