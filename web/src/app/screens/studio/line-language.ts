import type { Completion, CompletionContext, CompletionResult } from '@codemirror/autocomplete';
import { LanguageSupport, LRLanguage, syntaxTree } from '@codemirror/language';
import { Facet, type EditorState } from '@codemirror/state';
import { hoverTooltip } from '@codemirror/view';
import { FINDINGS, type FindingCode } from '@hopsk/core/judge/finding';
import { ENGLISH } from '@hopsk/core/language/english';
import { lexiconOf, printed, wordOf } from '@hopsk/core/language/lexicon';
import { parserOf } from '@hopsk/core/language/line-parser';
import { MOVE_WORDS, ruleOf, type Family, type MoveWord } from '@hopsk/core/language/moves';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { strikesOf } from '@hopsk/core/language/sport-words';
import { words } from '@hopsk/words/words';
import { styleTags, tags } from '@lezer/highlight';

/** The words that a coach types steps in. */
const SPOKEN = ENGLISH;
const LEXICON = lexiconOf(SPOKEN);

/** The line of steps for the editor: the same grammar that core reads by. */
const LANGUAGE = LRLanguage.define({
  name: 'steps',
  parser: parserOf(SPOKEN).configure({
    props: [
      styleTags({
        Move: tags.keyword,
        'Event Thing/... Spot BranchName': tags.typeName,
        'Foot/... Toe/... Weight/...': tags.propertyName,
        'Direction/... Degrees/... Turning/... OnFloor/...': tags.operator,
        'Size/... Count/... GroupCount/... LeadCount/...': tags.number,
        Quoted: tags.string,
        Comment: tags.comment,
      }),
    ],
  }),
  languageData: { commentTokens: { line: '#' }, closeBrackets: { brackets: ['(', '"'] } },
});

/** The club's own moves, which a line may use like any other. */
export const ownMoves = Facet.define<readonly OwnMove[], readonly OwnMove[]>({ combine: (values) => values.flat() });

/** The sport whose strikes are offered. */
export const sportOf = Facet.define<string, string>({ combine: ([sport = '']) => sport });

