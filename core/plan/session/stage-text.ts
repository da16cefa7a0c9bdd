import { FAULT_UNITS, VIEWS } from '../../catalogue/fault.js';
import { NOTATION_LIMITS } from '../../language/limits.js';
import { linesOf, oneLine } from '../../language/one-line.js';
import type { SayFile } from '../../language/pattern-file.js';
import type { StageField, StageLineSaid } from '../../language/stage-fields.js';
import { alternative, CALL_LIMITS, USUAL_CALLS, type Alternative, type Calls } from '../calls/calls.js';
import { IMPLEMENTS, OPENERS, STAGE_KINDS } from '../exercise.js';
import { EVIDENCE } from './evidence-rule.js';
import { CONTACT_LEVELS, SESSION_PARTS, STAGE_LIMITS, type Stage } from './stage.js';

/** What a stage holds beside its line, its dose and how it is cued: as lines of a text, and back. */

type Said = Omit<StageLineSaid, 'line'>;
type Changed<T> = { -readonly [K in keyof T]: T[K] };

/** A line of steps in one line: remarks are left out. */
const steps = (text: string): string =>
  linesOf(text)
    .map((line) => (line.split('#', 1)[0] ?? '').trim())
    .filter((line) => line !== '')
    .join(', ');

const SIDES = ['left', 'right'] as const;
const NONE = 'none';

/**
 * A stage's fields, those that are as usual left out.
 * @example stageFields(stageOf('a', 'A', { steps: 'split', school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true })).map(({ field }) => field) // ['watch', 'view', 'counted', 'cue']
 */
export function stageFields(stage: Stage): Said[] {
  const said: Said[] = [];
  const add = (field: StageField, value: string | number): void => void said.push({ field, value: oneLine(String(value)).trim() });
  const unless = <T extends string | number>(field: StageField, value: T, usual: T): void => {
    if (value !== usual) add(field, value);
  };
  unless('kind', stage.kind, 'whole');
  unless('part', stage.part, 'main');
  if (stage.opens !== undefined) add('opens', stage.opens);
  unless('implement', stage.implement, 'without');
  unless('tempo', stage.tempo, 1);
  // What is looked for is worked out where it is not said.
  add('watch', stage.watch.length === 0 ? NONE : stage.watch.join(', '));
  add('view', stage.view);
  add('counted', stage.unit);
  for (const cue of stage.cues.length === 0 ? [NONE] : stage.cues) add('cue', cue);
  for (const caution of stage.cautions) add('caution', caution);
  unless('theme', stage.theme, '');
  unless('priority', stage.priority, 2);
  const { next, back, attempts, sessions } = stage.evidence;
  unless('on at', percent(next), percent(EVIDENCE.next));
  unless('back at', percent(back), percent(EVIDENCE.back));
  unless('attempts', attempts, EVIDENCE.attempts);
  unless('evenings', sessions, EVIDENCE.sessions);
  if (stage.partner) {
    const { partner } = stage;
    add('partner', partner.what);
    unless('partner steps', steps(partner.steps), '');
    if (partner.lead !== undefined) add('partner leads', partner.lead);
    unless('partner when', partner.when, '');
    unless('partner re-aims', partner.reAim, '');
    if (partner.coming) add('partner coming', 'yes');
    unless('partner kit', partner.kit, '');
    add('contact', partner.contact);
  }
  if (stage.calls) callFields(stage.calls, add);
  for (const station of stage.stations) {
    add('station', station.name);
    unless('station steps', steps(station.steps), '');
  }
  return said;
}

const percent = (share: number): string => `${Number((share * 100).toPrecision(6))} %`;

function callFields(calls: Calls, add: (field: StageField, value: string | number) => void): void {
  add('calls order', calls.order);
  add('calls running', calls.longestRun);
  if (calls.interval) add('calls every', `${calls.interval.low}–${calls.interval.high} s`);
  add('calls reaction', `${calls.reaction} s`);
  if (calls.weakSide) add('calls weak', `${calls.weakSide.side} × ${calls.weakSide.factor}`);
  if (calls.freezes > 0) add('calls freeze', percent(calls.freezes));
  for (const one of calls.alternatives) {
    add('call', one.name);
    if (one.steps.trim() !== '') add('call steps', steps(one.steps));
    if (one.weight !== 1) add('call weight', one.weight);
    if (one.side !== null) add('call side', one.side);
    if (one.kind !== 'move') add('call as', one.kind);
    if (one.expects !== '') add('call expects', one.expects);
  }
}

