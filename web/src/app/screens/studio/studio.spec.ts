import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { Pattern } from '@hopsk/contract/pattern';
import { EditorView } from '@codemirror/view';
import { DeviceStore } from '../../data/device-store';
import { patterns, recordProviders } from '../../data/records';
import { signInActions, signInFeature } from '../../data/sign-in';
import { emptyDevice, me, pattern } from '../../testing/run';
import { draftOf } from '../../parts/pattern-draft';
import { Studio } from './studio';

describe('typing a pattern', () => {
  const stored = pattern({ name: 'Evening', steps: 'split', version: 3 });
  let store: Store;
  let http: HttpTestingController;
  let device: DeviceStore;
  let fixture: ComponentFixture<Studio>;
  const host = () => fixture.nativeElement as HTMLElement;
  const editor = () => EditorView.findFromDOM(host().querySelector('.cm-editor') as HTMLElement) as EditorView;
  const line = () => editor().state.doc.toString();
  const name = () => host().querySelector<HTMLInputElement>('input.name') as HTMLInputElement;

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ [signInFeature.name]: signInFeature.reducer }),
        provideEffects(),
        ...recordProviders,
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
    device = TestBed.inject(DeviceStore);
    store.dispatch(signInActions.entered({ me, offline: false }));
  });

  const arrive = (...rows: Pattern[]): void => store.dispatch(patterns.actions.loaded(rows));
  const until = async (done: () => boolean): Promise<void> => {
    while (!done()) {
      await new Promise((go) => requestAnimationFrame(go));
      await fixture.whenStable();
    }
  };
  async function open(id = stored.id): Promise<void> {
    fixture = TestBed.createComponent(Studio);
    fixture.componentRef.setInput('id', id);
    await fixture.whenStable();
  }
  async function write(text: string): Promise<void> {
    const view = editor();
    view.dispatch({ changes: { from: 0, to: view.state.doc.length, insert: text }, userEvent: 'input.type' });
    await fixture.whenStable();
  }
  async function type(box: HTMLInputElement, text: string): Promise<void> {
    box.value = text;
    box.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }
  const save = (): void => [...host().querySelectorAll('button')].find((button) => button.textContent?.trim() === 'save')?.click();
  const sent = () => http.expectOne(`/api/patterns/${stored.id}`);

  it('shows what is stored, and what was typed over it before the page went', async () => {
    arrive(stored);
    await open();
    await until(() => line() === 'split');
    await write('split, advance');
    await until(() => fixture.componentInstance.unsaved());
    fixture.destroy();
    await device.runs();
    await open();
    await until(() => line() === 'split, advance');
    expect(fixture.componentInstance.unsaved()).toBeTrue();
  });

  it('nothing can be typed before it is known what was there', async () => {
    store.dispatch(patterns.actions.load());
    await open(crypto.randomUUID());
    expect([name().readOnly, editor().state.readOnly]).toEqual([true, true]);
    http.expectOne('/api/patterns/latest').flush([]);
    await until(() => !name().readOnly);
    await type(name(), 'Quick');
    await write('advance 2');
    for (let i = 0; i < 5; i++) await new Promise((go) => requestAnimationFrame(go));
    expect([name().value, line()]).toEqual(['Quick', 'advance 2']);
  });

  it('what is typed while a save is under way goes on from the version it made', async () => {
    arrive(stored);
    await open();
    await until(() => line() === 'split');
    await write('split, advance');
    save();
    const first = sent();
    expect((first.request.body as { version: number }).version).toBe(3);
    await write('split, advance, retreat');
    first.flush({ ...stored, steps: 'split, advance', version: 4 });
    await fixture.whenStable();
    expect(line()).toBe('split, advance, retreat');
    expect(fixture.componentInstance.unsaved()).toBeTrue();
    save();
    const second = sent();
    expect(second.request.body).toEqual(jasmine.objectContaining({ version: 4, steps: 'split, advance, retreat' }));
    second.flush({ ...stored, steps: 'split, advance, retreat', version: 5 });
    await until(() => !fixture.componentInstance.unsaved());
  });

  it('somebody else’s version is never put over what is being typed', async () => {
    arrive(stored);
    await open();
    await until(() => line() === 'split');
    await write('split, mine');
    arrive({ ...stored, steps: 'split, theirs', version: 4 });
    await fixture.whenStable();
    expect(line()).toBe('split, mine');
    save();
    sent().flush(
      { error: 'stale', values: { what: 'pattern' }, current: { ...stored, version: 4 }, changed: ['steps'] },
      { status: 409, statusText: 'Conflict' },
    );
    await fixture.whenStable();
    expect(host().querySelector('[role="alert"]')?.textContent).toContain('steps');
    [...host().querySelectorAll('button')].find((button) => button.textContent?.includes('save mine'))?.click();
    expect((sent().request.body as { version: number }).version).toBe(4);
  });

  it('a draft that is just what is stored is no unsaved one', async () => {
    await device.keep(`draft:${stored.id}`, { base: 2, draft: draftOf(stored) });
    arrive(stored);
    await open();
    await until(() => line() === 'split');
    expect(fixture.componentInstance.unsaved()).toBeFalse();
  });
});
