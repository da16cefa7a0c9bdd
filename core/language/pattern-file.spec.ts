import fc from 'fast-check';
import { placingFrom } from '../judge/area-text.js';
import { readDose } from './dose-text.js';
import { FILE_LIMITS } from './limits.js';
import { readPatternFile, writePatternFile, type FiledPattern } from './pattern-file.js';
import { holds } from '../testing/holds.js';
import { readHead } from './session-head.js';

describe('a text file of patterns', () => {
  it('holds many, each with its fields and its steps as typed', () => {
    const { patterns, errors } = readPatternFile(
      '== One\r\nstance: mixed-45\r\nlead: right\r\ntags: a, b, a\r\n\r\nadvance 20 cm,\r\n  # kept\r\nretreat 20 cm\r\n\r\n== Two ==\nsplit',
    );
    expect(errors).toEqual([]);
    expect(patterns.map(({ name, school, lead, tags, steps, line }) => ({ name, school, lead, tags, steps, line }))).toEqual([
      { name: 'One', school: 'mixed-45', lead: 'right', tags: ['a', 'b'], steps: 'advance 20 cm,\n  # kept\nretreat 20 cm', line: 6 },
      { name: 'Two', school: 'square-ready', lead: 'none', tags: [], steps: 'split', line: 11 },
    ]);
    expect(readPatternFile(writePatternFile(patterns)).patterns.map((one) => one.steps)).toEqual(patterns.map((one) => one.steps));
  });

  it('a text without a name is one pattern; nothing is none', () => {
    expect(readPatternFile('\n\nsplit, advance').patterns).toEqual([
      jasmine.objectContaining({ name: '', steps: 'split, advance', line: 3 }),
    ]);
    expect(readPatternFile('').patterns).toEqual([]);
  });

  it('what cannot be read is named by its line, the rest is kept', () => {
    const { patterns, errors } = readPatternFile(
      `==\nstance: tripod\nhand: both\nlead: up\ncloses: maybe\nsplit\n== ${'x'.repeat(100)}\nsplit`,
    );
    expect(errors.map((error) => error.line)).toEqual([1, 2, 3, 4, 5, 7]);
    expect(patterns.map((one) => [one.name.length, one.school, one.steps])).toEqual([
      [7, 'square-ready', 'split'],
      [FILE_LIMITS.name, 'square-ready', 'split'],
    ]);
    expect(readPatternFile('x'.repeat(FILE_LIMITS.characters + 1)).errors[0]?.code).toBe('too-long');
  });

  it('however many blanks stand where, what is said between them is read (4,000 of them once took 48 s)', () => {
    const blank = ' '.repeat(100_000);
    const { patterns, errors } = readPatternFile(
      `== a${blank}b${blank}\nsport:${blank}squash${blank}\n==${blank}c${blank}==${blank}\nsplit`,
    );
    expect(patterns.map(({ name, sport }) => [name.trim(), sport])).toEqual([
      ['a', 'squash'],
      ['c', ''],
    ]);
    expect(errors.map(({ line, code }) => `${line} ${code}`)).toEqual(['1 name-cut']);
    expect(readHead(`water:${blank}1 min${blank}every${blank}20 min\nfloor:${blank}squash${blank}`).head).toEqual(
      jasmine.objectContaining({ water: { seconds: 60, every: 1200 }, area: 'squash' }),
    );
    expect(readDose(`rest${blank}20 s`).errors.map(({ code }) => code)).toEqual(['too-long']);
    expect(placingFrom(`squash${blank}at 0, 0${blank}at`)?.area.code).toBeUndefined();
    expect(placingFrom(`squash ${blank}`)?.area.code).toBe('squash');
  });

  it('written and read again there are as many as before, whatever stands in them', () => {
    const breaks = fc.constantFrom('\n', '\r', '\r\n', '\u2028', '\v', '\u0085');
    const traps = fc.constantFrom('== Two', 'dose: 8', 'hand: left', 'split', '30 s', '', ' ', '# note', 'Ä');
    const text = fc.array(fc.oneof(breaks, traps), { maxLength: 7 }).map((parts) => parts.join(''));
    holds(
      fc.property(
        fc.array(fc.record({ name: text, sport: text, area: text, dose: text, cued: text, tag: text, steps: text }), {
          minLength: 1,
          maxLength: 3,
        }),
        (all) => {
          const [usual] = readPatternFile('== One\n\nsplit').patterns;
          const patterns = all.map(({ tag, ...one }) => ({
            ...(usual as FiledPattern),
            ...one,
            explain: 0,
            tags: tag === '' ? [] : [tag],
          }));
          const read = readPatternFile(writePatternFile(patterns)).patterns;
          expect(read.length).toBe(patterns.length);
          // A line break in a dose means what a comma does.
          expect(read.map((one) => one.hand)).toEqual(patterns.map((one) => one.hand));
        },
      ),
    );
  });

  it('comments before the first name are about the file', () => {
    expect(readPatternFile('# ours\n\n# all of it\n== One\nsplit').patterns.map((one) => one.name)).toEqual(['One']);
  });

  it('fields after the first step are steps', () => {
    expect(readPatternFile('split\nsport: squash').patterns[0]?.steps).toBe('split\nsport: squash');
  });
});