const SEPARATOR = /[,;·→\n([|=]/;

/** Words that begin a step. */
const heads = (sport: string): Completion[] => [
  ...MOVE_WORDS.map((word) => {
    const { family } = ruleOf(word);
    return { label: SPOKEN.moves[word][0], type: family, info: words.moves[word], detail: family };
  }),
  ...strikesOf(sport).map((label) => ({ label, type: 'hand', detail: words.steps.hand })),
  ...printed(SPOKEN.events).map((label) => ({ label, type: 'event', detail: words.steps.event })),
  ...printed(SPOKEN.things).map((label) => ({ label, type: 'thing', detail: words.steps.thing })),
];

const DIRECTIONS = ['left', 'right', 'ahead', 'back', 'ahead left', 'ahead right', 'back left', 'back right'];

const SIZES = ['20 cm', '40 cm', '60 cm', '1×', 'small', 'even', 'big'];
/** How far somebody else is. */
const APART = ['1.2 m', '1.4 m ± 20 cm', '1.6 m'];

const SIDES = ['playing side', 'other side', 'lead side', 'rear side'];
const LANDS: readonly Family[] = ['load', 'gather', 'pass', 'reach', 'air'];

/** What may be said after this move, by the vocabulary. */
function partsOf(word: MoveWord, sport: string): Completion[] {
  const rule = ruleOf(word);
  const said = (labels: readonly string[], detail: string): Completion[] => labels.map((label) => ({ label, detail }));
  return [
    ...(rule.way === 'bearing' && !rule.fixed ? said(DIRECTIONS, words.steps.direction) : []),
    ...(rule.way === 'turn' ? said(['left', 'right', 'left 45°', 'right 45°', 'left 90°', 'right 90°'], words.steps.direction) : []),
    ...(rule.size === 'none' ? [] : said(rule.size === 'apart' ? APART : SIZES, words.steps.size)),
    ...(rule.foot
      ? said(
          [...LEXICON.feet.keys()].map((foot) => `${foot} ${SPOKEN.keys.foot[0]}`),
          words.steps.foot,
        )
      : []),
    ...(word === 'split' ? said(printed(SPOKEN.styles), words.steps.style) : []),
    ...(rule.way === 'none' || rule.fixed ? [] : said(SIDES, words.steps.direction)),
    ...(rule.way === 'bearing' ? said(['on the floor', 'turning left 45°', 'turning right 45°'], words.steps.direction) : []),
    ...(LANDS.includes(rule.family)
      ? said(['toe 20° out', ...['lead', 'rear'].map((foot) => `loading ${foot} foot`)], words.steps.foot)
      : []),
    ...said(['slow', 'quick', 'in 0.5 s'], words.steps.tempo),
    ...said(
      strikesOf(sport).map((strike) => `+ ${strike} on landing`),
      words.steps.hand,
    ),
    ...said(['+ hit on landing', '+ hit 80 ms after landing', '+ "…" on landing', '+ ball hit on landing'], words.steps.hand),
    ...said(['twice', '3 times', 'each side', 'each lead', 'mirrored'], words.steps.again),
    ...(rule.way === 'none'
      ? []
      : said(['home', 'to cone', 'to partner', ...printed(SPOKEN.spots).map((spot) => `to ${spot}`)], words.steps.aim)),
  ];
}

/** Where the step under the cursor begins, and what has been typed of it. */
function stepBefore(state: EditorState, pos: number): { from: number; text: string } {
  const before = state.sliceDoc(Math.max(0, pos - 400), pos);
  let start = before.length;
  while (start > 0 && !SEPARATOR.test(before[start - 1] as string)) start--;
  const lead = /^\s*(\d+\s*(times|×|x)?\s+)?/.exec(before.slice(start))?.[0].length ?? 0;
  return { from: pos - (before.length - start - lead), text: before.slice(start + lead) };
}

/** Completions: what begins a step, or what may follow its move. */
export function completeSteps(context: CompletionContext): CompletionResult | null {
  const { from, text } = stepBefore(context.state, context.pos);
  if (/#|"[^"]*$/.test(text)) return null;
  if (/^intended\s/.test(text)) {
    const word = context.matchBefore(/[\w-]*/);
    return {
      from: word?.from ?? context.pos,
      options: Object.keys(FINDINGS).map((label) => ({ label, info: words.findingMeans[label as FindingCode] })),
    };
  }
  const typed = text.toLowerCase();
  const said = [...LEXICON.moves.keys()].filter((word) => typed.startsWith(`${word} `)).sort((a, b) => b.length - a.length)[0] ?? '';
  const head = LEXICON.moves.get(said);
  if (head) {
    const word = context.matchBefore(/[\p{L}+]+/u);
    return word || context.explicit
      ? { from: word?.from ?? context.pos, options: partsOf(head, context.state.facet(sportOf)), validFor: /^[\p{L}]*$/u }
      : null;
  }
  if (text === '' && !context.explicit) return null;
  const names = [...context.state.doc.toString().matchAll(/(?:^|[,;\n])[^\S\n]*([\p{L}_-]+)\s*=/gu)].map((match): Completion => ({
    label: match[1] as string,
    detail: words.steps.named,
  }));
  const ours = context.state.facet(ownMoves).map(({ name, steps }): Completion => ({ label: name, info: steps, detail: words.steps.ours }));
  return { from, options: [...ours, ...heads(context.state.facet(sportOf)), ...names], validFor: /^[\p{L}\- ]*$/u };
}

/** Help on a move under the pointer. */
const help = hoverTooltip((view, pos) => {
  const node = syntaxTree(view.state).resolveInner(pos, 0);
  const move = node.name === 'Move' ? LEXICON.moves.get(wordOf(view.state.sliceDoc(node.from, node.to))) : undefined;
  if (move === undefined) return null;
  return {
    pos: node.from,
    end: node.to,
    above: true,
    create: () => {
      const dom = document.createElement('div');
      dom.className = 'help';
      const what = document.createElement('p');
      what.textContent = words.moves[move];
      const how = document.createElement('code');
      how.textContent = ruleOf(move).example;
      dom.append(what, how);
      return { dom };
    },
  };
});

export const stepsLanguage = (): LanguageSupport =>
  new LanguageSupport(LANGUAGE, [LANGUAGE.data.of({ autocomplete: completeSteps }), help]);

/** The step or bracket of the line's first level that holds a place. */
export function topStepAt(state: EditorState, pos: number): { from: number; to: number } | null {
  let found: { from: number; to: number } | null = null;
  for (let child = syntaxTree(state).topNode.firstChild; child; child = child.nextSibling)
    if (child.from <= pos && pos <= child.to) found = { from: child.from, to: child.to };
  return found;
}
