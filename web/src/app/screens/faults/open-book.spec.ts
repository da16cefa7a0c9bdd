import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Book } from '@hopsk/contract/book';
import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import { newId } from '../../data/ids';
import { house } from '../../testing/screen';
import { OpenBook } from './open-book';

const bookOf = (athleteId: string, earlier: number): Book => ({
  ...{ athleteId, from: '2016-01-05', to: '2026-11-17', sessions: 500, earlier, praise: 0, uncounted: 0, numbers: BOOK_RULES },
  ...{ entries: [], decisions: [], first: [], agreement: [], causes: { nodes: [], links: [], others: [] } },
});

describe('a fault book of many years that is open', () => {
  let http: HttpTestingController;
  let opened: OpenBook;
  /** Answers what is asked for next; gives its address. */
  async function answered(book: Book | null): Promise<string> {
    for (;;) {
      const [one] = http.match(({ url }) => url.endsWith('/book') || url.includes('/book?'));
      if (one) {
        if (book) one.flush(book);
        else one.error(new ProgressEvent('away'));
        await new Promise((done) => setTimeout(done));
        return one.request.urlWithParams;
      }
      await new Promise((done) => setTimeout(done));
    }
  }

  const stands = async (earlier: number): Promise<void> => {
    while (opened.book()?.earlier !== earlier) await new Promise((done) => setTimeout(done));
  };

  beforeEach(async () => {
    await house();
    http = TestBed.inject(HttpTestingController);
    opened = TestBed.runInInjectionContext(() => new OpenBook());
  });

  it('asks for its earlier evenings when somebody wants them, goes on doing so, and not of somebody else', async () => {
    const [ada, bea] = [newId(), newId()];
    opened.load(ada);
    expect(await answered(bookOf(ada, 380))).toBe(`/api/athletes/${ada}/book`);
    opened.whole(ada, { from: '2020-01-01' });
    expect(await answered(bookOf(ada, 0))).toBe(`/api/athletes/${ada}/book?from=2020-01-01&evenings=all`);
    opened.again(ada);
    expect(await answered(bookOf(ada, 0))).toBe(`/api/athletes/${ada}/book?evenings=all`);
    opened.load(bea);
    expect(await answered(bookOf(bea, 0))).toBe(`/api/athletes/${bea}/book`);
  });

  it('is saved with all of them, or not at all: what cannot be had is said', async () => {
    const ada = newId();
    opened.load(ada);
    await answered(bookOf(ada, 380));
    await stands(380);
    const [all, asked] = await Promise.all([opened.everything({}), answered(bookOf(ada, 0))]);
    expect([all?.earlier, asked]).toEqual([0, `/api/athletes/${ada}/book?evenings=all`]);
    const [none] = await Promise.all([opened.everything({}), answered(null)]);
    expect(none).toBeNull();
    expect(opened.trouble()).not.toBeNull();
    opened.load(ada);
    await answered(bookOf(ada, 0));
    await stands(0);
    expect(await opened.everything({})).toBe(opened.book());
  });
});
