import { bare } from '../language/act.js';
import type { Act, Definition, Happening, Item, Step, Tempo } from '../language/ast.js';
import type { Span } from '../language/places.js';
import { exchangeFeet, hasSide, mirrorAct, otherName, scaleAct } from '../language/turn-round.js';
import type { ProblemMessage } from './messages.js';

/** Which of so many branches is taken, from 0, by what they are called. */
export type Choose = (branches: number, names: readonly (string | null)[]) => number;

/** A branch that was taken: of how many, at which bracket. */
export interface Choice {
  readonly taken: number;
  readonly of: number;
  /** What it is called, where it has a name. */
  readonly name: string | null;
  readonly span: Span;
}

/** One thing after the other, as it is done. */
export type Unfolded =
  /** A step; `left` of the same count follow, this one included; `span` is where it stands in the line. */
  | { readonly kind: 'step'; readonly step: Step; readonly left: number; readonly span: Span }
  | { readonly kind: 'event'; readonly event: Happening }
  /** Something that only the coach can answer. */
  | { readonly kind: 'asks'; readonly span: Span; readonly asks: ProblemMessage };

/** What brackets and names around a step make of it. */
interface Around {
  readonly ways: boolean;
  readonly feet: boolean;
  readonly scale: number;
  readonly tempo: Tempo | null;
  readonly at: Span | null;
}

type Done = Exclude<Item, Happening>;

/** More brackets and steps than this are never opened, whatever the counts say; then it says so. */
const MOST_OPENED = 20_000;

/**
 * The items one by one: counts, named parts, sides, leads and branches opened. Lazy and bounded: whoever stops reading stops
 * the work. `taken` grows by each branch chosen.
 * @param engine by which parts are scaled.
 */
export function* unfold(
  items: readonly Item[],
  definitions: readonly Definition[],
  choose: Choose,
  taken: Choice[],
  engine: number,
): Generator<Unfolded, void> {
  const parts = new Map(definitions.map((one) => [one.name, one.items]));
  const footNamed = new Map(definitions.map((one) => [one.name, false]));
  for (const one of definitions) footNamed.set(one.name, one.items.some(namesAFoot));
  const sided = new Map(definitions.map((one) => [one.name, false]));
  for (const one of definitions) sided.set(one.name, one.items.some(hasASide));
  let opened = 0;

  function namesAFoot(item: Item): boolean {
    if (item.kind === 'step') return item.act.foot === 'left' || item.act.foot === 'right';
    if (item.kind === 'group') return item.branches.some((branch) => branch.some(namesAFoot));
    return item.kind === 'call' && (footNamed.get(item.name) ?? false);
  }

  /** Whether the other side is another way; a part that is not known is none. */
  function hasASide(item: Item): boolean {
    if (item.kind === 'step') return hasSide(item.act);
    if (item.kind === 'group') return item.branches.some((branch) => branch.some(hasASide));
    return item.kind === 'call' && (sided.get(item.name) ?? false);
  }

  function* all(list: readonly Item[], around: Around): Generator<Unfolded, void> {
    for (const item of list) {
      if (item.kind === 'event') yield { kind: 'event', event: item };
      else yield* both(item, item.mirrored ? { ...around, ways: !around.ways, feet: !around.feet } : around);
    }
  }

  /** Once, or for both sides, or with both feet leading. */
  function* both(item: Done, around: Around): Generator<Unfolded, void> {
    const span = around.at ?? item.span;
    const asked = item.each !== 'side' ? null : namesAFoot(item) ? 'names-a-foot' : hasASide(item) ? null : 'no-side';
    if (asked) yield { kind: 'asks', span, asks: { code: asked, values: {} } };
    yield* times(item, around);
    if (item.each === 'side') yield* times(item, { ...around, ways: !around.ways });
    if (item.each === 'lead') {
      yield otherLead(span);
      yield* times(item, { ...around, ways: !around.ways, feet: !around.feet });
      yield otherLead(span);
    }
  }

  function* times(item: Done, around: Around): Generator<Unfolded, void> {
    for (let i = 0; i < item.times; i++) {
      if (++opened > MOST_OPENED) {
        if (opened === MOST_OPENED + 1)
          yield {
            kind: 'asks',
            span: around.at ?? item.span,
            asks: { code: 'too-many', values: { counted: 'brackets', most: MOST_OPENED } },
          };
        return;
      }
      if (item.kind === 'step') {
        const step = { ...item, act: inside(item.act, around, engine), tempo: item.tempo ?? around.tempo };
        yield { kind: 'step', step, left: item.times - i, span: around.at ?? item.span };
      } else if (item.kind === 'group') {
        const { length } = item.branches;
        const branch = length < 2 ? 0 : choose(length, item.names);
        if (length > 1) taken.push({ taken: branch, of: length, name: named(item.names[branch] ?? null, around), span: item.span });
        yield* all(item.branches[branch] ?? [], around);
      } else {
        const { scale, tempo, at } = around;
        const within = { ...around, scale: scale * item.scale, tempo: item.tempo ?? tempo, at: at ?? item.span };
        yield* all(parts.get(item.name) ?? [], within);
      }
    }
  }

  yield* all(items, { ways: false, feet: false, scale: 1, tempo: null, at: null });
}

/** What a branch is called on the side on which it is done. */
const named = (name: string | null, { ways }: Around): string | null => (name !== null && ways ? otherName(name) : name);

function inside(act: Act, { ways, feet, scale }: Around, engine: number): Act {
  const turned = ways ? mirrorAct(act, feet ? 'lead' : 'directions') : feet ? exchangeFeet(act) : act;
  return scaleAct(turned, scale, engine);
}

function otherLead(span: Span): Unfolded {
  const step: Step = {
    kind: 'step',
    act: bare('other lead'),
    tempo: null,
    then: null,
    hands: [],
    times: 1,
    each: null,
    mirrored: false,
    span,
  };
  return { kind: 'step', step, left: 1, span };
}