/** Reads fields into what a stage holds; what is no value of its field is named by its line, and left as usual. */
export function stageOfFields(fields: readonly StageLineSaid[], say: SayFile): Partial<Stage> {
  const reader = new FieldReader(say);
  for (const one of fields) reader.take(one);
  return reader.stage();
}

class FieldReader {
  private readonly stage_: Partial<Changed<Stage>> = {};
  private readonly lists: Partial<Record<'cue' | 'caution', string[]>> = {};
  private evidence: Changed<Stage['evidence']> | null = null;
  private partner: Changed<NonNullable<Stage['partner']>> | null = null;
  private calls: (Changed<Omit<Calls, 'alternatives'>> & { alternatives: Changed<Alternative>[] }) | null = null;
  private readonly stations: Changed<Stage['stations'][number]>[] = [];

  constructor(private readonly say: SayFile) {}

  stage(): Partial<Stage> {
    const { cue, caution } = this.lists;
    const without = (list: readonly string[]): string[] => (list.length === 1 && list[0] === NONE ? [] : [...list]);
    return {
      ...this.stage_,
      ...(cue && { cues: without(cue) }),
      ...(caution && { cautions: caution }),
      ...(this.evidence && { evidence: this.evidence }),
      ...(this.partner && { partner: this.partner }),
      ...(this.calls && { calls: this.calls }),
      ...(this.stations.length > 0 && { stations: this.stations }),
    };
  }

  take(one: StageLineSaid): void {
    this.fields[one.field](one);
  }

  private readonly fields: Readonly<Record<StageField, (one: StageLineSaid) => void>> = {
    kind: (one) => this.choose(one, STAGE_KINDS, (kind) => (this.stage_.kind = kind)),
    part: (one) => this.choose(one, SESSION_PARTS, (part) => (this.stage_.part = part)),
    opens: (one) => this.choose(one, OPENERS, (opens) => (this.stage_.opens = opens)),
    implement: (one) => this.choose(one, IMPLEMENTS, (implement) => (this.stage_.implement = implement)),
    tempo: (one) => this.number(one, 0.25, 4, (tempo) => (this.stage_.tempo = tempo)),
    watch: (one) => {
      const codes = one.value.split(',').map((code) => code.trim().toLowerCase());
      const known = codes.filter((code) => /^[a-z0-9-]{1,40}$/.test(code) && code !== NONE);
      if (known.length > STAGE_LIMITS.watch) this.many(one, STAGE_LIMITS.watch);
      this.stage_.watch = known.slice(0, STAGE_LIMITS.watch);
    },
    view: (one) => this.choose(one, VIEWS, (view) => (this.stage_.view = view)),
    counted: (one) => this.choose(one, FAULT_UNITS, (unit) => (this.stage_.unit = unit)),
    cue: (one) => this.list(one, 'cue', STAGE_LIMITS.cues),
    caution: (one) => this.list(one, 'caution', STAGE_LIMITS.cautions),
    theme: ({ value }) => (this.stage_.theme = value),
    priority: (one) => this.number(one, 1, 3, (n) => (this.stage_.priority = Math.round(n) as Stage['priority'])),
    'on at': (one) => this.number(one, 50, 100, (n) => (this.held().next = n / 100)),
    'back at': (one) => this.number(one, 0, 100, (n) => (this.held().back = n / 100)),
    attempts: (one) => this.number(one, 1, 500, (n) => (this.held().attempts = Math.round(n))),
    evenings: (one) => this.number(one, 1, 10, (n) => (this.held().sessions = Math.round(n))),
    partner: ({ value }) => (this.with().what = value),
    'partner steps': ({ value }) => (this.with().steps = this.line(value)),
    'partner leads': (one) => this.choose(one, SIDES, (lead) => (this.with().lead = lead)),
    'partner when': ({ value }) => (this.with().when = value),
    'partner re-aims': ({ value }) => (this.with().reAim = value),
    'partner coming': (one) => this.choose(one, ['yes', 'no'] as const, (said) => (this.with().coming = said === 'yes')),
    'partner kit': ({ value }) => (this.with().kit = value),
    contact: (one) => this.choose(one, CONTACT_LEVELS, (contact) => (this.with().contact = contact)),
    call: (one) => {
      const { alternatives } = this.called();
      if (alternatives.length < CALL_LIMITS.alternatives) alternatives.push({ ...alternative(one.value, '') });
      else this.many(one, CALL_LIMITS.alternatives);
    },
    'call steps': (one) => this.call(one, (call) => (call.steps = this.line(one.value))),
    'call weight': (one) => this.number(one, 0, CALL_LIMITS.weight, (weight) => this.call(one, (call) => (call.weight = weight))),
    'call side': (one) => this.choose(one, SIDES, (side) => this.call(one, (call) => (call.side = side))),
    'call as': (one) => this.choose(one, ['move', 'feint', 'stay'] as const, (kind) => this.call(one, (call) => (call.kind = kind))),
    'call expects': (one) => this.call(one, (call) => (call.expects = one.value)),
    'calls order': (one) => this.choose(one, ['random', 'known'] as const, (order) => (this.called().order = order)),
    'calls running': (one) => this.number(one, 1, CALL_LIMITS.run, (n) => (this.called().longestRun = Math.round(n))),
    'calls every': (one) => {
      const [low = NaN, high = low] = numbersIn(one.value);
      if (low >= SHORTEST && high >= low && high <= CALL_LIMITS.interval) this.called().interval = { low, high };
      else this.wrong(one, `${SHORTEST}–${CALL_LIMITS.interval} s`);
    },
    'calls reaction': (one) => this.number(one, 0, 5, (n) => (this.called().reaction = n)),
    'calls weak': (one) => {
      const [, side, said] = /^(left|right)\s*[×x]\s*([\d.]+)$/i.exec(one.value) ?? [];
      const factor = Number(said);
      if (side && factor >= 1 && factor <= CALL_LIMITS.factor)
        this.called().weakSide = { side: side.toLowerCase() as 'left' | 'right', factor };
      else this.wrong(one, 'left × 2');
    },
    'calls freeze': (one) => this.number(one, 0, 100, (n) => (this.called().freezes = n / 100)),
    station: (one) => {
      if (this.stations.length < STAGE_LIMITS.stations) this.stations.push({ name: one.value, steps: '' });
      else this.many(one, STAGE_LIMITS.stations);
    },
    'station steps': (one) => {
      const station = this.stations.at(-1);
      if (station) station.steps = this.line(one.value);
      else this.wrong(one, 'station: …');
    },
  };

