import { computed, DestroyRef, effect, inject, signal, untracked, type Signal } from '@angular/core';
import { fieldsOf } from '@hopsk/contract/problem';
import { saidFields, type SaidField } from '@hopsk/words/naming';
import { Store } from '@ngrx/store';
import type * as z from 'zod/mini';
import { DeviceStore } from './device-store';
import type { RecordKind, Row } from './record-kind';
import { same } from './same';

/** What a screen says of the record that is typed in it: `R` as it is stored, `D` as it is typed. */
export interface TypedOf<R extends Row, D> {
  readonly kind: RecordKind<R, D & { readonly id: string; readonly version: number }>;
  readonly id: Signal<string>;
  /** What there is to type into: the stored record, or an empty page. */
  readonly begin: (stored: R | null) => D;
  /** A draft as it may be saved. */
  readonly whole: z.ZodMiniType<D>;
  /** What the device keeps: a draft that may not be fit to save yet, and the version it was typed over. */
  readonly kept: z.ZodMiniType<{ base: number; draft: D }>;
  readonly key: (id: string) => string;
  /** Another record has come into the screen: nothing of the one before may stay. */
  readonly turned?: () => void;
  /** The draft is there; `first` until it was opened once. */
  readonly opened?: (draft: D, first: boolean) => void;
}

/** What stands at a path of names and places, `stages.2.dose`. */
const at = (record: unknown, path: string): unknown =>
  path.split('.').reduce((part: unknown, name) => (part as Readonly<Record<string, unknown>> | null | undefined)?.[name], record);

/**
 * A record while it is typed: kept on the device at once, opened again after a reload, saved over the version it was typed over,
 * and never over somebody else's save unasked. To be made where things can be injected.
 */
export class Typed<R extends Row, D extends object> {
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly status;
  private readonly saves;
  private readonly byId;
  /** As it is stored; null before it was saved for the first time, or is known. */
  readonly stored = computed(() => this.byId()[this.of.id()] ?? null);
  readonly draft;
  readonly dirty = signal(false);
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
  /** The draft as it was sent last, or would have been. */
  private readonly sent = signal<D | null>(null);
  /** What was found wrong here, before it was sent. */
  private readonly foundWrong = signal<readonly SaidField[]>([]);
  /** Fields that cannot be saved as they were sent, and have not been changed since. */
  readonly wrongFields = computed(() => this.unchanged(this.foundWrong()));

  constructor(private readonly of: TypedOf<R, D>) {
    this.status = this.store.selectSignal(of.kind.selectStatus);
    this.saves = this.store.selectSignal(of.kind.selectSaves);
    this.byId = this.store.selectSignal(of.kind.selectById);
    this.draft = signal<D>(of.begin(null));
    effect(() => {
      of.id();
      untracked(() => {
        this.base.set(-1);
        this.opening = -1;
        this.dirty.set(false);
        this.foundWrong.set([]);
        of.turned?.();
      });
    });
    effect(() => {
      of.id();
      const version = this.stored()?.version ?? 0;
      const ready = this.status() !== 'idle' && this.status() !== 'loading';
      const save = this.save();
      untracked(() => {
        if (!ready || version === this.base() || version === this.opening) return;
        const mine = save?.state === 'saved' && save.version === version;
        // What was typed while our own save or putting away was under way goes on from the version that it made.
        if (mine && this.dirty() && !same(this.draft(), this.sent())) this.keep(version);
        else if (mine || !this.dirty()) void this.open(version, mine);
      });
    });
    inject(DestroyRef).onDestroy(() => this.store.dispatch(of.kind.actions.settled({ id: of.id() })));
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
    this.sent.set(this.draft());
    this.foundWrong.set(read.success ? [] : saidFields(fieldsOf(read.error, this.draft())));
    if (!read.success) return;
    const current = this.trouble()?.current as { version?: number } | undefined;
    const version = over && typeof current?.version === 'number' ? current.version : this.base();
    this.store.dispatch(this.of.kind.actions.save({ ...read.data, id: this.of.id(), version }));
  }

  async takeTheirs(): Promise<void> {
    await this.device.keep(this.of.key(this.of.id()), null);
    this.dirty.set(false);
    this.base.set(-1);
    this.store.dispatch(this.of.kind.actions.settled({ id: this.of.id() }));
    this.store.dispatch(this.of.kind.actions.load());
  }

  /** Puts it away, or brings it back; what is typed stays typed. */
  archive(archived: boolean): void {
    this.store.dispatch(this.of.kind.actions.archive({ id: this.of.id(), archived }));
  }

  /** What is wrong with a field as it was sent, by this device or by the server; nothing once it was changed. */
  saysOf(path: string): string {
    const all = this.unchanged([...this.foundWrong(), ...(this.trouble()?.fields ?? [])]);
    return all.find((field) => field.path === path || field.path.startsWith(`${path}.`))?.message ?? '';
  }

  private unchanged(fields: readonly SaidField[]): readonly SaidField[] {
    return fields.filter(({ path }) => same(at(this.draft(), path), at(this.sent(), path)));
  }

  private keep(base: number): void {
    this.base.set(base);
    void this.device.keep(this.of.key(this.of.id()), { base, draft: this.draft() });
  }

  /** Opens what is stored, or what was typed before the page went; typed over an older version, a save will say what changed since. */
  private async open(version: number, mine: boolean): Promise<void> {
    const id = this.of.id();
    const stored = this.of.begin(this.stored());
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
