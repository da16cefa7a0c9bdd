/** The few icons in use, drawn for us: each one path on 24 by 24, stroked. */
export const ICONS = {
  today:
    'M8 12a4 4 0 1 0 8 0a4 4 0 1 0 -8 0M12 3v2M12 19v2M3 12h2M19 12h2M5.600 5.600l1.400 1.400M17 17l1.400 1.400M5.600 18.400L7 17M17 7l1.400-1.400',
  people: 'M6 8a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M3 20c0-4 3-6 6-6s6 2 6 6M16 5.5a3 3 0 0 1 0 5M18 14.5c2 .8 3 2.700 3 5.500',
  stance: 'M4 20V9a3 3 0 0 1 6 0v11zM14 16V5a3 3 0 0 1 6 0v11z',
  steps: 'M4 19l5-5 3 3 8-9M15 8h5v5',
  build: 'M4 20h4v-5h4v-5h4V5h4M12 20h8',
  floor: 'M4 13a8 8 0 1 0 16 0a8 8 0 1 0 -16 0M12 9v4l3 2M9 2h6',
  faults: 'M4 20h16M7 20v-6M12 20V5M17 20v-9',
  film: 'M4 5h16v14H4zM8 5v14M16 5v14M4 10h4M4 14h4M16 10h4M16 14h4',
  more: 'M5 7h14M5 12h14M5 17h14',
  club: 'M4 20V9l8-5 8 5v11zM10 20v-6h4v6',
  play: 'M7 5l12 7-12 7z',
  pause: 'M7 5h3v14H7zM14 5h3v14h-3z',
  mirror: 'M12 3v18M8 8l-5 4 5 4zM16 8l5 4-5 4z',
  undo: 'M8 5L4 9l4 4M4 9h10a6 6 0 0 1 0 12h-3',
  redo: 'M16 5l4 4-4 4M20 9H10a6 6 0 0 0 0 12h3',
  back: 'M14 6l-6 6 6 6',
  on: 'M10 6l6 6-6 6',
  add: 'M12 5v14M5 12h14',
  search: 'M5 11a6 6 0 1 0 12 0a6 6 0 1 0 -12 0M20 20l-4.500-4.500',
} as const;
export type IconName = keyof typeof ICONS;
