import { inOrder, type Correction, type RunEvent } from './event.js';

type CorrectionEvent = Extract<RunEvent, Correction>;
type Of<K extends CorrectionEvent['kind']> = Extract<CorrectionEvent, { kind: K }>;
type Said = Of<'move'> | Of<'assign'> | Of<'correct'>;
export const isCorrection = (event: RunEvent): event is CorrectionEvent => ['undo', 'move', 'assign', 'correct'].includes(event.kind);

/** What was said of events afterwards, looked up by the event it is said of. */
export class Corrections {
  private readonly undos: Of<'undo'>[] = [];
  private readonly others = new Map<string, Said[]>();
  /** Undos that stand, by what they take back; null until it is asked for. */
  private standing: ReadonlyMap<string, Of<'undo'>> | null = null;

  add(event: CorrectionEvent): void {
    if (event.kind === 'undo') {
      this.undos.push(event);
      this.standing = null;
    } else this.others.set(event.target, [...(this.others.get(event.target) ?? []), event].sort(inOrder));
  }

  /** The undo that took an event back, if one stands: later than the event, and not taken back itself. */
  undoOf(event: RunEvent): RunEvent | null {
    this.standing ??= standingOf(this.undos);
    const undo = this.standing.get(event.id);
    return undo !== undefined && inOrder(undo, event) > 0 ? undo : null;
  }

  /** By how many occasions an event was moved. */
  moved(event: RunEvent): number {
    return this.said(event).reduce((sum, one) => sum + (one.kind === 'move' ? one.by : 0), 0);
  }

  /** To whom an event was given last; null where it stayed. */
  givenTo(event: RunEvent): string | null {
    return this.said(event).reduce<string | null>((to, one) => (one.kind === 'assign' ? one.athlete : to), null);
  }

  /** What a fault was in truth, as it was said last; null where it stayed. */
  corrected(event: RunEvent): Pick<Of<'correct'>, 'fault' | 'side'> | null {
    return this.said(event).reduce<Of<'correct'> | null>((to, one) => (one.kind === 'correct' ? one : to), null);
  }

  /** All that was said of an event afterwards, in order: what was taken back since too, and the taking back. */
  of(event: RunEvent): CorrectionEvent[] {
    const others = this.others.get(event.id) ?? [];
    const ids = new Set([event.id, ...others.map(({ id }) => id)]);
    let undos: Of<'undo'>[] = [];
    // A taking back may itself be taken back.
    for (let before = -1; before < undos.length;) {
      before = undos.length;
      undos = this.undos.filter(({ target }) => ids.has(target));
      for (const { id } of undos) ids.add(id);
    }
    return [...others, ...undos].sort(inOrder);
  }

  private said(event: RunEvent): readonly Said[] {
    return (this.others.get(event.id) ?? []).filter((one) => inOrder(one, event) > 0 && this.undoOf(one) === null);
  }
}

/** From the last undo to the first: when one is reached, what could take it back was reached before. */
function standingOf(undos: readonly Of<'undo'>[]): ReadonlyMap<string, Of<'undo'>> {
  const standing = new Map<string, Of<'undo'>>();
  for (const undo of [...undos].sort(inOrder).reverse()) {
    const back = standing.get(undo.id);
    if (back !== undefined && inOrder(back, undo) > 0) continue;
    if (!standing.has(undo.target)) standing.set(undo.target, undo);
  }
  return standing;
}
