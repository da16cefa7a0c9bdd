import type { CauseMap } from '@hopsk/contract/cause-map';
import { beside } from '@hopsk/core/evidence/together';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Arrow, Drawn } from '../../drawing/cause-chart';

type Node = CauseMap['nodes'][number];

const SEEN: readonly Node['state'][] = ['returned', 'recurring', 'new', 'fading'];

/** The map as it is drawn. */
export const drawnOf = ({ nodes, links }: CauseMap): { readonly nodes: Drawn[]; readonly arrows: Arrow[] } => ({
  nodes: nodes.map((node) => ({
    ...{ fault: node.fault, level: node.level, label: faultLabel(node.fault), below: belowOf(node) },
    as: node.root ? 'root' : SEEN.includes(node.state) ? 'seen' : 'quiet',
  })),
  arrows: links.map(({ cause, fault, log }) => ({ cause, fault, full: log === 'found' })),
});

function belowOf({ state, rate }: Node): string {
  const { states, rate: says } = words.causes;
  return state in states ? states[state as keyof typeof states] : says(rate ?? 0);
}

/** What is said above it: where it may begin, what is to be looked for, what was ruled out, and what comes together without a link. */
export function saidOf({ nodes, links, others }: CauseMap): Readonly<Record<'roots' | 'look' | 'others', string[]>> {
  const { causes: text } = words;
  const effects = (cause: string): CauseMap['links'] => links.filter((link) => link.cause === cause);
  const brings = (cause: string): string[] =>
    effects(cause).flatMap(({ fault, log, showed }) =>
      log === 'found' && showed ? [text.brings({ ...showed, fault: faultLabel(fault) })] : [],
    );
  const look = nodes.filter(({ state }) => state === 'not looked for' || state === 'noted');
  const faults = (cause: string): string =>
    effects(cause)
      .map(({ fault }) => text.quoted(faultLabel(fault)))
      .join(', ');
  return {
    roots: nodes.filter(({ root }) => root).map(({ fault }) => text.root(faultLabel(fault), brings(fault).join('; '))),
    look: [
      ...look.map(({ fault }) => text.lookFor(faultLabel(fault), faults(fault))),
      ...nodes.filter(({ state }) => state === 'clear').map(({ fault }) => text.ruledOut(faultLabel(fault))),
    ],
    others: others.map((pair) =>
      text.root(faultLabel(pair.other), text.brings({ ...beside(pair, pair.fault), fault: faultLabel(pair.fault) })),
    ),
  };
}

/** The links as a table: what the log bears out first. */
export function linkRows({ links }: CauseMap): string[][] {
  const order = ['found', 'not found', 'too few'];
  return [...links]
    .sort((a, b) => order.indexOf(a.log) - order.indexOf(b.log))
    .map(({ cause, fault, log, showed }) => [
      ...[faultLabel(cause), faultLabel(fault), words.causes.log[log]],
      ...(showed ? [words.causes.times(showed.with, showed.ofWith), words.causes.times(showed.without, showed.ofWithout)] : ['', '']),
    ]);
}
