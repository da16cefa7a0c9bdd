import { AGE_GROUPS, AthleteDraft } from '@hopsk/contract/people';
import { fieldsOf } from '@hopsk/contract/problem';
import { sampleAthlete } from '@hopsk/contract/testing/samples';
import { SCHOOLS } from '@hopsk/core/body/school';
import { AIMS } from '@hopsk/core/catalogue/aims';
import { AREAS } from '@hopsk/core/catalogue/areas';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { ROUND_FORMATS, RULE_BREAKS } from '@hopsk/core/catalogue/presets';
import { STATES } from '@hopsk/core/judge/state';
import { study } from '@hopsk/core/judge/study';
import { readDose } from '@hopsk/core/language/dose-text';
import { parse } from '@hopsk/core/language/parse';
import { TOPICS, type TopicName } from '@hopsk/core/judge/schools';
import { forbiddenBy } from '@hopsk/core/judge/cautions';
import { simulate } from '@hopsk/core/motion/simulate';
import { scenariosOf } from '@hopsk/core/plan/playbook';
import { holds } from '@hopsk/core/testing/holds';
import { anyItem } from '@hopsk/core/testing/patterns';
import { anyPerformer, performer } from '@hopsk/core/testing/performers';
import { print } from '@hopsk/core/language/print';
import fc from 'fast-check';
import { all } from './en/all.js';
import { rooms } from './en/rooms.js';
import { fetchWords, languageOf } from './languages.js';
import { all as marked } from './marked/all.js';
import { bookInWords, buildWords, inALine, saidFields, schoolWords } from './naming.js';
import { say } from './say.js';
import { measureIn } from './measured.js';
import { speak, words } from './words.js';

/** Every text that needs no numbers, with its place. */
function texts(of: unknown, at = ''): [string, string][] {
  if (typeof of === 'string') return [[at, of]];
  return typeof of === 'object' && of !== null ? Object.entries(of).flatMap(([key, one]) => texts(one, `${at}.${key}`)) : [];
}

type Speaks = (...given: readonly unknown[]) => unknown;

/** Everything that is said with numbers or names, with its place. */
function functions(of: unknown, at = ''): [string, Speaks][] {
  if (typeof of === 'function') return [[at, of as Speaks]];
  return typeof of === 'object' && of !== null ? Object.entries(of).flatMap(([key, one]) => functions(one, `${at}.${key}`)) : [];
}

/** Messages that hold another message or a whole record: said with real ones above and in other specs. */
const NESTED = [
  'evidenceSays',
  'drawn',
  'whyNext',
  'one',
  'says',
  'did-not-occur',
  'dose',
  'steps',
  'calls',
  'landings-caution',
  'hindered',
  'caution',
  'dose',
  'firstSays',
  'why',
  'said',
  'came',
];

/** A value by the name that it is asked by: a side, a known code, a list, a name, else a number. */
const valueOf = (key: string): unknown =>
  (
    ({
      ...{
        foot: 'left',
        side: 'left',
        leads: 'left',
        last: 'left',
        of: 'step',
        counted: 'moves',
        why: 'square-lead',
        level: 'beginner',
        wanted: 'time',
      },
      ...{ what: 'pattern', missing: ['begin'], fault: 'split-late', known: ['Ω'], keys: ['Ω'], way: 'ahead' },
    }) as Readonly<Record<string, unknown>>
  )[key] ??
  (/^(word|name|said|area|thing|hand|event|move|shot|line|head|one|two|other|book|fault|stage|id|unit|[ab])$/.test(key) ? 'Ω' : 7);

