import type { ClubFile } from '@hopsk/contract/club-file';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import { isUnder16, type AthleteSave } from '@hopsk/contract/people';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { buildUp, type BuildOptions } from '@hopsk/core/plan/build/build-up';
import { stageInWords } from '@hopsk/core/plan/build/built';
import type { SessionSettings } from '@hopsk/core/plan/session/session';
import { bookInWords, buildWords } from '@hopsk/words/naming';
import type { Chance } from './chance.js';

type Planned = ClubFile['sessions'][number];

interface Plan {
  readonly name: string;
  readonly pattern: string;
  readonly sport: string;
  readonly kinds: BuildOptions['kinds'];
  readonly chain: BuildOptions['chain'];
  readonly opposed: BuildOptions['opposed'];
  readonly playbook: string;
  readonly minutes: number;
  readonly settings: SessionSettings;
  readonly template?: true;
  readonly when?: { readonly day: string; readonly time: string };
}

const settled: SessionSettings = { change: 20, water: { every: 900, seconds: 60 }, rest: 20, setRest: 45 };

const PLANS: readonly Plan[] = [
  {
    name: 'Front corner, Tuesday',
    when: { day: '2026-11-24', time: '18:30' },
    pattern: 'Front corner and home',
    sport: 'squash',
    kinds: ['isolate', 'whole', 'other side', 'called', 'fed', 'role'],
    chain: 'backward',
    opposed: 'fed',
    playbook: 'squash',
    minutes: 40,
    settings: settled,
  },
  {
    name: 'In and out, three weeks on',
    when: { day: '2026-11-21', time: '18:30' },
    pattern: 'Two ahead, two back',
    sport: 'karate',
    kinds: ['isolate', 'beats', 'whole', 'other lead', 'more steps', 'called', 'partner', 'free'],
    chain: 'forward',
    opposed: 'partner',
    playbook: 'karate',
    minutes: 60,
    // Rest is hardly ever decided: here it is still asked for.
    settings: { change: null, water: null, rest: null, setRest: null },
  },
  {
    name: 'Split and go',
    pattern: 'Split and first step',
    sport: 'squash',
    kinds: ['isolate', 'beats', 'whole', 'called', 'pressure'],
    chain: 'forward',
    opposed: 'fed',
    playbook: '',
    minutes: 30,
    settings: settled,
    template: true,
  },
];

/** What the demo club has planned: built from its own patterns as a coach would, and left as built. */
export function sessionsOf(
  people: readonly { readonly athlete: AthleteSave }[],
  patterns: readonly PatternSave[],
  chance: Chance,
): Planned[] {
  return PLANS.map((plan): Planned => {
    const pattern = patterns.find((one) => one.name === plan.pattern);
    if (!pattern) throw new Error(`There is no pattern ${plan.pattern}`);
    const group = people.map(({ athlete }) => athlete).filter((one) => one.sport === plan.sport && one.school === pattern.school);
    const [first] = group;
    const { steps, school, hand, lead, shouldClose, name } = pattern;
    const source = { steps, school, hand, lead, shouldClose, name, pattern: { id: pattern.id, version: 1 } };
    const performer = {
      body: bodyOf(first ?? {}, first ? isUnder16(first.ageGroup) : false),
      school: schoolOf(school) ?? SCHOOLS[0],
      lead: lead === 'none' ? null : lead,
      playing: hand,
    };
    const built = buildUp(source, performer, {
      chain: plan.chain,
      kinds: plan.kinds,
      opposed: plan.opposed,
      playbook: PLAYBOOKS.map(bookInWords).find((book) => book.code === plan.playbook) ?? null,
      settings: plan.settings,
      focus: [],
      cautions: [],
      otherLead: true,
      child: false,
      mastered: new Set(),
      own: [],
      newId: () => chance.uuid(),
    });
    return {
      id: chance.uuid(),
      version: 0,
      name: plan.name,
      template: plan.template ?? false,
      stages: built.stages.map((one) => stageInWords(one, buildWords())),
      settings: plan.settings,
      minutes: plan.minutes,
      area: '',
      equipment: null,
      seed: 4180,
      ...(plan.when && { when: plan.when }),
      athletes: plan.template ? [] : group.slice(0, 4).map((one) => one.id),
      differences: [],
    };
  });
}
