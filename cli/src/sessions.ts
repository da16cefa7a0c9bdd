import { namedAlternatives } from '@hopsk/core/plan/calls/named';
import { parse } from '@hopsk/core/language/parse';
import { STAGE_KINDS, type StageKind } from '@hopsk/core/plan/exercise';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { CAUTION_PARTS, USUALLY_FORBIDS, type Caution } from '@hopsk/core/body/caution';
import { readPatternFile, type FiledPattern } from '@hopsk/core/language/pattern-file';
import { buildUp, CHAINS } from '@hopsk/core/plan/build/build-up';
import { stageInWords } from '@hopsk/core/plan/build/built';
import { AXES, gridOf, spread, unreadable, USUAL_VALUES, wrongDial, type Axis, type AxisName } from '@hopsk/core/plan/build/grid';
import { callable } from '@hopsk/core/plan/calls/callable';
import { alternative, USUAL_CALLS, type Calls } from '@hopsk/core/plan/calls/calls';
import { drawCalls } from '@hopsk/core/plan/calls/draw';
import { foreseen } from '@hopsk/core/plan/calls/foresee';
import { callableOf } from '@hopsk/core/plan/calls/plain';
import { clockText } from '@hopsk/core/plan/clock-text';
import { fitToTime } from '@hopsk/core/plan/session/fit-time';
import { planProblems } from '@hopsk/core/plan/session/problems';
import { seeStage } from '@hopsk/core/plan/session/seen';
import type { Session } from '@hopsk/core/plan/session/session';
import { writeSession } from '@hopsk/core/plan/session/session-file';
import { cueRows, timelineOf } from '@hopsk/core/plan/session/timeline';
import { sessionTotals } from '@hopsk/core/plan/session/totals';
import { handsText } from '@hopsk/core/view/hands-text';
import { bookInWords, buildWords } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { BadInput, performerOf, placingOf, type Options } from './options.js';
import { sessionOf } from './session-source.js';
import { columns } from './table.js';

/** Text for people, and the same as data. */
export interface Answer {
  readonly text: string;
  readonly data: unknown;
  readonly code: 0 | 1;
}

const oneOf = <T extends string>(said: string, known: readonly T[], option: string): T => {
  const found = known.find((one) => one === said.trim());
  if (found === undefined) throw new BadInput(`--${option} ‘${said.trim()}’ is none of: ${known.join(', ')}`);
  return found;
};

/** 'left knee': a part with its side, if any; it forbids what a caution of that part usually does. */
function cautionOf(said: string): Caution {
  const [, side = null, part = ''] = /^(?:(left|right)\s+)?(\S.*)$/.exec(said.trim()) ?? [];
  const known = oneOf(part, CAUTION_PARTS, 'cautions');
  return { part: known, side: side as Caution['side'], forbids: USUALLY_FORBIDS[known], landings: null, note: '' };
}

/** Stages from a pattern, as a session that `dose` reads. */
export function expand(pattern: FiledPattern, options: Options): Answer {
  const kinds: readonly StageKind[] = options.kinds?.split(',').map((kind) => oneOf(kind, STAGE_KINDS, 'kinds')) ?? STAGE_KINDS;
  const book = options.playbook === undefined ? null : PLAYBOOKS.find((one) => one.code === options.playbook);
  if (book === undefined) throw new BadInput(`--playbook is none of: ${PLAYBOOKS.map((one) => one.code).join(', ')}`);
  let made = 0;
  const { steps, school, hand, lead, shouldClose } = pattern;
  const settings = { change: options.change ?? null, water: null, rest: options.rest ?? null, setRest: options['set-rest'] ?? null };
  const { stages, leftOut } = buildUp(
    { steps, school, hand, lead, shouldClose, name: pattern.name || 'pattern', pattern: null },
    performerOf(options, pattern),
    {
      chain: oneOf(options.chain, CHAINS, 'chain'),
      kinds,
      opposed: options.opposed,
      playbook: book && bookInWords(book),
      settings,
      focus: [],
      cautions: options.cautions?.split(';').map(cautionOf) ?? [],
      otherLead: !options['no-other-lead'],
      child: options['under-16'],
      mastered: new Set(),
      own: [],
      newId: () => `stage-${++made}`,
    },
  );
  const session: Session = {
    stages: stages.map((one) => stageInWords(one, buildWords())),
    settings,
    minutes: options.minutes ?? null,
    area: pattern.area,
    equipment: null,
    seed: options.seed ?? 1,
  };
  const left = leftOut.map((one) => `# left out: ${say(words.plan.names, one.name)}. ${say(words.plan.leftOut, one)}`);
  return { text: [...left, writeSession(session)].join('\n'), data: { session, leftOut }, code: 0 };
}

