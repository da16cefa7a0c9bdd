import type { FaultEntry } from '../catalogue/fault.js';
import { madeFault, type Made } from '../catalogue/made.js';
import { inOrder, type RunEvent } from './event.js';

type NamedEvent = Extract<RunEvent, { kind: 'named' }>;

/** The faults that a run counts by: what it began with, and what was made while it was on. */
export class NamedFaults {
  private readonly all: NamedEvent[] = [];
  /** What is called by codes that the run did not begin with, each by whoever called it first. */
  made: readonly Made[] = [];
  catalogue: ReadonlyMap<string, FaultEntry>;

  /** @param first the fault's unit and viewpoint by code, as the run began. */
  constructor(private readonly first: ReadonlyMap<string, FaultEntry>) {
    this.catalogue = first;
  }

  /** Takes one in, whichever came before; says whether the run counts by another catalogue now. */
  add(event: NamedEvent): boolean {
    this.all.push(event);
    this.all.sort(inOrder);
    const made = new Map<string, Made>();
    for (const { code, label, per } of this.all) if (!this.first.has(code) && !made.has(code)) made.set(code, { code, label, per });
    const asBefore = ({ code, label, per }: Made): boolean =>
      this.made.some((one) => one.code === code && one.label === label && one.per === per);
    if (made.size === this.made.length && [...made.values()].every(asBefore)) return false;
    this.made = [...made.values()];
    this.catalogue = new Map([...this.first, ...this.made.map((one) => [one.code, madeFault(one)] as const)]);
    return true;
  }
}
