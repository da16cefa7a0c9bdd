import { signal } from '@angular/core';
import { picked } from './picked';

describe('a record chosen by its id', () => {
  const rows = () => [
    { id: 'a', name: 'Ada' },
    { id: 'b', name: 'Bea' },
  ];

  it('is the first one, or none, until somebody chooses', () => {
    expect(picked(signal(rows()), () => undefined).record()?.id).toBe('a');
    expect(picked(signal(rows()), () => undefined, 'none').record()).toBeNull();
    expect(picked(signal([]), () => undefined).record()).toBeNull();
  });

  it('is the one that the address asks for, as soon as it is there', () => {
    const list = signal<{ id: string; name: string }[]>([]);
    const choice = picked(list, () => 'b', 'none');
    expect(choice.record()).toBeNull();
    list.set(rows());
    expect(choice.record()?.name).toBe('Bea');
  });

  it('stays chosen when the list is fetched anew', () => {
    const list = signal(rows());
    const choice = picked(list, () => undefined);
    choice.id.set('b');
    list.set(rows());
    expect(choice.record()).toEqual({ id: 'b', name: 'Bea' });
    list.set([{ id: 'a', name: 'Ada' }]);
    expect(choice.record()?.id).toBe('a');
  });

  it('may be nobody on purpose', () => {
    const choice = picked(signal(rows()), () => undefined);
    choice.id.set(null);
    expect(choice.record()).toBeNull();
  });
});