  private choose<T extends string>(one: StageLineSaid, known: readonly T[], set: (value: T) => void): void {
    const found = known.find((value) => value === one.value.toLowerCase());
    if (found === undefined) this.wrong(one, known.join(', '));
    else set(found);
  }

  private number(one: StageLineSaid, low: number, high: number, set: (n: number) => void): void {
    const n = numbersIn(one.value)[0] ?? NaN;
    if (n >= low && n <= high) set(n);
    else this.wrong(one, `${low}–${high}`);
  }

  private list(one: StageLineSaid, which: 'cue' | 'caution', most: number): void {
    const list = (this.lists[which] ??= []);
    if (list.length >= most) this.many(one, most);
    else if (one.value !== '') list.push(one.value);
  }

  private call(one: StageLineSaid, set: (call: Changed<Alternative>) => void): void {
    const call = this.calls?.alternatives.at(-1);
    if (call) set(call);
    else this.wrong(one, 'call: …');
  }

  private line = (value: string): string => value.slice(0, NOTATION_LIMITS.characters);
  private held = (): Changed<Stage['evidence']> => (this.evidence ??= { ...EVIDENCE });
  private with = (): Changed<NonNullable<Stage['partner']>> =>
    (this.partner ??= { steps: '', what: '', when: '', reAim: '', coming: false, kit: '', contact: 'none' });
  private called = (): NonNullable<FieldReader['calls']> => (this.calls ??= { ...USUAL_CALLS, alternatives: [] });

  private wrong({ line, field, value }: StageLineSaid, wanted: string): void {
    this.say(line, 'stage-field', { field, said: value, wanted });
  }
  private many({ line, field }: StageLineSaid, most: number): void {
    this.say(line, 'stage-many', { field, most });
  }
}

/** Shortest interval from call to call that a file may ask for, seconds. */
const SHORTEST = 0.2;

/** The numbers that stand in a value, whatever their unit. */
const numbersIn = (value: string): number[] => [...value.matchAll(/\d+(?:\.\d+)?/g)].map(([said]) => Number(said));
