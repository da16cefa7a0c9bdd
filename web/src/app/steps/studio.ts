import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatSelectModule } from '@angular/material/select';
import { Router, RouterLink } from '@angular/router';
import { PatternDraft } from '@hopsk/contract';
import { formatLength, lineView, mirrorText, SCHOOLS, schoolOf, type Dose, type Finding, type LinePiece, type Study } from '@hopsk/core';
import { Store } from '@ngrx/store';
import { DeviceStore } from '../device/store';
import { DoseForm } from '../dose/dose-form';
import { Floor } from '../drawing/floor';
import { Lanes } from '../drawing/lanes';
import type { HoldsTyping } from '../shell/holds-typing';
import { picked } from '../state/picked';
import { recordActions, recordsFeature } from '../state/records';
import { sessionFeature } from '../state/session';
import { TEXT } from '../text/en';
import { Studies } from '../workers/studies';
import { draftOf, KeptDraft, OPEN_DOSE, performance, type Draft } from './draft';
import { Player } from './player';

/** One place for a pattern: the line of steps, the floor, time, and what would go wrong. */
@Component({
  selector: 'hop-studio',
  imports: [DoseForm, Floor, Lanes, MatButton, MatCheckbox, MatFormFieldModule, MatIcon, MatSelectModule, RouterLink],
  templateUrl: './studio.html',
  styleUrl: './studio.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)' },
})
export class Studio implements HoldsTyping {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly router = inject(Router);
  protected readonly text = TEXT.steps;
  protected readonly common = TEXT.common;
  protected readonly schools = SCHOOLS;
  protected readonly people = this.store.selectSignal(recordsFeature.selectPeopleHere);
  protected readonly status = this.store.selectSignal(recordsFeature.selectStatus);
  private readonly patterns = this.store.selectSignal(recordsFeature.selectPatternsById);
  private readonly saves = this.store.selectSignal(recordsFeature.selectSaves);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly stored = computed(() => this.patterns()[this.id()] ?? null);
  protected readonly save = computed(() => this.saves()[this.id()] ?? null);
  protected readonly draft = signal<Draft>(draftOf(null));
  private readonly base = signal(-1);
  /** Nothing can be typed before it is known what was there. */
  protected readonly opened = computed(() => this.base() >= 0);
  /** The version being opened just now, if any. */
  private opening = -1;
  /** The draft as it was sent last. */
  private sent: Draft | null = null;
  protected readonly dirty = signal(false);
  protected readonly wrongFields = signal<readonly { path: string; message: string }[]>([]);
  protected readonly choice = picked(this.people, () => undefined);
  protected readonly athlete = this.choice.record;
  private readonly performance = computed(() => performance(this.draft(), this.athlete()));
  protected readonly mirrored = computed(() => this.performance().mirrored);
  protected readonly staggered = computed(() => schoolOf(this.draft().school)?.staggered ?? false);
  protected readonly study = signal<Study | null>(null);
  protected readonly player = new Player(computed(() => this.study()?.totals.seconds ?? 0));
  protected readonly pieces = computed(() => {
    const study = this.study();
    return study ? lineView(study) : [];
  });
  /** The text as typed, cut into its pieces; while the study is behind the typing, or mirrored, plain or by the mirrored places. */
  protected readonly typed = computed<readonly LinePiece[]>(() => {
    const steps = this.draft().steps;
    const pieces = this.pieces();
    const plain = [{ text: steps, from: 0, moves: null, mark: null }];
    if (pieces.map((piece) => piece.text).join('') === steps) return pieces;
    if (!this.mirrored()) return plain;
    // 'left' and 'right' differ in length, so the pieces are laid out anew over the typed text.
    let from = 0;
    const back = pieces.map((piece) => {
      const text = mirrorText(piece.text);
      const laid = { ...piece, text, from };
      from += text.length;
      return laid;
    });
    return back.map((piece) => piece.text).join('') === steps ? back : plain;
  });
  protected readonly lit = computed(() => {
    const study = this.study();
    const t = this.player.t();
    return study?.simulation.moves.findLast((move) => move.start <= t + 1e-9)?.index ?? null;
  });
  protected readonly trouble = computed(() => {
    const save = this.save();
    return save?.state === 'refused' ? save.trouble : null;
  });
  protected readonly facts = computed(() => (this.study() ? this.factsOf(this.study() as Study) : []));
  protected readonly oneSided = computed(() => {
    const totals = this.study()?.totals;
    if (!totals) return false;
    return totals.lunges.left !== totals.lunges.right || totals.pivots.left !== totals.pivots.right;
  });
  protected readonly lands = computed(() => (this.study()?.simulation.actions ?? []).some((action) => action.kind === 'hop'));
  private asked = 0;

