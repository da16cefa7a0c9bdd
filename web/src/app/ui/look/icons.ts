const icon = (paths: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${paths}</svg>`;

/** The few icons in use, drawn for us. */
export const ICONS: Readonly<Record<string, string>> = {
  today: icon(
    '<circle cx="12" cy="12" r="4"/><path d="M12 3v2M12 19v2M3 12h2M19 12h2M5.600 5.600l1.400 1.400M17 17l1.400 1.400M5.600 18.400L7 17M17 7l1.400-1.400"/>',
  ),
  people: icon(
    '<circle cx="9" cy="8" r="3"/><path d="M3 20c0-4 3-6 6-6s6 2 6 6"/><path d="M16 5.5a3 3 0 0 1 0 5M18 14.5c2 .8 3 2.700 3 5.500"/>',
  ),
  stance: icon('<path d="M4 20V9a3 3 0 0 1 6 0v11zM14 16V5a3 3 0 0 1 6 0v11z"/>'),
  steps: icon('<path d="M4 19l5-5 3 3 8-9"/><path d="M15 8h5v5"/>'),
  build: icon('<path d="M4 20h4v-5h4v-5h4V5h4"/><path d="M12 20h8"/>'),
  floor: icon('<circle cx="12" cy="13" r="8"/><path d="M12 9v4l3 2M9 2h6"/>'),
  faults: icon('<path d="M4 20h16M7 20v-6M12 20V5M17 20v-9"/>'),
  more: icon('<path d="M5 7h14M5 12h14M5 17h14"/>'),
  club: icon('<path d="M4 20V9l8-5 8 5v11zM10 20v-6h4v6"/>'),
  play: icon('<path d="M7 5l12 7-12 7z" fill="currentColor"/>'),
  pause: icon('<path d="M8 5v14M16 5v14" stroke-width="4"/>'),
  mirror: icon('<path d="M12 3v18M8 8l-5 4 5 4zM16 8l5 4-5 4z"/>'),
  undo: icon('<path d="M8 5L4 9l4 4"/><path d="M4 9h10a6 6 0 0 1 0 12h-3"/>'),
  redo: icon('<path d="M16 5l4 4-4 4"/><path d="M20 9H10a6 6 0 0 0 0 12h3"/>'),
  back: icon('<path d="M14 6l-6 6 6 6"/>'),
  on: icon('<path d="M10 6l6 6-6 6"/>'),
  add: icon('<path d="M12 5v14M5 12h14"/>'),
  search: icon('<circle cx="11" cy="11" r="6"/><path d="M20 20l-4.500-4.500"/>'),
};
