import { ChangeDetectionStrategy, Component, computed, type ElementRef, output, signal, viewChild } from '@angular/core';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { words } from '@hopsk/words/words';

/** The whole catalogue, found by a few letters; for what is not on the board. */
@Component({
  selector: 'hop-fault-picker',
  template: `
    <dialog #box [attr.aria-label]="text.find">
      <form method="dialog">
        <input
          type="search"
          [placeholder]="text.find"
          [attr.aria-label]="text.find"
          [value]="find()"
          (input)="find.set($any($event.target).value)"
        />
        <button class="plain close" [attr.aria-label]="common.close">×</button>
      </form>
      <ul>
        @for (fault of found(); track fault.code) {
          <li>
            <button type="button" class="plain" (click)="take(fault.code)">
              <strong>{{ fault.label }}</strong><span>{{ fault.says }}</span>
            </button>
          </li>
        }
      </ul>
    </dialog>
  `,
  styles: `
    dialog {
      width: min(560px, 100vw);
      max-width: 100vw;
      height: 86dvh;
      border: 0;
      padding: 0;
      background: var(--paper);
      color: var(--ink);
      border-radius: 10px;
    }
    dialog::backdrop {
      background: rgb(0 0 0 / 55%);
    }
    form {
      display: flex;
      gap: 8px;
      padding: 12px;
      position: sticky;
      top: 0;
      background: var(--paper);
      border-bottom: 1px solid var(--rule);
    }
    input {
      flex: 1;
      font: inherit;
      font-size: 18px;
      min-height: 48px;
      padding: 4px 12px;
      border: 1px solid var(--edge);
      border-radius: 8px;
      background: var(--raised);
      color: inherit;
      min-width: 0;
    }
    .close {
      min-width: 48px;
      font-size: 26px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li button {
      display: grid;
      width: 100%;
      text-align: left;
      padding: 12px 16px;
      min-height: 56px;
      border-bottom: 1px solid var(--rule);
    }
    strong {
      font: 600 18px var(--label);
    }
    span {
      color: var(--muted);
      font-size: 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultPicker {
  readonly taken = output<string>();
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly find = signal('');
  protected readonly found = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return FAULTS.map(({ code }) => ({ code, ...words.faults[code] })).filter(({ label, says, cue }) =>
      `${label} ${says} ${cue}`.toLowerCase().includes(asked),
    );
  });
  private readonly box = viewChild.required<ElementRef<HTMLDialogElement>>('box');

  open(): void {
    this.find.set('');
    this.box().nativeElement.showModal();
  }

  protected take(code: string): void {
    this.box().nativeElement.close();
    this.taken.emit(code);
  }
}
