/** Where a line leads, as coaches name it; 'place': it stays. */
export const DIRECTIONS = ['place', 'ahead', 'ahead right', 'right', 'back right', 'back', 'back left', 'left', 'ahead left'] as const;
export type Direction = (typeof DIRECTIONS)[number];
