import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { people } from '../../data/records';
import { athlete } from '../../testing/run';
import { choose, house, Screen } from '../../testing/screen';
import { StanceScreen } from './stance';

describe('the stance page', () => {
  it('keeps what was chosen when the same record is fetched anew, and lets it go for another athlete', async () => {
    const [ada, bea] = [athlete({ name: 'Ada' }), athlete({ name: 'Bea' })];
    await house({ people: [ada, bea] });
    const screen = await Screen.of(StanceScreen);
    const heading = () => screen.host.querySelector('h2')?.textContent ?? screen.words;
    const usual = heading();
    await choose(screen.fixture, 'stance', 'Bladed on guard');
    await screen.until(() => heading() !== usual);
    const chosen = heading();
    TestBed.inject(Store).dispatch(people.actions.loaded([{ ...ada }, { ...bea }]));
    await screen.fixture.whenStable();
    expect(heading()).toBe(chosen);
    await choose(screen.fixture, 'as', 'Bea');
    await screen.until(() => heading().includes('Bea'));
    expect(heading()).not.toContain('Bladed');
  });
});