/** What is said of values that fit; null where none of them does. */
function spoken(one: Speaks): string | null {
  const fitting = new Proxy({}, { get: (_, key) => valueOf(String(key)) });
  for (const given of [[fitting], [fitting, 7], ...[7, 'Ω', true].map((value) => Array<unknown>(6).fill(value))])
    try {
      const said = one(...given);
      if (typeof said === 'string' && !/undefined|NaN|\[object/.test(said)) return said;
    } catch {
      // Another kind of value then.
    }
  return null;
}

const square = performer(1.7);
const wrongWithIt = (line: string, room = 'squash'): string[] => {
  const seen = study(line, square, true);
  return [...seen.errors.map((one) => say(all.notation, one)), ...seen.findings.map((one) => say(all.findings, one)), room].slice(0, -1);
};

describe('the words', () => {
  beforeEach(() => speak(all));

  it('are short, calm and trimmed', () => {
    for (const [at, text] of texts(all)) {
      expect(text).withContext(at).toBe(text.trim());
      expect(text).withContext(at).not.toContain('!');
      expect(text.length).withContext(at).toBeLessThan(260);
    }
  });

  it('name ages in groups, never by a date', () => {
    expect(AGE_GROUPS.join(' ')).not.toMatch(/\d{4}/);
    expect(
      texts(all)
        .map(([, text]) => text)
        .join(' '),
    ).not.toMatch(/birthday|date of birth/i);
  });

  it('say everything that the catalogue holds', () => {
    expect(Object.keys(all.faults).sort()).toEqual(FAULTS.map((fault) => fault.code).sort());
    expect(Object.keys(all.schools).sort()).toEqual(SCHOOLS.map((school) => school.code).sort());
    expect(Object.keys(all.areas).sort()).toEqual(AREAS.map((area) => area.code).sort());
    expect(Object.keys(all.aims).sort()).toEqual(AIMS.map((aim) => aim.code).sort());
    expect(Object.keys(all.playbooks).sort()).toEqual(PLAYBOOKS.map((book) => book.code).sort());
    expect(Object.keys(all.formats).sort()).toEqual(ROUND_FORMATS.map((format) => format.code).sort());
    expect(Object.keys(all.breaks).sort()).toEqual(Object.keys(RULE_BREAKS).sort());
    expect(Object.keys(all.steps.states_).sort()).toEqual([...STATES].sort());
    for (const topic of Object.keys(TOPICS) as TopicName[])
      expect(Object.keys(all.topics[topic].options).sort())
        .withContext(topic)
        .toEqual([...TOPICS[topic].options].sort());
    const said = PLAYBOOKS.flatMap((book) => scenariosOf(book).flatMap(({ situation, technique, back }) => [situation, technique, back]));
    for (const code of said.filter((one) => one !== '')) expect(all.situations[code]).withContext(code).toBeDefined();
  });

  it('say what is wrong with a line, whatever is in it: no hole, no number that is none', () => {
    const odd = fc.constantFrom(' 40 m', ' 3600°', ' each', ')', '(', ' + dance', ', hold 9 h', ' to cone "B"', ' lead', ', wobble');
    holds(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 4 }), odd, anyPerformer, (items, more, who) => {
        const seen = study(`${print(items)}${more}`, who, true);
        const said = [...seen.errors.map((one) => say(all.notation, one)), ...seen.findings.map((one) => say(all.findings, one))];
        for (const sentence of said) {
          expect(sentence).not.toMatch(/undefined|NaN|\[object|Infinity/);
          expect(sentence).toMatch(/^[A-Z0-9‘].*\.$/s);
        }
      }),
    );
  });

  it('say lengths as the coach reads them', () => {
    const said = () => [
      wrongWithIt('shuffle right 80 cm left foot first').find((one) => one.includes('cross')),
      wrongWithIt('split, shuffle right 40 cm')[0],
    ];
    measureIn('ft-in');
    try {
      // 27 cm are 10.6 in, 40 cm are 15.7 in.
      expect(said()).toEqual(['The feet cross by 10½".', 'It does not come back: 1\'3½" to the right after one repetition.']);
    } finally {
      measureIn('cm');
    }
    expect(said()[0]).toBe('The feet cross by 27 cm.');
  });

  it('name the numbers that a coach can act on', () => {
    expect(wrongWithIt('shuffle right 80 cm left foot first')).toContain('The feet cross by 27 cm.');
    expect(wrongWithIt('split, shuffle right 40 cm')).toEqual(['It does not come back: 40 cm to the right after one repetition.']);
    expect(wrongWithIt('lunge rear')).toContain('‘rear’ names a foot: write ‘rear foot’.');
    expect(wrongWithIt('intended narrow wobbly\nsplit').join(' ')).toContain('the base is narrower than the school stands');
    expect(readDose('60–30 s').errors.map((error) => say(all.doses, error))).toEqual(['‘60–30 s’: the range runs downwards.']);
    const input = { ...sampleAthlete, name: '  ', height: 17, hand: 'both' };
    const { error } = AthleteDraft.safeParse(input);
    expect(error && inALine(saidFields(fieldsOf(error, input)))).toBe(
      'name is empty; hand must be one of: ‘left’, ‘right’; height must lie between 0.8 and 2.4 m',
    );
    const knee = { part: 'knee', side: 'left', forbids: ['lunges'], landings: null, note: 'old' } as const;
    const found = forbiddenBy({ partner: null, kind: 'whole' }, simulate(parse('lunge ahead left foot'), square), [knee]);
    expect(found && say(all.plan.leftOut, { code: 'caution', values: found })).toContain('(left knee: ‘old’): it has lunges');
  });

  it('a field or a code that is not known is said as plainly as can be', () => {
    expect(saidFields([{ path: 'stages.3.dose', code: 'empty', values: {} }])).toEqual([
      { path: 'stages.3.dose', name: '4: dose', message: 'is empty' },
    ]);
    expect(inALine(saidFields([{ path: 'moonlight', code: 'from-tomorrow', values: {} }]))).toBe('‘moonlight’ is of the wrong kind');
  });

  it('a club’s own stance speaks for itself; a playbook is called in words', () => {
    const own = { ...SCHOOLS[0], code: 'own-low', name: 'Our low one', says: '', knees: 'bent' };
    expect(schoolWords(own).name).toBe('Our low one');
    expect(schoolWords(SCHOOLS[0]).name).toBe('Square ready');
    for (const book of PLAYBOOKS)
      for (const { situation, technique } of scenariosOf(bookInWords(book))) expect(`${situation}${technique}`).not.toMatch(/\w-\w+-\w/);
    expect(buildWords().name({ code: 'remedy', values: { fault: 'split-late' } })).toContain(all.remedies['split-late'] ?? '–');
  });
});

