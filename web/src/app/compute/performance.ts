import type { PatternDraft } from '@hopsk/contract/pattern-draft';
import { timesOf } from '@hopsk/contract/tempo';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { bodyOf } from '@hopsk/core/body/body';
import type { Side } from '@hopsk/core/body/foot';
import { overridden } from '@hopsk/core/body/override';
import { SCHOOLS, schoolOf, type School } from '@hopsk/core/body/school';
import { textFor } from '@hopsk/core/language/written-for';
import type { Performer } from '@hopsk/core/motion/simulation';

/** Who does a pattern, and the text as they do it: the athlete's body, hand and lead in the pattern's stance, unless others are asked for. */
export function performance(
  draft: Pick<PatternDraft, 'steps' | 'school' | 'hand' | 'lead'>,
  athlete: Athlete | null,
  more: { readonly own?: readonly School[]; readonly hand?: Side | null; readonly lead?: Side | null } = {},
): { performer: Performer; text: string; mirrored: boolean } {
  const asked = schoolOf(draft.school, more.own) ?? SCHOOLS[0];
  // An athlete's own way of standing is theirs in their own stance.
  const school = athlete?.school === asked.code ? overridden(asked, athlete.stance) : asked;
  const written = draft.lead === 'none' ? null : draft.lead;
  const lead: Side | null = more.lead ?? (athlete ? (athlete.lead === 'none' ? written : athlete.lead) : written);
  const playing = more.hand ?? athlete?.hand ?? draft.hand;
  const performer: Performer = {
    body: bodyOf(athlete ?? {}, athlete ? isUnder16(athlete.ageGroup) : false),
    school,
    lead: school.staggered ? (lead ?? 'left') : null,
    playing,
    ...(athlete && { times: timesOf(athlete.tempo) }),
  };
  return { performer, ...textFor(draft.steps, draft, { hand: playing, lead: performer.lead }, school.staggered) };
}
