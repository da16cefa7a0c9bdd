import type { Player } from '../../parts/player';

/** Seconds that an arrow moves the playhead by. */
const STEP = 0.02;

/** What stands under the keys has keys of its own. */
const hasOwnKeys = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|BUTTON|A|SELECT|MAT-SELECT)$/.test(target.tagName));

/** The keys of the studio: Ctrl+S saves; where nothing is typed, space plays, arrows move the playhead, b goes to the next contact. */
export function studioKey(event: KeyboardEvent, player: Player, save: () => void, nextContact: () => void): void {
  const acts: Readonly<Record<string, () => void>> = {
    ' ': () => player.toggle(),
    ArrowRight: () => player.seek(player.t() + STEP),
    ArrowLeft: () => player.seek(player.t() - STEP),
    b: nextContact,
  };
  const act = event.key === 's' && (event.ctrlKey || event.metaKey) ? save : hasOwnKeys(event.target) ? undefined : acts[event.key];
  if (!act) return;
  // The browser would save the page, or turn it.
  if (event.key === 's' || event.key === ' ') event.preventDefault();
  act();
}