describe('languages', () => {
  it('are taken by their tag, with or without a country; else English', () => {
    expect([['en-XA'], ['xx', 'en-GB'], ['de-AT', 'fr'], []].map(languageOf)).toEqual(['en-XA', 'en', 'en', 'en']);
  });

  it('fetch the rooms that are asked for; one that nobody fetched is named', async () => {
    await fetchWords('en-XA', Object.keys(rooms) as (keyof typeof rooms)[]);
    expect(words.common.save).toBe(marked.common.save);
    await fetchWords('en', ['shell']);
    expect([words.common.save, words.club.title]).toEqual(['save', marked.club.title]);
    expect(() => words['moon' as keyof typeof words]).toThrowError(/moon/);
  });

  it('say something whole whatever they are given: no hole, and in the marked one nothing plain', () => {
    const [plain, own] = [functions(all), functions(marked)];
    expect(own.map(([at]) => at)).toEqual(plain.map(([at]) => at));
    const said = plain.map(([at, one], i) => [at, spoken(one), spoken(own[i]?.[1] ?? one)] as const);
    // Those that say another message inside theirs are tried with real ones above.
    expect(said.filter(([, one]) => one === null).map(([at]) => at.split('.').at(-1))).toEqual(NESTED);
    for (const [at, one, another] of said) {
      if (one === null || another === null) continue;
      expect(one).withContext(at).toBe(one.trim());
      expect(one)
        .withContext(at)
        .not.toMatch(/undefined|NaN|\[object|!/);
      expect(another.replace(/‘[^’]*’|\{[^}]*\}/g, ''))
        .withContext(at)
        .not.toMatch(/[a-z]{2,}/i);
    }
  });

  it('the marked one says all that English says, and no letter of it is plain but what stands in quotes', () => {
    const plain = new Map(texts(all));
    const own = texts(marked);
    expect(own.map(([at]) => at)).toEqual([...plain.keys()]);
    for (const [at, text] of own)
      expect(text.replace(/‘[^’]*’|\{[^}]*\}/g, ''))
        .withContext(at)
        .not.toMatch(/[a-z]/i);
  });
});
