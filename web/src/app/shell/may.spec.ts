import { ROLES } from '@hopsk/contract/club';
import { homeOf, may, whatOf } from '../data/may';
import { inside } from './inside-routes';

describe('what a role may', () => {
  const paths = (inside[0]?.children ?? []).map(({ path }) => path ?? '').filter((path) => path !== '');

  it('is said of every page inside', () => {
    for (const path of paths)
      expect(whatOf(`/${path}`))
        .withContext(path)
        .not.toBeNull();
  });

  it('everybody begins where they may be', () => {
    for (const role of ROLES) {
      const what = whatOf(homeOf(role));
      expect(what && may(role, what))
        .withContext(role)
        .toBeTrue();
    }
  });

  it('a reader reads books, an assistant is on the floor, and only an owner gives out and names people', () => {
    const pages = (role: (typeof ROLES)[number]): string[] => [
      ...new Set(paths.map((path) => whatOf(`/${path}`) ?? '').filter((what) => what !== '' && may(role, what as never))),
    ];
    expect(pages('reader').sort()).toEqual(['club', 'faults']);
    expect(pages('assistant').sort()).toEqual(['club', 'floor', 'today']);
    expect(pages('coach').sort()).toEqual(
      pages('owner')
        .filter((what) => what !== 'kept')
        .sort(),
    );
    expect(whatOf('/people/5/data?x=1')).toBe('kept');
    for (const role of ROLES) expect([may(role, 'export'), may(role, 'members')]).toEqual([role === 'owner', role === 'owner']);
  });
});
