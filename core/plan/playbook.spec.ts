import { otherSide } from '../body/foot.js';
import { schoolOf } from '../body/school.js';
import { PLAYBOOKS } from '../catalogue/books.js';
import { study } from '../judge/study.js';
import { mirrorText } from '../language/mirror.js';
import { performer } from '../testing/performers.js';
import { callable } from './calls/callable.js';
import { isLegal, scenarioCalls, scenariosOf, type Playbook } from './playbook.js';

const bookOf = (code: string): Playbook => {
  const book = PLAYBOOKS.find((one) => one.code === code);
  if (!book) throw new Error(`There is no book ${code}.`);
  return book;
};

describe('playbooks', () => {
  it('have legal lines only, each of which can be called again and again', () => {
    for (const book of PLAYBOOKS) {
      const who = performer(1.7, book.school, book.lead === 'none' ? null : book.lead);
      expect(schoolOf(book.school)).withContext(book.code).toBeDefined();
      for (const one of scenarioCalls(book)) expect(callable(one, who).hindrance).withContext(`${book.code}: ${one.name}`).toBeNull();
    }
    expect(new Set(PLAYBOOKS.map((book) => book.code)).size).toBe(PLAYBOOKS.length);
    // No two calls of a book sound the same and want something else.
    for (const book of PLAYBOOKS) {
      const names = scenarioCalls(book).map(({ name }) => name);
      expect(new Set(names).size).withContext(book.code).toBe(names.length);
    }
  });

  it('have answers and ways back in which nothing is found that is not meant, on every body, either way round', () => {
    for (const book of PLAYBOOKS)
      for (const { situation, technique, back, steps } of scenariosOf(book))
        for (const height of [1.45, 1.72, 1.95])
          for (const turned of [false, true]) {
            const lead = book.lead === 'none' ? null : turned ? otherSide(book.lead) : book.lead;
            const who = { ...performer(height, book.school, lead), playing: turned ? ('left' as const) : ('right' as const) };
            const { errors, findings } = study(turned ? mirrorText(steps) : steps, who, false, { sport: book.sport });
            const grave = findings.filter(({ level, intended }) => level !== 'note' && !intended).map(({ code }) => code);
            expect([errors.length, ...grave])
              .withContext([book.code, situation, technique, back, height, turned].join())
              .toEqual([0]);
          }
  });

  it('move an opponent who is placed: each situation and way back does what is said of it', () => {
    const [stopped, coming] = scenariosOf(bookOf('counters-unlike'));
    const [one, other] = [stopped, coming].map((scenario) =>
      study(scenario?.steps ?? '', performer(1.72, 'staggered-striking', 'left'), false),
    );
    const partners = [one, other].map((seen) => seen?.simulation.things[0]?.doing);
    expect(partners.map((partner) => partner?.performer.lead)).toEqual(['right', 'right']);
    const ahead = partners.map((partner) => Math.round(100 * ((partner?.end.feet.left.y ?? 0) - (partner?.start.feet.left.y ?? 0))));
    expect(ahead).toEqual([20, 45]);
    // Nobody is drawn where nobody is placed; who is placed and not moved stands.
    const plain = {
      ...bookOf('squash'),
      situations: [{ situation: 'a', does: 'advance', answers: [{ technique: 'b', steps: 'split', back: [] }] }],
    };
    expect(scenariosOf(plain).map(({ steps }) => steps)).toEqual(['split']);
    const still = {
      ...plain,
      partner: 'partner at 2 m ahead',
      situations: plain.situations.map(({ answers }) => ({ situation: 'a', answers })),
    };
    expect(scenariosOf(still).map(({ steps }) => steps)).toEqual(['partner at 2 m ahead, split']);
  });

  it('pair techniques with their own ways back', () => {
    const book = bookOf('counters');
    expect(isLegal(book, 'two-straights', 'stopped-cut')).toBeTrue();
    expect(isLegal(book, 'rear-straight-alone', 'still-coming-side-step-and-turn')).toBeFalse();
    expect(scenariosOf(book).length).toBe(7);
    // Each situation is as likely, however many answers it has.
    const weights = new Map<string, number>();
    for (const { name, weight } of scenarioCalls(book)) {
      const { situation } = book.situations.find((one) => name === one.situation || name.startsWith(`${one.situation}, `)) ?? {
        situation: '',
      };
      weights.set(situation, (weights.get(situation) ?? 0) + weight);
    }
    expect([...weights.keys()]).toEqual([...new Set(scenariosOf(book).map(({ situation }) => situation))]);
    for (const weight of weights.values()) expect(weight).toBeCloseTo(1, 9);
  });
});