/** 'count=1,2; exit=cut: cut right 30 cm | gallop: gallop back 40 cm; lead' */
function axesOf(said: string): Axis[] {
  return said.split(';').map((part) => {
    const [name = '', values] = part.split('=');
    const axis: AxisName = oneOf(name, AXES, 'axes');
    if (values === undefined) {
      const usual = USUAL_VALUES[axis];
      if (!usual) throw new BadInput(`--axes: ${axis} needs values, such as "${axis}=cut: cut right 30 cm | gallop: gallop back 40 cm"`);
      return { axis, values: usual };
    }
    const bare = !values.includes(':');
    const read: Axis = {
      axis,
      values: values.split(bare ? ',' : '|').map((value) => {
        const [title = '', ...steps] = value.split(':');
        return { name: title.trim(), steps: bare ? title.trim() : steps.join(':').trim() };
      }),
    };
    const wrong = wrongDial(read);
    if (wrong !== null)
      throw new BadInput(
        `--axes: ${axis} takes numbers, such as ${(USUAL_VALUES[axis] ?? []).map(({ name: one }) => one).join(',')}; ‘${wrong}’ is none it can take`,
      );
    return read;
  });
}

/** Variants of a pattern over axes, spread over sessions. */
export function grid(pattern: FiledPattern, options: Options): Answer {
  if (options.axes === undefined) throw new BadInput('grid needs --axes, such as "lead; count=1,2,3"');
  const axes = axesOf(options.axes);
  const made = gridOf(pattern, axes);
  if (made.tooMany !== null) throw new BadInput(`--axes make ${made.tooMany} variants; 2000 are the most.`);
  const bad = unreadable(made)[0];
  if (bad) throw new BadInput(`${bad.key}: ${say(words.notation, bad.why)}`);
  const skill = options.skill === undefined ? (axes[0]?.axis ?? 'count') : oneOf(options.skill, AXES, 'skill');
  const rounds = spread(made.cells, skill, options['a-round'], options.sessions);
  const sentence = words.build.variants(made.cells.length, options.each);
  const lines = rounds.flatMap((round) => [
    `session ${round.session}, round ${round.round}`,
    ...round.cells.map((cell) => `  ${cell.key}: ${cell.steps}`),
  ]);
  return { text: [sentence, ...lines].join('\n'), data: { sentence, cells: made.cells, rounds }, code: 0 };
}

