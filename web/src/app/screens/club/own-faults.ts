import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  Injector,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { same } from '../../data/same';
import { TeachingStore } from '../../data/teaching';
import type { HoldsTyping } from '../../parts/holds-typing';
import { Sending, Sent } from '../../parts/sending';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { OwnFaultForm } from './own-fault-form';
import { allFaults, freshFault, oursOf, withFault } from './own-fault-rows';
import { Recount } from './recount';

/** The catalogue as the club has it: its own faults, other names, what is hidden and what counts as another. */
@Component({
  selector: 'hop-own-faults',
  imports: [Head, MatButton, OwnFaultForm, Recount, Sent],
  templateUrl: './own-faults.html',
  styleUrl: './own-faults.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:beforeunload)': 'unsaved() && $event.preventDefault()' },
})
export class OwnFaultsScreen implements HoldsTyping {
  private readonly club = inject(TeachingStore);
  private readonly injector = inject(Injector);
  private readonly one = viewChild<ElementRef<HTMLElement>>('one');
  protected readonly text = words.ownFaults;
  protected readonly common = words.common;
  protected readonly ready = this.club.ready;
  protected readonly sending = new Sending();
  protected readonly find = signal('');
  /** The code of the one that is open; '' is a new one, null none. */
  protected readonly open = signal<string | null>(null);
  /** What was typed and is not saved, by code. */
  private readonly typed = signal<ReadonlyMap<string, ClubFault>>(new Map());
  private readonly own = computed(() => this.club.teaching().faults);
  private readonly all = computed(() => allFaults(this.own()));
  protected readonly rows = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return this.all()
      .filter(({ label, says }) => `${label} ${says}`.toLowerCase().includes(asked))
      .map((fault) => ({ ...fault, stands: this.standsAs(fault) }));
  });
  protected readonly found = computed(() => this.text.found(this.rows().length, this.all().length));
  private readonly saved = computed(() => this.all().find(({ code }) => code === this.open()) ?? freshFault());
  protected readonly fault = computed(() => this.typed().get(this.open() ?? '') ?? this.saved());
  protected readonly isTyped = computed(() => this.typed().has(this.open() ?? ''));
  protected readonly isChanged = computed(() => oursOf(this.fault().code) !== null && this.own().some(({ code }) => code === this.open()));
  /** What runs are counted by: another than before where it is asked again how many stand otherwise. */
  protected readonly merges = computed(() =>
    this.own()
      .map(({ code, into }) => `${code} ${into}`)
      .join(),
  );

  constructor() {
    this.club.load();
  }

  unsaved(): boolean {
    return this.typed().size > 0;
  }

  protected choose(code: string): void {
    this.open.set(code);
    this.sending.said.set('');
    // On a phone it opens under the list.
    afterNextRender(() => this.one()?.nativeElement.scrollIntoView({ block: 'nearest' }), { injector: this.injector });
  }

  protected put(fault: ClubFault): void {
    const typed = new Map(this.typed());
    if (same(fault, this.saved())) typed.delete(fault.code);
    else typed.set(fault.code, fault);
    this.typed.set(typed);
  }

  protected drop(): void {
    const typed = new Map(this.typed());
    typed.delete(this.open() ?? '');
    this.typed.set(typed);
  }

  protected readonly save = once(() => this.send(this.fault()));
  protected readonly asOurs = once(async () => {
    const ours = oursOf(this.open() ?? '');
    if (ours) await this.send(ours);
  });

  private async send(fault: ClubFault): Promise<void> {
    const { code, faults } = withFault(this.own(), fault);
    await this.sending.send(async () => {
      const trouble = await this.club.save({ faults });
      if (trouble) return trouble;
      this.drop();
      this.open.set(code);
      return this.text.saved;
    });
  }

  private standsAs({ code, hidden, into }: ClubFault): string {
    const ours = oursOf(code) !== null;
    return [
      ...(ours ? [] : [this.text.own]),
      ...(into === null ? [] : [this.text.counted(faultLabel(into))]),
      ...(hidden ? [this.text.hidden] : []),
      ...(ours && !hidden && into === null && this.own().some((one) => one.code === code) ? [this.text.changed] : []),
      ...(this.typed().has(code) ? [this.text.typed] : []),
    ].join(' · ');
  }
}
