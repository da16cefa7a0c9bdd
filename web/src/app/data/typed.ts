import { computed, DestroyRef, effect, inject, signal, untracked, type Signal } from '@angular/core';
import { fieldsOf } from '@hopsk/contract';
import { saidFields, type SaidField } from '@hopsk/words/naming';
import { Store } from '@ngrx/store';
import type * as z from 'zod';
import { DeviceStore } from './device-store';
import { recordActions, recordsFeature, type Kind, type Row, type Saving } from './records';

/** What a screen says of the record that is typed in it. */
export interface TypedOf<D> {
  readonly kind: Kind;
  readonly id: Signal<string>;
  readonly stored: Signal<Row | null>;
  /** What there is to type into: the stored record, or an empty page. */
  readonly begin: (stored: Row | null) => D;
  /** A draft as it may be saved. */
  readonly whole: z.ZodType<D>;
  /** What the device keeps: a draft that may not be fit to save yet, and the version it was typed over. */
  readonly kept: z.ZodType<{ base: number; draft: D }>;
  readonly key: (id: string) => string;
  /** Another record has come into the screen: nothing of the one before may stay. */
  readonly turned?: () => void;
  /** The draft is there; `first` until it was opened once. */
  readonly opened?: (draft: D, first: boolean) => void;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * A record while it is typed: kept on the device at once, opened again after a reload, saved over the version it was typed over,
 * and never over somebody else's save unasked. To be made where things can be injected.
 */
export class Typed<D extends object> {
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly status = this.store.selectSignal(recordsFeature.selectStatus);
  private readonly saves = this.store.selectSignal(recordsFeature.selectSaves);
  readonly draft;
  readonly dirty = signal(false);
  readonly wrongFields = signal<readonly SaidField[]>([]);
  readonly save = computed(() => this.saves()[this.of.id()] ?? null);
  readonly trouble = computed(() => {
    const save = this.save();
    return save?.state === 'refused' ? save.trouble : null;
  });
  /** The version it is typed over; below 0 while it is not known. */
  private readonly base = signal(-1);
  /** Nothing can be typed before it is known what was there. */
  readonly opened = computed(() => this.base() >= 0);
  /** The version being opened just now, if any. */
  private opening = -1;
  /** The draft as it was sent last. */
  private sent: D | null = null;

  constructor(private readonly of: TypedOf<D>) {
    this.draft = signal<D>(of.begin(null));
    effect(() => {
      of.id();
      untracked(() => {
        this.base.set(-1);
        this.opening = -1;
        this.dirty.set(false);
        this.wrongFields.set([]);
        of.turned?.();
      });
    });
    effect(() => {
      of.id();
      const version = of.stored()?.version ?? 0;
      const ready = this.status()[of.kind] !== 'idle' && this.status()[of.kind] !== 'loading';
      const save = this.save();
      untracked(() => {
        if (!ready || version === this.base() || version === this.opening) return;
        const mine = save?.state === 'saved' && save.version === version;
        // What was typed while our own save was under way goes on from the version that it made.
        if (mine && !same(this.draft(), this.sent)) this.keep(version);
        else if (mine || !this.dirty()) void this.open(version, mine);
      });
    });
    inject(DestroyRef).onDestroy(() => this.store.dispatch(recordActions.settled({ id: of.id() })));
  }

  /** Changes the draft; false where that changes nothing, or nothing can be typed yet. What is typed outlives the page. */
  put(next: D): boolean {
    if (!this.opened() || same(next, this.draft())) return false;
    this.draft.set(next);
    this.dirty.set(true);
    this.keep(this.base());
    return true;
  }

  /** Sends it, over the version it was typed over or, if so said, over the one that stands now. */
  submit(over = false): void {
    if (this.save()?.state === 'saving') return;
    const read = this.of.whole.safeParse(this.draft());
    this.wrongFields.set(read.success ? [] : saidFields(fieldsOf(read.error, this.draft())));
    if (!read.success) return;
    const current = this.trouble()?.current as { version?: number } | undefined;
    const version = over && typeof current?.version === 'number' ? current.version : this.base();
    this.sent = this.draft();
    const record = { ...read.data, id: this.of.id(), version } as unknown as Saving;
    this.store.dispatch(recordActions.save({ kind: this.of.kind, record }));
  }

  async takeTheirs(): Promise<void> {
    await this.device.keep(this.of.key(this.of.id()), null);
    this.dirty.set(false);
    this.base.set(-1);
    this.store.dispatch(recordActions.settled({ id: this.of.id() }));
    this.store.dispatch(recordActions.load({ kind: this.of.kind }));
  }

  archive(): void {
    this.store.dispatch(recordActions.archive({ kind: this.of.kind, id: this.of.id(), archived: true }));
    this.dirty.set(false);
  }

  private keep(base: number): void {
    this.base.set(base);
    void this.device.keep(this.of.key(this.of.id()), { base, draft: this.draft() });
  }

  /** Opens what is stored, or what was typed before the page went; typed over an older version, a save will say what changed since. */
  private async open(version: number, mine: boolean): Promise<void> {
    const id = this.of.id();
    const stored = this.of.begin(this.of.stored());
    this.opening = version;
    this.dirty.set(false);
    const kept = this.of.kept.safeParse(mine ? null : await this.device.recall(this.of.key(id)));
    if (id !== this.of.id()) return;
    this.opening = -1;
    // Opened anew, somebody may have typed meanwhile; the first time nothing can be typed before.
    if (this.dirty()) return;
    const typed = kept.success && kept.data.base <= version && !same(kept.data.draft, stored) ? kept.data : null;
    const first = !this.opened();
    this.draft.set(typed?.draft ?? stored);
    this.dirty.set(typed !== null);
    this.of.opened?.(this.draft(), first);
    this.base.set(typed?.base ?? version);
    if (!typed) await this.device.keep(this.of.key(id), null);
  }
}