/** Totals, problems and the timeline of a session file; exit 1 where something stops it or is asked for. */
export function dose(source: { readonly name: string; readonly text: string }, options: Options): Answer {
  const read = sessionOf(source);
  if (read.stages.length === 0) throw new BadInput(`${source.name} holds no stage.`);
  const session = { ...read, minutes: options.minutes ?? read.minutes };
  const by = {
    performer: (stage: Session['stages'][number]) => performerOf(options, stage),
    text: (_: unknown, steps: string): string => steps,
    athletes: options.athletes,
  };
  const seen = session.stages.map((stage) => seeStage(stage, session, by));
  const totals = sessionTotals(seen, session);
  const problems = planProblems(seen, totals, session);
  const timeline = timelineOf(seen, session, words.plan.spoken);
  if (options.csv) return { text: Papa.unparse(cueRows(timeline, session.stages)), data: cueRows(timeline, session.stages), code: 0 };
  const fitted = session.minutes === null ? null : fitToTime(seen, session, session.minutes * 60);
  const { all } = totals;
  const table = columns([
    ...seen.map(({ stage }, i) => [stage.name, `${clockText(totals.stages[i]?.total ?? 0)}  ${stage.dose}`] as const),
    ['', ''],
    [
      'total',
      `${totals.atLeast ? 'at least ' : ''}${clockText(all.total)}${totals.most.total > all.total + 1 ? ` to ${clockText(totals.most.total)}` : ''}`,
    ],
    ['work, rest, change, explaining, water', [all.work, all.rest, all.change, all.explain, all.water].map(clockText).join(', ')],
    ['repetitions', `${all.reps} (as written ${all.ways[0]}, other ${all.ways[1]})`],
    ['contacts', `left ${Math.round(all.contacts.left)}, right ${Math.round(all.contacts.right)}`],
    ['lunges', `left ${Math.round(all.lunges.left)}, right ${Math.round(all.lunges.right)}`],
    ['splits', String(Math.round(all.splits))],
    ['hand words', handsText(all.hands) || 'none'],
    ...problems.map(
      (one) =>
        [one.level, `${one.stage === null ? 'session' : (seen[one.stage]?.stage.name ?? '')}: ${say(words.plan.problems, one)}`] as const,
    ),
    ...(fitted?.stages ?? []).map(
      (one) =>
        [
          'fitted',
          `${one.name}: ${one.kept ? one.dose : 'left out'}${one.why === null ? '' : ` (${say(words.plan.fitWhy, one.why)})`}`,
        ] as const,
    ),
  ]);
  const open = problems.some((one) => one.level === 'stop' || one.level === 'asks');
  const data = {
    totals,
    problems,
    fitted,
    // The keys of the file are promised in docs/cli.md, whatever the words of the program become.
    timeline: {
      total: timeline.total,
      atLeast: timeline.atLeast,
      blocks: timeline.stretches.map(({ exercise: stage, ...stretch }) => ({ stage, ...stretch })),
      cues: timeline.cues.map(({ exercise: stage, ...cue }) => ({ stage, ...cue })),
    },
  };
  return { text: table, data, code: open ? 1 : 0 };
}

/** Fair calls: the patterns of a file are what can be called, or names alone. */
export function calls(source: { readonly name: string; readonly text: string } | null, options: Options): Answer {
  const names = options.alternatives?.split(',').map((name) => name.trim());
  const file = source ? readPatternFile(source.text) : { patterns: [], errors: [] };
  const [wrong] = file.errors;
  if (wrong && source) throw new BadInput(`${source.name}:${wrong.line}: ${say(words.files, wrong)}`);
  const [only, ...others] = file.patterns;
  const called = only && others.length === 0 ? namedAlternatives(parse(only.steps)) : [];
  const known = names
    ? names.map((name) => ({ name, steps: '', filed: null }))
    : only && called.length > 0
      ? called.map(({ name, steps }) => ({ name, steps, filed: only }))
      : file.patterns.map((filed) => ({ name: filed.name || 'call', steps: filed.steps, filed }));
  if (known.length === 0) throw new BadInput('calls needs --alternatives "left, right" or a file of patterns.');
  const weights = options.weights?.split(',').map(Number) ?? [];
  if (weights.length > 0 && weights.length !== known.length)
    throw new BadInput(`--weights has ${weights.length} numbers for ${known.length} alternatives.`);
  const settings: Calls = {
    ...USUAL_CALLS,
    longestRun: options['longest-run'],
    reaction: options.reaction,
    interval: options.interval ?? null,
    alternatives: known.map(({ name, steps }, i) => alternative(name, steps, { weight: weights[i] ?? 1 })),
  };
  const callables = known.map(({ filed }, i) => {
    const one = settings.alternatives[i] as Calls['alternatives'][number];
    return filed ? callable(one, performerOf(options, filed)) : callableOf(one);
  });
  const placing = placingOf(options, '');
  const list = drawCalls(callables, settings, { seed: options.seed ?? 1, number: options.number, placing });
  const seen = foreseen(settings);
  const rows = list.calls.map((call) => [call.at.toFixed(1), settings.alternatives[call.which]?.name ?? ''] as const);
  const text = columns([
    ...rows,
    ['', ''],
    ['counts', list.counts.map((n, i) => `${settings.alternatives[i]?.name ?? ''} ${n}`).join(', ')],
    ['longest run', String(list.longestRun)],
    ['best guess', `${Math.round(seen.best * 100)} % (least these settings allow: ${Math.round(seen.least * 100)} %)`],
    ...list.problems.map((problem) => [problem.code, say(words.plan.calls, problem)] as const),
  ]);
  return {
    text,
    data: { ...list, names: settings.alternatives.map((one) => one.name), foreseen: seen },
    code: list.problems.length > 0 ? 1 : 0,
  };
}
