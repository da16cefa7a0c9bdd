import type { Answer, Playbook, WayBack } from '../../plan/playbook.js';

/** A way back, and what the opponent does meanwhile. */
export const way = (name: string, steps: string, does?: string): WayBack => ({ name, steps, ...(does === undefined ? {} : { does }) });
export const answer = (technique: string, steps: string, ...back: readonly WayBack[]): Answer => ({ technique, steps, back });

/** What is done about something, and what the opponent does. */
export const when = (situation: string, does: string | null, ...answers: readonly Answer[]): Playbook['situations'][number] => ({
  situation,
  ...(does === null ? {} : { does }),
  answers,
});