  constructor() {
    effect(() => {
      const stored = this.stored();
      const version = stored?.version ?? 0;
      const ready = this.status().patterns !== 'idle' && this.status().patterns !== 'loading';
      const save = this.save();
      untracked(() => {
        if (!ready || version === this.base() || version === this.opening) return;
        const mine = save?.state === 'saved' && save.version === version;
        // What was typed while our own save was under way goes on from the version that it made.
        if (mine && this.draft() !== this.sent) this.keepTyping(version);
        else if (mine || !this.dirty()) void this.open(version, mine);
      });
    });
    effect(() => {
      const { performer, text } = this.performance();
      // Nothing is drawn before the pattern has been opened.
      if (this.opened()) void this.ask(text, performer, this.draft().shouldClose);
    });
    inject(DestroyRef).onDestroy(() => this.store.dispatch(recordActions.settled({ id: this.id() })));
  }

  unsaved(): boolean {
    return this.dirty();
  }

  protected change(change: Partial<Draft>): void {
    if (!this.opened()) return;
    this.draft.update((draft) => ({ ...draft, ...change }));
    this.dirty.set(true);
    this.keepTyping(this.base());
  }

  /** What is typed outlives the page; it goes with the save. */
  private keepTyping(base: number): void {
    this.base.set(base);
    void this.device.keep(this.draftKey(), { base, draft: this.draft() });
  }

  /** Another stance; where one foot leads, a lead is written for, in a square one none. */
  protected standIn(code: string): void {
    const { lead } = this.draft();
    const staggered = schoolOf(code)?.staggered ?? false;
    this.change({ school: code, lead: !staggered ? 'none' : lead === 'none' ? 'left' : lead });
  }

  protected dose(dose: Dose): void {
    this.change({ dose });
  }

  protected readonly openDose = OPEN_DOSE;

  /** Turns the text round for the other side; what it is written for stays. */
  protected mirror(): void {
    this.change({ steps: mirrorText(this.draft().steps) });
  }

