import { Latest } from './latest';

describe('the latest question', () => {
  /** A question that is answered, or fails, when the spec says so. */
  const question = () => {
    let answer: (value: string) => void = () => undefined;
    let fail: (error: Error) => void = () => undefined;
    const asked = new Promise<string>((done, failed) => ([answer, fail] = [done, failed]));
    return { asked, answer: (value: string) => answer(value), fail: (error: Error) => fail(error) };
  };

  it('wins in whatever order answers and failures come', async () => {
    for (const first of ['answer', 'fail'] as const)
      for (const late of [true, false]) {
        const latest = new Latest();
        const said: string[] = [];
        const [one, two] = [question(), question()];
        const ask = (which: typeof one) =>
          latest.ask(
            () => which.asked,
            (answer) => said.push(answer),
            () => said.push('failed'),
          );
        const both = [ask(one), ask(two)];
        const ends = [() => (first === 'answer' ? one.answer('one') : one.fail(new Error('one'))), () => two.answer('two')];
        for (const end of late ? ends.reverse() : ends) end();
        await Promise.all(both);
        expect(said).toEqual(['two']);
      }
  });

  it('is open until it is answered; an earlier answer does not close it', async () => {
    const latest = new Latest();
    const [one, two] = [question(), question()];
    const ignore = () => undefined;
    const first = latest.ask(() => one.asked, ignore, ignore);
    const second = latest.ask(() => two.asked, ignore, ignore);
    one.answer('one');
    await first;
    expect(latest.open()).toBeTrue();
    two.fail(new Error('no'));
    await second;
    expect(latest.open()).toBeFalse();
  });

  it('that is dropped is of no interest, and work in steps is told so', async () => {
    const latest = new Latest();
    const said: unknown[] = [];
    const one = question();
    const asked = latest.ask(
      async (stands) => (await one.asked, said.push(stands())),
      () => said.push('taken'),
      () => said.push('failed'),
    );
    latest.drop();
    expect(latest.open()).toBeFalse();
    one.answer('one');
    await asked;
    expect(said).toEqual([false]);
  });
});
