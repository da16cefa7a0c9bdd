import type { AthleteDraft, PatternDraft } from '../index.js';

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
  cautions: [],
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
