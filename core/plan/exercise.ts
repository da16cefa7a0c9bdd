/** What a stage of a session is for, from slow and alone to fast and opposed. */
export const STAGE_KINDS = [
  'isolate',
  'beats',
  'combine',
  'whole',
  'other side',
  'other lead',
  'more steps',
  'tempo',
  'without and with',
  'called in order',
  'called',
  'fed',
  'partner',
  'pressure',
  'role',
  'free',
] as const;
export type StageKind = (typeof STAGE_KINDS)[number];

/** How an athlete knows when to begin. */
export const CUEINGS = ['self', 'beat', 'called in order', 'called', 'fed', 'partner', 'free'] as const;
export type Cueing = (typeof CUEINGS)[number];

export const IMPLEMENTS = ['without', 'with', 'alternating'] as const;
export type Implement = (typeof IMPLEMENTS)[number];

/** Who opens an occasion: the plan (drills on a beat), its calls, or the coach, ball by ball (fed, thrown, pointed work). */
export const OPENERS = ['plan', 'calls', 'coach'] as const;
export type Opener = (typeof OPENERS)[number];
