import { handsText } from '@hopsk/core/view/hands-text';
import type { Report } from '@hopsk/core/view/report';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';

/** Two columns, the first as wide as its longest word. */
export function columns(rows: readonly (readonly [string, string])[]): string {
  const wide = Math.max(0, ...rows.map(([name]) => name.length));
  return rows.map(([name, value]) => `${name.padEnd(wide + 2)}${value}`).join('\n');
}

/** A hair below nothing is nothing. */
const m = (metres: number): string => `${metres.toFixed(3).replace(/^-(0\.0+)$/, '$1')} m`;
const pair = (side: { left: number; right: number }): string => `left ${side.left}, right ${side.right}`;
const share = (part: number): string => `${Math.round(part * 100)} %`;

/** A report as people read it. */
export function tableOf(report: Report): string {
  const { net, heading, lead, stance, path, floor, floorWithReach, states, answer, landings, drift } = report;
  const counted = Object.entries(landings).filter(([, n]) => n > 0);
  return columns([
    ['time', `${report.time.toFixed(2)} s`],
    ['net', `${m(net.ahead)} ahead, ${m(net.right)} right${report.closed ? ', closed' : ''}`],
    ['heading', `${heading.accumulated.toFixed(1)}° (${heading.normalised.toFixed(1)}°)`],
    ['lead', `${lead.start ?? 'none'} → ${lead.end ?? 'none'}`],
    ['stance at the end', `${m(stance.length)} long, ${m(stance.width)} wide`],
    ['path', `right ${m(path.right[0])} … ${m(path.right[1])}, ahead ${m(path.ahead[0])} … ${m(path.ahead[1])}, ${m(path.length)} in all`],
    ['contacts', pair(report.contacts)],
    ['splits', String(report.splits)],
    ['lunges', pair(report.lunges)],
    ['pivots', pair(report.pivots)],
    ['landings', counted.length === 0 ? 'none' : counted.map(([kind, n]) => `${n} ${kind}`).join(', ')],
    ['hand words', handsText(report.hands) || 'none'],
    ['floor', `${m(floor.across)} × ${m(floor.along)}; with reach ${m(floorWithReach.across)} × ${m(floorWithReach.along)}`],
    [
      'states',
      (Object.entries(states) as [string, number][])
        .filter(([, part]) => part > 0)
        .map(([state, part]) => `${state === 'stopSafe' ? 'stop-safe' : state} ${share(part)}`)
        .join(', '),
    ],
    [
      'time to answer',
      `worst ${answer.worst === null ? 'never' : `${answer.worst.toFixed(2)} s`}, mean ${answer.mean === null ? '–' : `${answer.mean.toFixed(2)} s`}`,
    ],
    ...(report.choices.length > 0 ? ([['choices', report.choices.join(',')]] as const) : []),
    ...(drift
      ? ([
          [
            `drift after ${drift.repetitions}`,
            `${m(drift.after.ahead)} ahead, ${m(drift.after.right)} right, turned ${drift.after.turned.toFixed(1)}°`,
          ],
          ['closes', drift.closesAfter === null ? `not within ${drift.repetitions}` : `after ${drift.closesAfter}`],
          ['stance lost', drift.stanceLostAfter === null ? `not within ${drift.repetitions}` : `after ${drift.stanceLostAfter}`],
        ] as const)
      : []),
  ]);
}

export function findingLines(report: Report): string {
  return report.findings
    .map(
      ({ level, at, text, intended, ...says }) =>
        `${intended ? 'meant' : level}  ${at.toFixed(2)} s  ${says.code}  ${say(words.findings, says)}${text === null ? '' : `  [${text.replace(/\s+/g, ' ')}]`}`,
    )
    .join('\n');
}
