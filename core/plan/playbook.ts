import { cut } from '../language/cut.js';
import { alternative, CALL_LIMITS, type Alternative } from './calls/calls.js';

/** A way back or out that is legal after a technique; its steps end where the next call may find the athlete. */
export interface WayBack {
  readonly name: string;
  readonly steps: string;
  /** What the opponent does meanwhile. */
  readonly does?: string | undefined;
}

/** An answer to a situation. Only the ways back that stand with it are legal. */
export interface Answer {
  readonly technique: string;
  readonly steps: string;
  readonly back: readonly WayBack[];
}

/** What the opponent or the ball does, and what may be done about it. No answer: not given; the club fills it in. */
interface Situation {
  readonly situation: string;
  /** The same as steps of the opponent's, in their own frame. */
  readonly does?: string | undefined;
  readonly answers: readonly Answer[];
}

/** Decisions of a sport as data that a club can edit. Common practice, no source. */
export interface Playbook {
  readonly code: string;
  readonly name: string;
  readonly sport: string;
  readonly school: string;
  readonly lead: 'left' | 'right' | 'none';
  /** Where the opponent stands and who they are, as a line says it; what they do is said by situation. None: nobody is drawn. */
  readonly partner?: string | undefined;
  readonly situations: readonly Situation[];
}

export const PLAYBOOK_LIMITS = { books: 30, situations: 40, answers: 8, back: 8 } as const;

const joined = (...parts: readonly string[]): string => parts.filter((part) => part.trim() !== '').join(', ');

/** One legal line of a playbook: what is called, and what is expected. A partner whose steps are said does them in it. */
export interface Scenario {
  readonly situation: string;
  readonly technique: string;
  readonly back: string;
  readonly steps: string;
}

/** All legal triples of a playbook, in its order; situations without an answer give none. */
export function scenariosOf(book: Playbook): Scenario[] {
  return book.situations.flatMap(({ situation, does, answers }) =>
    answers.flatMap(({ technique, steps, back }) =>
      (back.length > 0 ? back : [NOTHING_MORE]).map((way) => ({
        situation,
        technique,
        back: way.name,
        steps: joined(opposite(book.partner, joined(does ?? '', way.does ?? '')), steps, way.steps),
      })),
    ),
  );
}

const NOTHING_MORE: WayBack = { name: '', steps: '' };

/** The opponent, doing what they do. */
const opposite = (partner = '', does: string): string =>
  partner.trim() === '' ? '' : joined(does) === '' ? partner : `${partner} doing (${does})`;

/** A playbook as calls: the situation is called, its weight shared among the legal answers. */
export function scenarioCalls(book: Playbook): Alternative[] {
  return book.situations.flatMap((one) => {
    const legal = scenariosOf({ ...book, situations: [one] });
    const several = (key: 'technique' | 'back'): boolean => new Set(legal.map((scenario) => scenario[key])).size > 1;
    // What is called says which of several answers is wanted.
    return legal.map(({ situation, technique, back, steps }) =>
      alternative(cut(joined(situation, several('technique') ? technique : '', several('back') ? back : ''), CALL_LIMITS.name), steps, {
        weight: 1 / legal.length,
        expects: joined(technique, back),
      }),
    );
  });
}

/** Whether a technique may be followed by a way back in this book. */
export const isLegal = (book: Playbook, technique: string, back: string): boolean =>
  scenariosOf(book).some((one) => one.technique === technique && one.back === back);
