/** Rounds and breaks of published rules, by code. */
export const presets: { readonly formats: Readonly<Record<string, string>>; readonly breaks: Readonly<Record<string, string>> } = {
  formats: {
    'boxing-elite': 'boxing, elite',
    'boxing-championship': 'boxing, championship',
    'mixed-rules': 'mixed rules',
    'mixed-rules-title': 'mixed rules, title',
    kickboxing: 'kickboxing',
    taekwondo: 'taekwondo',
    'karate-seniors': 'karate, seniors',
    'fencing-direct-bout': 'fencing, direct bout',
    'fencing-pool': 'fencing, pool',
  },
  breaks: {
    'tennis-between-points': 'tennis, between points',
    'tennis-change-of-ends': 'tennis, change of ends',
    'tennis-between-sets': 'tennis, between sets',
    'badminton-at-eleven': 'badminton, at eleven',
    'badminton-between-games': 'badminton, between games',
  },
};
