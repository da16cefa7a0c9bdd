import type { School } from '../body/school.js';
import type { SchoolChoices } from './schools.js';

/** What is held in a sport where nobody chose (common practice, no source). */
const BY_SPORT: Readonly<Record<string, SchoolChoices>> = {
  boxing: { 'retreats-on': 'on' },
  kickboxing: { 'retreats-on': 'on' },
  savate: { 'retreats-on': 'on' },
  taekwondo: { 'retreats-on': 'on' },
  'mixed rules': { 'retreats-on': 'on' },
  karate: { 'strike-window': 'front-foot' },
  fencing: { 'strike-window': 'hand-first' },
  'two-handed blade': { 'strike-window': 'together' },
  badminton: { 'no-approach': 'on', 'side-jump-unfinished': 'on' },
  squash: { 'no-approach': 'on' },
};

/** What is held in a stance whatever the sport: side on with a blade the hand goes before the foot (common practice, no source). */
const BY_STANCE: Readonly<Record<string, SchoolChoices>> = {
  'long-bladed': { 'strike-window': 'hand-first' },
  'bladed-guard': { 'strike-window': 'hand-first' },
  'two-handed-guard': { 'strike-window': 'together' },
};

/**
 * What is usual in a sport, and in a stance where the sport says nothing.
 * @example presetOf({ code: 'bladed-guard' })['strike-window'] // 'hand-first'
 */
export function presetOf({ code }: Pick<School, 'code'>, sport = ''): SchoolChoices {
  const named = sport.trim().toLowerCase();
  return { ...(Object.hasOwn(BY_STANCE, code) && BY_STANCE[code]), ...(Object.hasOwn(BY_SPORT, named) && BY_SPORT[named]) };
}
