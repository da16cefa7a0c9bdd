import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { SessionDraft } from '@hopsk/contract/session-draft';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS } from '@hopsk/core/body/school';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { buildUp } from '@hopsk/core/plan/build/build-up';
import { stageInWords } from '@hopsk/core/plan/build/built';
import { stageOf } from '@hopsk/core/plan/session/stage';
import { buildWords } from '@hopsk/words/naming';
import { newId } from '../data/ids';
import { athlete, pattern } from '../testing/run';
import { draft, KNOWN, session, stage } from '../testing/sessions';
import { aroundOf, askOf, copyOf, draftOf, EMPTY, forAthlete, isTurned, keptStages } from './session-draft';
import { sourceOf } from './sources';

describe('a session being planned', () => {
  const ada = athlete({ name: 'Ada' });
  const [one, two] = [stage('8'), stage('30 s')];

  it('is what is stored without its stamp; nothing stored is an empty page', () => {
    const stored = session();
    const { id: _id, version: _version, archivedAt: _archived, ...body } = stored;
    expect(draftOf(stored)).toEqual(body);
    expect(draftOf(null)).toEqual(EMPTY);
    expect(SessionDraft.safeParse({ ...EMPTY, name: 'Tuesday' }).success).toBeTrue();
  });

  it('keeps stages that core made', () => {
    const line = { steps: 'split', school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true } as const;
    const made = stageOf(newId(), 'Split', line, { watch: ['split-late'] });
    const [kept] = keptStages([made]);
    expect(JSON.parse(JSON.stringify(kept))).toEqual(JSON.parse(JSON.stringify(made)));
    expect(() => keptStages([{ ...made, tempo: 90 }])).toThrow();
  });

  it('takes whatever is built, of patterns with names and lines as long as they may be', () => {
    const steps = Array.from({ length: 40 }, (_, i) => `shuffle ${i % 2 ? 'left' : 'right'} ${40 + i} cm`).join(', ');
    const own = pattern({
      name: 'x'.repeat(80),
      steps: `split, ${steps}, lunge ahead right 80 cm right foot + hit 80 ms after landing, recover back`,
    });
    const performer = { body: bodyOf({}), school: SCHOOLS[0], lead: null, playing: 'right' } as const;
    for (const playbook of PLAYBOOKS) {
      const built = buildUp(sourceOf(own), performer, {
        chain: 'whole-part-whole',
        kinds: STAGE_KINDS,
        opposed: 'partner',
        playbook,
        settings: { rest: 20, setRest: 45 },
        focus: [],
        cautions: [],
        otherLead: true,
        child: false,
        mastered: new Set(),
        own: [],
        newId,
      });
      expect(() => keptStages(built.stages.map((one) => stageInWords(one, buildWords()))))
        .withContext(playbook.code)
        .not.toThrow();
    }
  });

  it('is copied with nothing shared: other ids, the differences still beside their stages', () => {
    const differences = [{ athlete: ada.id, stage: two.id, skip: true, dose: '', note: '' }];
    const first = draft([one, two], { athletes: [ada.id], differences });
    const copy = copyOf(first, 'Wednesday', false);
    expect(copy.stages.map((each) => each.id)).not.toContain(one.id);
    expect(copy.differences[0]?.stage).toBe(copy.stages[1]?.id ?? '');
    expect([copy.name, copy.athletes]).toEqual(['Wednesday', [ada.id]]);
    const template = copyOf(first, 'Template', true);
    expect([template.template, template.athletes, template.differences]).toEqual([true, [], []]);
  });

  it('is done otherwise by one athlete, and as planned by the others', () => {
    const differences = [
      { athlete: ada.id, stage: one.id, skip: true, dose: '', note: '' },
      { athlete: ada.id, stage: two.id, skip: false, dose: '15 s', note: 'knee' },
    ];
    const both = draft([one, two], { differences });
    expect(forAthlete(both, ada.id).stages.map((each) => each.dose)).toEqual(['15 s']);
    expect(forAthlete(both, newId())).toBe(both);
    expect(forAthlete(both, null)).toBe(both);
  });

  it('is asked about with the athlete’s body, level and leads, and the club’s patterns', () => {
    const child = athlete({ name: 'Otto', ageGroup: '10–12', level: 'beginner', otherLead: 'none', lead: 'left', height: 1.44 });
    const library = [pattern()];
    const around = aroundOf(child, { patterns: library, landingsBefore: [40] });
    expect(around).toEqual(
      jasmine.objectContaining({ child: true, level: 'beginner', otherLead: false, lead: 'left', landingsBefore: [40], name: 'Otto' }),
    );
    expect(around.patterns?.get(library[0]?.id ?? '')).toBe(1);
    const asked = askOf(draft([one], { athletes: [child.id, ada.id] }), child, KNOWN);
    expect([asked.athletes, asked.performers[0]?.body.height.metres]).toEqual([2, 1.44]);
    expect(askOf(draft([one]), null, KNOWN).athletes).toBe(1);
  });

  it('says for whom its lines are turned round', () => {
    expect(isTurned(draft([one]), athlete({ hand: 'left' }), SCHOOLS)).toBeTrue();
    expect(isTurned(draft([one]), athlete({ hand: 'right' }), SCHOOLS)).toBeFalse();
  });
});
