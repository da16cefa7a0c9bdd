import { of, Subject, TimeoutError } from 'rxjs';
import { later, within } from './later';

describe('what comes in time', () => {
  beforeEach(() => void jasmine.clock().install());
  afterEach(() => jasmine.clock().uninstall());

  it('comes so much later, in its order, and not when nobody waits any more', () => {
    const seen: number[] = [];
    of(1, 2)
      .pipe(later(1000))
      .subscribe((one) => seen.push(one));
    jasmine.clock().tick(999);
    expect(seen).toEqual([]);
    jasmine.clock().tick(1);
    expect(seen).toEqual([1, 2]);
    of(3)
      .pipe(later(1000))
      .subscribe((one) => seen.push(one))
      .unsubscribe();
    jasmine.clock().tick(1000);
    expect(seen).toEqual([1, 2]);
  });

  it('an answer within its time is the answer; one that does not come is a TimeoutError, once', () => {
    const [quick, slow] = [new Subject<string>(), new Subject<string>()];
    const said: unknown[] = [];
    quick.pipe(within(500)).subscribe({ next: (one) => said.push(one), error: (error: unknown) => said.push(error) });
    slow.pipe(within(500)).subscribe({ next: (one) => said.push(one), error: (error: unknown) => said.push(error) });
    jasmine.clock().tick(400);
    quick.next('here');
    jasmine.clock().tick(5000);
    slow.next('too late');
    expect(said).toEqual(['here', jasmine.any(TimeoutError)]);
  });
});
