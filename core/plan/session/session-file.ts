import { bodyOf } from '../../body/body.js';
import { schoolOf, SCHOOLS } from '../../body/school.js';
import { readWith } from '../../judge/study.js';
import { secondsOf } from '../../language/dose-words.js';
import type { FileMessages } from '../../language/messages.js';
import { fileErrors, readPatternFile, writePatternFile, type FileError } from '../../language/pattern-file.js';
import { simulate } from '../../motion/simulate.js';
import type { BuildWords } from '../build/built.js';
import { watchList } from '../build/watch-list.js';
import { OPEN_SETTINGS, type Session, type SessionSettings } from './session.js';
import { CUEINGS, stageOf, type Cueing } from './stage.js';

/** A session as a text: patterns with doses, and before the first of them what holds for the evening. */
export interface ReadSession {
  readonly session: Session;
  readonly errors: readonly FileError[];
}

const SETTING = /^(change|water|rest|set rest|minutes|floor|equipment|seed):\s*(.*?)\s*$/i;
const WATER = /^(.+?)\s+every\s+(.+)$/i;

/**
 * Reads a session: 'change: 20 s', 'water: 60 s every 15 min', 'minutes: 40', 'floor: squash' before the first '== name'; then
 * patterns, each with its 'dose: …', and if wanted 'cued: …' and 'explain: 30 s'. What cannot be read is named by its line.
 * @param words of the one who reads: the cue of the fault that is watched first becomes the stage's own.
 */
export function readSession(text: string, { cue }: Pick<BuildWords, 'cue'>): ReadSession {
  const errors: FileError[] = [];
  const say = fileErrors(errors);
  let settings: SessionSettings = OPEN_SETTINGS;
  let session: Omit<Session, 'stages' | 'settings'> = { minutes: null, area: '', equipment: null, seed: 1 };
  let head = true;
  const rest = text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .map((content, i) => {
      if (content.startsWith('==')) head = false;
      const found = head ? SETTING.exec(content) : null;
      if (!found) return content;
      const [, name = '', value = ''] = found;
      const seconds = secondsOf(value)?.low ?? null;
      const number = /^\d+$/.test(value) ? Number(value) : null;
      const wrong = (wanted: FileMessages['setting']['wanted']): void => say(i + 1, 'setting', { said: value, wanted });
      switch (name.toLowerCase()) {
        case 'change':
          if (seconds === null) wrong('time');
          settings = { ...settings, change: seconds };
          break;
        case 'rest':
          if (seconds === null) wrong('time');
          settings = { ...settings, rest: seconds };
          break;
        case 'set rest':
          if (seconds === null) wrong('time');
          settings = { ...settings, setRest: seconds };
          break;
        case 'water': {
          const parts = WATER.exec(value);
          const [pause, every] = [secondsOf(parts?.[1] ?? '')?.low, secondsOf(parts?.[2] ?? '')?.low];
          if (pause === undefined || every === undefined) wrong('water');
          else settings = { ...settings, water: { seconds: pause, every } };
          break;
        }
        case 'minutes':
          if (number === null) wrong('minutes');
          session = { ...session, minutes: number };
          break;
        case 'equipment':
          if (number === null) wrong('number');
          session = { ...session, equipment: number };
          break;
        case 'seed':
          if (number === null) wrong('number');
          else session = { ...session, seed: number };
          break;
        default:
          session = { ...session, area: value };
      }
      // Lines keep their numbers for what is said of the others.
      return '#';
    })
    .join('\n');
  const { patterns, errors: more } = readPatternFile(rest);
  const stages = patterns.map((filed, i) => {
    const cueing = (CUEINGS as readonly string[]).includes(filed.cued) ? (filed.cued as Cueing) : 'self';
    if (filed.cued !== '' && cueing !== filed.cued) say(filed.line, 'cued', { said: filed.cued, known: CUEINGS });
    const school = schoolOf(filed.school) ?? SCHOOLS[0];
    const performer = { body: bodyOf({}), school, lead: filed.lead === 'none' ? null : filed.lead, playing: filed.hand };
    const simulation = simulate(readWith(filed.steps), performer);
    const seen = watchList({ simulation, cueing, staggered: school.staggered });
    const { steps, hand, lead, shouldClose } = filed;
    const line = { steps, school: filed.school, hand, lead, shouldClose };
    const cues = seen.watch.slice(0, 1).map(cue);
    return stageOf(`stage-${i + 1}`, filed.name || `stage ${i + 1}`, line, {
      dose: filed.dose,
      explain: filed.explain,
      cueing,
      ...seen,
      cues,
    });
  });
  return { session: { ...session, settings, stages }, errors: [...errors, ...more].sort((a, b) => a.line - b.line) };
}

/** Writes a session as text: what the text cannot say (calls, partners, watch lists) is in the JSON file. */
export function writeSession({ stages, settings, minutes, area, equipment, seed }: Session): string {
  const { change, water, rest, setRest } = settings;
  const head = [
    ...(change === null ? [] : [`change: ${change} s`]),
    ...(water ? [`water: ${water.seconds} s every ${water.every} s`] : []),
    ...(rest === null ? [] : [`rest: ${rest} s`]),
    ...(setRest === null ? [] : [`set rest: ${setRest} s`]),
    ...(minutes === null ? [] : [`minutes: ${minutes}`]),
    ...(area === '' ? [] : [`floor: ${area}`]),
    ...(equipment === null ? [] : [`equipment: ${equipment}`]),
    `seed: ${seed}`,
  ];
  const patterns = stages.map((stage) => ({ ...stage, sport: '', area: '', tags: [], cued: stage.cueing }));
  return `${head.join('\n')}\n\n${writePatternFile(patterns)}`;
}
