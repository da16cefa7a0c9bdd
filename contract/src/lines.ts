import { readDose } from '@hopsk/core/language/dose-text';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Playbook } from '@hopsk/core/plan/playbook';
import type { SavedFor } from '@hopsk/core/plan/session/earlier-engine';
import type { PatternDraft } from './pattern-draft.js';
import type { SessionDraft } from './session-draft.js';

/** What a line that was typed is of its record. */
export const LINE_PARTS = ['line', 'partner', 'call', 'station', 'dose', 'own-dose', 'move', 'answer', 'way-back'] as const;
export type LinePart = (typeof LINE_PARTS)[number];

/** For whom a line is written. */
type WrittenFor = Pick<PatternDraft, 'school' | 'hand' | 'lead'>;

/** A line of steps, or a dose, where it stands in a record. */
export interface PlacedLine {
  /** Where, in words of the record's fields and ids; the same line has no other. */
  readonly place: string;
  readonly part: LinePart;
  /** What it belongs to: a stage, a situation; '' where it is the record's own. */
  readonly of: string;
  readonly text: string;
  readonly for: WrittenFor;
  /** How it is done, where it is what a stage repeats. */
  readonly stage: SavedFor['stage'];
}

/** Gives what stands in the place of a line. */
export type Reword = (line: PlacedLine) => string;

/** Whether what stands there is a dose. */
export const isDose = (part: LinePart): boolean => part === 'dose' || part === 'own-dose';

/** What is not written for anybody: a dose, a move that any line may use. */
export const FOR_ANYBODY: WrittenFor = { school: '', hand: 'right', lead: 'none' };

type PatternLines = Pick<PatternDraft, 'steps'> & WrittenFor;
type SessionLines = Pick<SessionDraft, 'stages' | 'differences'>;
interface TeachingLines {
  readonly moves: readonly OwnMove[];
  readonly playbooks: readonly Playbook[];
}

/** A pattern with its line as `reword` gives it. */
export const rewordPattern = <P extends PatternLines>(pattern: P, reword: Reword): P => ({
  ...pattern,
  steps: reword({ place: 'steps', part: 'line', of: '', text: pattern.steps, for: pattern, stage: null }),
});

/** How a stage repeats its line. */
function repeatsOf({ tempo, dose, cueing, calls }: SessionDraft['stages'][number]): SavedFor['stage'] {
  const called = calls !== null || cueing === 'called' || cueing === 'called in order';
  return { tempo, sides: readDose(dose).dose?.sides ?? null, called };
}

/** A session with every line and dose in it as `reword` gives them. */
export function rewordSession<S extends SessionLines>(session: S, reword: Reword): S {
  const names = new Map(session.stages.map(({ id, name }) => [id, name]));
  const stages = session.stages.map((stage) => {
    const repeats = repeatsOf(stage);
    const at = (place: string, part: LinePart, text: string): string => {
      const repeated = part === 'line' || part === 'station' || part === 'dose' ? repeats : null;
      return reword({ place: `stages.${stage.id}.${place}`, part, of: stage.name, text, for: stage, stage: repeated });
    };
    return {
      ...stage,
      steps: at('steps', 'line', stage.steps),
      dose: at('dose', 'dose', stage.dose),
      partner: stage.partner && { ...stage.partner, steps: at('partner', 'partner', stage.partner.steps) },
      calls: stage.calls && {
        ...stage.calls,
        alternatives: stage.calls.alternatives.map((one, i) => ({ ...one, steps: at(`calls.${i}`, 'call', one.steps) })),
      },
      stations: stage.stations.map((one, i) => ({ ...one, steps: at(`stations.${i}`, 'station', one.steps) })),
    };
  });
  const differences = session.differences.map((one) => {
    const place = `differences.${one.athlete}.${one.stage}`;
    const of = names.get(one.stage) ?? '';
    return { ...one, dose: reword({ place, part: 'own-dose', of, text: one.dose, for: FOR_ANYBODY, stage: null }) };
  });
  return { ...session, stages, differences };
}

/** Playbooks with every line in them as `reword` gives them. */
export const rewordPlaybooks = (playbooks: TeachingLines['playbooks'], reword: Reword): TeachingLines['playbooks'] =>
  playbooks.map((book) => {
    const at = (place: string, part: LinePart, of: string, text: string): string =>
      reword({ place: `playbooks.${book.code}${place}`, part, of, text, for: { ...book, hand: 'right' }, stage: null });
    /** What the opponent does, where it is said. */
    const does = (place: string, of: string, one: { readonly does?: string | undefined }): { readonly does?: string } =>
      one.does === undefined ? {} : { does: at(`${place}.does`, 'partner', `${book.name}: ${of}`, one.does) };
    return {
      ...book,
      ...(book.partner !== undefined && { partner: at('.partner', 'partner', book.name, book.partner) }),
      situations: book.situations.map((one, s) => ({
        ...one,
        ...does(`.${s}`, one.situation, one),
        answers: one.answers.map((answer, a) => ({
          ...answer,
          steps: at(`.${s}.${a}`, 'answer', `${book.name}: ${answer.technique}`, answer.steps),
          back: answer.back.map((way, i) => ({
            ...way,
            steps: at(`.${s}.${a}.${i}`, 'way-back', `${book.name}: ${way.name}`, way.steps),
            ...does(`.${s}.${a}.${i}`, way.name, way),
          })),
        })),
      })),
    };
  });

/** A club's own moves and its playbooks with every line in them as `reword` gives it. */
export const rewordTeaching = <T extends TeachingLines>(teaching: T, reword: Reword): T => ({
  ...teaching,
  moves: teaching.moves.map((move) => ({
    ...move,
    steps: reword({ place: `moves.${move.name}`, part: 'move', of: move.name, text: move.steps, for: FOR_ANYBODY, stage: null }),
  })),
  playbooks: rewordPlaybooks(teaching.playbooks, reword),
});

/** Every line of a record by its place. */
export function linesOf(lines: (reword: Reword) => unknown): ReadonlyMap<string, PlacedLine> {
  const found = new Map<string, PlacedLine>();
  lines((line) => {
    found.set(line.place, line);
    return line.text;
  });
  return found;
}
