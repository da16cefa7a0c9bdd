import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { provideRouter } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { Session } from '@hopsk/contract/session';
import { patterns, people, sessions, recordProviders } from '../data/records';
import { runFeature } from '../data/run';
import { signInActions, signInFeature } from '../data/sign-in';
import { ChoiceHarness } from '../ui/choice.harness';
import { emptyDevice, me } from './run';

/** A screen on a device of its own, with a coach signed in; nothing reaches a server but what the spec answers. */
export async function house(
  records: { readonly people?: Athlete[]; readonly patterns?: Pattern[]; readonly sessions?: Session[] } = {},
): Promise<void> {
  await emptyDevice();
  TestBed.configureTestingModule({
    providers: [
      provideRouter([{ path: '**', children: [] }]),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideStore({
        [signInFeature.name]: signInFeature.reducer,
        [runFeature.name]: runFeature.reducer,
      }),
      provideEffects(),
      ...recordProviders,
    ],
  });
  const store = TestBed.inject(Store);
  store.dispatch(signInActions.entered({ me, offline: false }));
  store.dispatch(people.actions.loaded(records.people ?? []));
  store.dispatch(patterns.actions.loaded(records.patterns ?? []));
  store.dispatch(sessions.actions.loaded(records.sessions ?? []));
}

/** The box that belongs to a label beginning with these words. */
export function boxOf(root: HTMLElement, words: string): HTMLInputElement {
  const label = [...root.querySelectorAll('label')].find((one) => one.textContent?.trim().startsWith(words));
  const box = label && root.querySelector<HTMLInputElement>(`#${label.htmlFor}`);
  if (!box) throw new Error(`There is no box ‘${words}’`);
  return box;
}

/** Chooses by label and by what is chosen. */
export const choose = async (fixture: ComponentFixture<unknown>, label: string | RegExp, option: string | RegExp): Promise<void> =>
  (await TestbedHarnessEnvironment.loader(fixture).getHarness(ChoiceHarness.with({ label }))).choose(option);

/** A screen and what a spec does with it. */
export class Screen<C> {
  private constructor(readonly fixture: ComponentFixture<C>) {}

  static async of<C>(component: Type<C>, inputs: Readonly<Record<string, unknown>> = {}): Promise<Screen<C>> {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
    return new Screen(fixture);
  }

  get host(): HTMLElement {
    return this.fixture.nativeElement as HTMLElement;
  }

  get words(): string {
    return this.host.textContent.replace(/\s+/g, ' ').trim();
  }

  all<E extends HTMLElement>(query: string): E[] {
    return [...this.host.querySelectorAll<E>(query)];
  }

  button(words: string): HTMLButtonElement {
    const found = this.all<HTMLButtonElement>('button').find((one) => one.textContent.trim() === words);
    if (!found) throw new Error(`There is no button ‘${words}’`);
    return found;
  }

  /** The box that belongs to a label beginning with these words. */
  box(words: string): HTMLInputElement {
    return boxOf(this.host, words);
  }

  /** Chooses by label and by what is chosen. */
  choose(label: string | RegExp, option: string | RegExp): Promise<void> {
    return choose(this.fixture, label, option);
  }

  type(box: HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement, value: string, event = 'input'): void {
    box.value = value;
    box.dispatchEvent(new Event(event));
  }

  /** Until something is so on the drawn screen; a spec's own time limit ends it. */
  async until(done: () => boolean): Promise<void> {
    while (!done()) {
      await new Promise((go) => requestAnimationFrame(go));
      await this.fixture.whenStable();
    }
  }
}
