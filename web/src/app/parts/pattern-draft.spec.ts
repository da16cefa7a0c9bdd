import { pattern } from '../testing/run';
import { draftOf, KeptDraft } from './pattern-draft';

describe('a pattern being typed', () => {
  it('what is kept while typing may be nameless and too long, but no nonsense', () => {
    const draft = { ...draftOf(pattern()), name: '', steps: 'x'.repeat(1_000_000) };
    expect(KeptDraft.safeParse({ base: 0, draft }).success).toBeTrue();
    expect(KeptDraft.safeParse({ base: 0, draft: { ...draft, hand: 'both' } }).success).toBeFalse();
    expect(KeptDraft.safeParse(null).success).toBeFalse();
  });
});
