import { isUnder16, type AthleteDraft } from './people.js';

/** From whom a club wants a guardian's agreement to keep anything: from nobody, or of so young an age. */
export const AGREEMENTS = ['none', 'under-16', 'under-18'] as const;
export type Agreement = (typeof AGREEMENTS)[number];

/**
 * Whether something may be kept only with a guardian's agreement: cautions of whoever is under 16 always, since they speak of their
 * health; anything at all by the club's own rule. Says for what; null: nothing.
 * @example agreementFor({ ageGroup: '10–12', cautions: [] }, 'none') // null
 */
export function agreementFor(of: Pick<AthleteDraft, 'ageGroup' | 'cautions'>, rule: Agreement): 'cautions' | 'anything' | null {
  const young = isUnder16(of.ageGroup);
  if (rule !== 'none' && (young || (rule === 'under-18' && of.ageGroup === '16–17'))) return 'anything';
  return young && of.cautions.length > 0 ? 'cautions' : null;
}