  protected submit(over = false): void {
    const read = PatternDraft.safeParse(this.draft());
    this.wrongFields.set(read.success ? [] : read.error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message })));
    if (!read.success) return;
    const current = this.trouble()?.current as { version?: number } | undefined;
    const version = over && typeof current?.version === 'number' ? current.version : this.base();
    this.sent = this.draft();
    this.store.dispatch(recordActions.save({ kind: 'patterns', record: { ...read.data, id: this.id(), version } }));
  }

  protected async takeTheirs(): Promise<void> {
    await this.device.keep(this.draftKey(), null);
    this.dirty.set(false);
    this.base.set(-1);
    this.store.dispatch(recordActions.settled({ id: this.id() }));
    this.store.dispatch(recordActions.load({ kind: 'patterns' }));
  }

  protected archive(): void {
    this.store.dispatch(recordActions.archive({ kind: 'patterns', id: this.id(), archived: true }));
    this.dirty.set(false);
    void this.router.navigate(['/steps']);
  }

  /** The playhead goes to the step under the caret. */
  protected goTo(caret: number): void {
    const piece = this.typed().find((one) => one.moves && one.from <= caret && caret <= one.from + one.text.length);
    const move = piece?.moves ? this.study()?.simulation.moves[piece.moves.first] : undefined;
    if (move) this.player.seek(move.start);
  }

  protected show(finding: Finding): void {
    this.player.seek(finding.at);
  }

  protected isNow(piece: LinePiece): boolean {
    const lit = this.lit();
    return lit !== null && piece.moves !== null && piece.moves.first <= lit && lit <= piece.moves.last && this.isPiece(piece, lit);
  }

  /** Repeated groups come back to the same words: a piece is lit by the move's own place in the text. */
  private isPiece(piece: LinePiece, move: number): boolean {
    const place = this.study()?.simulation.moves[move]?.span.from;
    const list = this.pieces().some((one) => one === piece) ? this.pieces() : this.typed();
    return this.pieces()[list.indexOf(piece)]?.from === place;
  }

  protected key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|BUTTON|A|MAT-SELECT)$/.test(event.target.tagName);
    if (event.key === 's' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      this.submit();
    } else if (!typing && event.key === ' ') {
      event.preventDefault();
      this.player.toggle();
    } else if (!typing && (event.key === 'ArrowRight' || event.key === 'ArrowLeft'))
      this.player.seek(this.player.t() + (event.key === 'ArrowRight' ? 0.02 : -0.02));
  }

  /** Opens what is stored, or what was typed before the page went; typed over an older version, a save will say what changed since. */
  private async open(version: number, mine: boolean): Promise<void> {
    const stored = draftOf(this.stored());
    this.opening = version;
    this.dirty.set(false);
    const kept = KeptDraft.safeParse(mine ? null : await this.device.recall(this.draftKey()));
    this.opening = -1;
    // Opened anew, somebody may have typed meanwhile; the first time nothing can be typed before.
    if (this.dirty()) return;
    const typed =
      kept.success && kept.data.base <= version && JSON.stringify(kept.data.draft) !== JSON.stringify(stored) ? kept.data : null;
    this.draft.set(typed?.draft ?? stored);
    this.dirty.set(typed !== null);
    this.base.set(typed?.base ?? version);
    if (!typed) await this.device.keep(this.draftKey(), null);
  }

  private async ask(text: string, performer: Study['simulation']['performer'], shouldClose: boolean): Promise<void> {
    const asked = ++this.asked;
    const study = await this.asking.study(text, performer, shouldClose).catch(() => null);
    // Only the latest question counts: typing goes on while the worker looks.
    if (asked === this.asked && study) this.study.set(study);
  }

  private readonly draftKey = (): string => `draft:${this.id()}`;

  private factsOf(study: Study): { name: string; value: string }[] {
    const { totals, answer, drift } = study;
    const length = (metres: number): string => formatLength(metres, this.me()?.coach.units ?? 'cm');
    const pair = (side: { left: number; right: number }): string => `${side.left} · ${side.right}`;
    const facts = [
      { name: this.text.time, value: `${totals.seconds.toFixed(2)} s` },
      { name: this.text.answer, value: answer.worst === null ? this.text.never : `${answer.worst.toFixed(2)} s` },
      { name: this.text.stopSafe, value: `${Math.round(study.shares.stopSafe * 100)} %` },
      { name: this.text.contacts, value: pair(totals.contacts) },
      { name: this.text.lunges, value: pair(totals.lunges) },
      { name: this.text.pivots, value: pair(totals.pivots) },
      { name: this.text.splits, value: String(totals.splits) },
      { name: this.text.floor, value: `${length(totals.floor.across)} × ${length(totals.floor.along)}` },
      { name: this.text.closes, value: drift.closed ? this.text.yes : `${this.text.no}, ${length(drift.furthestMark)} ${this.text.off}` },
    ];
    return facts.filter((fact) => fact.value !== '0 · 0' && !(fact.name === this.text.splits && fact.value === '0'));
  }
}
