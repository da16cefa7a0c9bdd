import type { FieldProblem } from '@hopsk/contract/problem';
import { formatLength, type LengthUnits } from '@hopsk/core/body/length';
import type { FaultSaid, FaultWords } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import type { OwnSchool, School } from '@hopsk/core/body/school';
import type { MarkKind } from '@hopsk/core/film/marks';
import type { Manner } from '@hopsk/core/film/sport-set';
import type { BuildWords } from '@hopsk/core/plan/build/built';
import type { AxisName, Cell } from '@hopsk/core/plan/build/grid';
import type { Answer, Playbook } from '@hopsk/core/plan/playbook';
import { say } from './say.js';
import { words } from './words.js';

/** What whoever speaks here says of faults otherwise than we do, its own among them. */
let ownFaults: () => ReadonlyMap<string, FaultWords> = () => new Map();
export const sayFaultsBy = (own: () => ReadonlyMap<string, FaultWords>): void => {
  ownFaults = own;
};

/** What is said of a fault; null where nobody knows it. */
export const faultWords = (code: string): FaultSaid | null => ownFaults().get(code) ?? words.faults[code] ?? null;

/** What helps against a fault first; nothing where nobody knows it. */
export const remedyOf = (code: string): string => ownFaults().get(code)?.remedy ?? words.remedies[code] ?? '';

/** What a fault is called; one that nobody knows by its code. */
export const faultLabel = (code: string): string => faultWords(code)?.label ?? code;

/** The code of a fault by its code or by what it is called here, whatever its letters' size; undefined where none is called so. */
export function faultCalled(said: string): string | undefined {
  const called = said.trim().toLowerCase();
  const codes = new Set([...ownFaults().keys(), ...FAULTS.map(({ code }) => code)]);
  return [...codes].find((code) => code === called || faultLabel(code).toLowerCase() === called);
}

/** What a mark of a clip is called, by how it goes in its sport; null: nobody knows. */
export const markLabel = (kind: MarkKind, manner: Manner | null): string =>
  (manner === null ? undefined : words.film.marksIn[manner][kind]) ?? words.film.marks[kind];

/** What a floor is called; one of the hall's own as it was typed. */
export const areaName = (code: string): string => words.areas[code] ?? code;

/** What a stance is called and how it is described: a club's own by its own words. */
export function schoolWords(school: School | OwnSchool): { readonly name: string; readonly says: string; readonly knees: string } {
  if ('name' in school) return school;
  return words.schools[school.code] ?? { name: school.code, says: '', knees: '' };
}

/** The words that a built session keeps. */
export const buildWords = (): BuildWords => ({
  name: (name) => say(words.plan.names, name),
  cue: (fault) => faultWords(fault)?.cue ?? '',
  caution: (caution) => words.cautions.usual[caution],
  partner: words.plan.partner,
  sides: words.common.sides,
  stay: words.plan.stay,
});

/** A playbook to begin with, as it is read, called and copied. */
export function bookInWords(book: Playbook): Playbook {
  const text = (code: string): string => words.situations[code] ?? code;
  const answer = ({ technique, steps, back }: Answer): Answer => ({
    technique: text(technique),
    steps,
    back: back.map((way) => ({ ...way, name: text(way.name) })),
  });
  return {
    ...book,
    name: words.playbooks[book.code] ?? book.name,
    situations: book.situations.map((one) => ({ ...one, situation: text(one.situation), answers: one.answers.map(answer) })),
  };
}

/** A field that cannot be as it is, in words. */
export interface SaidField {
  readonly path: string;
  readonly name: string;
  readonly message: string;
}

/** Fields in words; codes of a newer server are said as plainly wrong. */
export const saidFields = (
  fields: readonly { readonly path: string; readonly code: string; readonly values: unknown }[],
): readonly SaidField[] =>
  fields.map(({ path, code, values }) => ({
    path,
    name: fieldName(path),
    message: code in words.fields ? say(words.fields, { code, values } as FieldProblem) : words.fields.kind({}),
  }));

/** What a field is called: by its last name, with the place in a list where it has one. */
export function fieldName(path: string): string {
  const parts = path.split('.');
  const at = parts.findLastIndex((part) => part in words.fieldNames);
  const place = parts.find((part) => /^\d+$/.test(part));
  const name = at < 0 ? (path === '' ? words.common.whole : `‘${path}’`) : (words.fieldNames[parts[at] as string] as string);
  return place === undefined ? name : `${Number(place) + 1}: ${name}`;
}

/** All of it in a line: 'height must lie between 0.8 and 2.3 m; name is empty'. */
export const inALine = (fields: readonly SaidField[]): string => fields.map(({ name, message }) => `${name} ${message}`).join('; ');

/** A length as the coach reads it: in centimetres, or in feet and inches. */
export const lengthText = (metres: number, units: LengthUnits, decimals = 0): string =>
  units === 'cm' ? `${(metres * 100).toFixed(decimals)} ${words.units.cm}` : formatLength(metres, units);

/** What a sport is called; one that people typed is as they typed it. */
export const sportName = (sport: string): string => words.sports[sport] ?? sport;

/** A variant of a grid in words; values that the coach typed are theirs. */
export const variantName = (values: Cell['values']): string =>
  Object.entries(values)
    .map(([axis, value]) => `${words.build.axisNames[axis as AxisName]}: ${words.build.axisValues[value] ?? value}`)
    .join(' · ');
