/** Clips that are drawn by the engine itself, so that what is measured in them can be held to what was drawn; and how each is written. */
export const DRAWN = { 'drawn-30': 'webm', 'drawn-60': 'mp4', 'drawn-120': 'mp4', 'drawn-changing': 'mp4' } as const;
export type Drawn = keyof typeof DRAWN;
