import type { Area, AreaLine, Shape } from '../judge/area.js';

const across = (name: string, y: number, half: number, kind: AreaLine['kind'] = 'line'): AreaLine => ({
  name,
  from: { x: -half, y },
  to: { x: half, y },
  kind,
});
const along = (name: string, x: number, from: number, to: number): AreaLine => ({
  name,
  from: { x, y: from },
  to: { x, y: to },
  kind: 'line',
});
const both = (make: (sign: 1 | -1) => AreaLine): AreaLine[] => [make(1), make(-1)];

/** A court with a net across its middle; one's own part reaches up to it. */
function court(
  code: string,
  length: number,
  width: number,
  lines: readonly AreaLine[],
  free: Area['free'],
  start: number,
  source: string,
): Area {
  const shape: Shape = { kind: 'rectangle', across: width, along: length };
  const net = across('net', 0, width / 2, 'net');
  return { code, shape, lines: [...lines, net], free, far: 0, height: null, start: { x: 0, y: start }, source };
}

/** A floor whose edge is the end: a ring, a mat, a piste. */
/** A floor that is closed all round. */
export const closed = (code: string, shape: Shape, lines: readonly AreaLine[], start: Area['start'], source: string): Area => ({
  code,
  shape,
  lines,
  free: { side: 0, back: 0 },
  far: Infinity,
  height: null,
  start,
  source,
});

/** Measures of the rules that lines are checked against, metres. */
export const RULES = {
  tennis: { length: 23.77, singles: 8.23, doubles: 10.97, service: 6.4, netCentre: 0.914 },
  badminton: { length: 13.4, singles: 5.18, doubles: 6.1, shortService: 1.98, longDoubles: 0.76, net: 1.524 },
  squash: { length: 9.75, width: 6.4, shortFromBack: 4.26, shortFromFront: 5.44, line: 0.05, box: 1.6 },
  padel: { length: 20, width: 10, service: 6.95 },
  pickleball: { length: 13.41, width: 6.1, nonVolley: 2.13 },
  tableTennis: { length: 2.74, width: 1.525, height: 0.76 },
  piste: { length: 14, width: 1.5, onGuard: 2, marked: 2 },
} as const;

const t = RULES.tennis;
const b = RULES.badminton;
const s = RULES.squash;
const p = RULES.padel;
const k = RULES.pickleball;
const tt = RULES.tableTennis;
const f = RULES.piste;

/**
 * Floors by the published rules. How far one may run beyond the lines is what halls usually leave (value from memory; common
 * practice, no source); the start is a usual place to wait.
 */
export const AREAS: readonly Area[] = [
  court(
    'tennis',
    t.length,
    t.doubles,
    [
      ...both((sign) => along('singles side line', (sign * t.singles) / 2, -t.length / 2, t.length / 2)),
      ...both((sign) => across('service line', sign * t.service, t.singles / 2)),
      along('centre service line', 0, -t.service, t.service),
    ],
    { side: 3.66, back: 6.4 },
    -t.length / 2 - 0.5,
    'ITF Rules of Tennis',
  ),
  court(
    'badminton',
    b.length,
    b.doubles,
    [
      ...both((sign) => along('singles side line', (sign * b.singles) / 2, -b.length / 2, b.length / 2)),
      ...both((sign) => across('short service line', sign * b.shortService, b.doubles / 2)),
      ...both((sign) => across('doubles long service line', sign * (b.length / 2 - b.longDoubles), b.doubles / 2)),
      along('centre line', 0, b.shortService, b.length / 2),
      along('centre line', 0, -b.length / 2, -b.shortService),
    ],
    { side: 1, back: 1 },
    -b.length / 4 - 0.3,
    'BWF Laws',
  ),
  {
    code: 'squash',
    shape: { kind: 'rectangle', across: s.width, along: s.length },
    lines: [
      across('short line', -s.length / 2 + s.shortFromBack, s.width / 2),
      along('half-court line', 0, -s.length / 2, -s.length / 2 + s.shortFromBack),
      ...both((sign) =>
        along('service box', sign * (s.width / 2 - s.box), -s.length / 2 + s.shortFromBack - s.box, -s.length / 2 + s.shortFromBack),
      ),
      across('front wall', s.length / 2, s.width / 2, 'wall'),
    ],
    free: { side: 0, back: 0 },
    far: s.length / 2,
    height: null,
    start: { x: 0, y: -s.length / 2 + s.shortFromBack - 0.4 },
    source: 'WSF specifications',
  },
  court(
    'padel',
    p.length,
    p.width,
    [...both((sign) => across('service line', sign * p.service, p.width / 2)), along('centre service line', 0, -p.service, p.service)],
    { side: 0, back: 0 },
    -p.service - 0.5,
    'FIP rules',
  ),
  court(
    'pickleball',
    k.length,
    k.width,
    [
      ...both((sign) => across('non-volley line', sign * k.nonVolley, k.width / 2)),
      along('centre line', 0, k.nonVolley, k.length / 2),
      along('centre line', 0, -k.length / 2, -k.nonVolley),
    ],
    { side: 1.5, back: 2.4 },
    -k.length / 2 - 0.3,
    'official rule book',
  ),
  {
    code: 'table-tennis',
    shape: { kind: 'rectangle', across: 7, along: 14 },
    lines: [
      ...both((sign) => along('table side', (sign * tt.width) / 2, -tt.length / 2, tt.length / 2)),
      ...both((sign) => across('table end', (sign * tt.length) / 2, tt.width / 2)),
      across('net', 0, tt.width / 2, 'net'),
    ],
    free: { side: 0, back: 0 },
    far: -tt.length / 2,
    height: null,
    start: { x: 0, y: -tt.length / 2 - 0.8 },
    source: 'ITTF Laws',
  },
  closed(
    'piste',
    { kind: 'rectangle', across: f.width, along: f.length },
    [
      across('centre line', 0, f.width / 2),
      ...both((sign) => across('on-guard line', sign * f.onGuard, f.width / 2)),
      ...both((sign) => across('last two metres', sign * (f.length / 2 - f.marked), f.width / 2)),
    ],
    { x: 0, y: -f.onGuard },
    'FIE rules',
  ),
  closed('boxing', { kind: 'rectangle', across: 6.1, along: 6.1 }, [], { x: 0, y: -1 }, 'IBA technical rules'),
  closed('boxing-small', { kind: 'rectangle', across: 4.9, along: 4.9 }, [], { x: 0, y: -1 }, 'IBA technical rules'),
  closed('mixed-rules', { kind: 'octagon', across: 9.1 }, [], { x: 0, y: -1 }, 'unified rules (20–32 ft across)'),
  closed('karate', { kind: 'rectangle', across: 8, along: 8 }, [], { x: 0, y: -1 }, 'WKF rules'),
  closed('taekwondo', { kind: 'octagon', across: 8 }, [], { x: 0, y: -1 }, 'WT rules'),
];
