import type { PatternDraft } from '../pattern-draft.js';
import type { AthleteDraft } from '../people.js';
import type { RunHead } from '../run.js';
import type { SessionDraft } from '../session-draft.js';

/** Records for specs; each changes what it is about. */
export const sampleAthlete: AthleteDraft = {
  name: 'Ada',
  hand: 'right',
  lead: 'none',
  otherLead: 'none',
  height: 1.7,
  hip: null,
  shoulder: null,
  leg: null,
  foot: null,
  sport: 'squash',
  school: 'square-ready',
  stance: null,
  schools: {},
  level: 'beginner',
  ageGroup: 'adult',
  agreed: null,
  cautions: [],
  tempo: {},
  bias: [],
  focus: ['split-late'],
};

export const samplePattern: PatternDraft = {
  name: 'Split',
  steps: 'split',
  sport: 'squash',
  school: 'square-ready',
  hand: 'right',
  lead: 'none',
  shouldClose: true,
  dose: null,
  tags: [],
  area: '',
  schools: {},
};

/** An evening of one stage. */
export const sampleSession: SessionDraft = {
  name: 'Evening',
  template: false,
  stages: [
    {
      id: '5f0c6b52-7d0e-4a6e-9a53-6b1de0f6a001',
      name: 'Split alone',
      kind: 'isolate',
      part: 'main',
      pattern: null,
      steps: 'split',
      school: 'square-ready',
      hand: 'right',
      lead: 'none',
      shouldClose: true,
      cueing: 'self',
      implement: 'without',
      tempo: 1,
      dose: '3 × 30 s, rest 20 s',
      explain: 20,
      watch: ['split-late'],
      view: 'side',
      cues: ['land as it is hit'],
      unit: 'split',
      evidence: { next: 0.9, back: 0.7, attempts: 20, sessions: 2 },
      cautions: [],
      partner: null,
      calls: null,
      stations: [],
      theme: '',
      priority: 2,
    },
  ],
  settings: { change: 20, water: null, rest: 20, setRest: 45 },
  minutes: 30,
  area: '',
  equipment: null,
  seed: 1,
  athletes: [],
  differences: [],
};

/** Two rounds without a pattern. */
export const sampleRun: RunHead = {
  id: '5f0c6b52-7d0e-4a6e-9a53-6b1de0f6a002',
  name: 'Evening',
  day: '2026-11-20',
  startedAt: '2026-11-20T18:00:00.000Z',
  patternId: null,
  sessionId: null,
  steps: null,
  plan: { dose: { mode: 'seconds', work: 20, rounds: 2, sets: 1, rest: 10, setRest: null }, rep: null },
  athletes: ['5f0c6b52-7d0e-4a6e-9a53-6b1de0f6a003'],
  tapDelay: 1,
};
