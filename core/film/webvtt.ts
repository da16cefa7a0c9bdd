import { seenFirst, type Frames } from './frames.js';
import { MARKS, type Mark, type MarkKind } from './marks.js';

/** A moment of WebVTT: hours, minutes, seconds and thousandths (W3C WebVTT, 4.1). */
function stamp(seconds: number): string {
  const ms = Math.round(seconds * 1000);
  const two = (n: number): string => String(n).padStart(2, '0');
  const [s, m, h] = [Math.floor(ms / 1000), Math.floor(ms / 60_000), Math.floor(ms / 3_600_000)];
  return `${two(h)}:${two(m % 60)}:${two(s % 60)}.${String(ms % 1000).padStart(3, '0')}`;
}

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/**
 * Marks as WebVTT, for players that show it beside the clip: each from the frame before to the frame in which it is seen first, its code
 * as the class of its text.
 * @param label what a mark is called.
 * @example webvttOf([0, 0.04], [{ kind: 'back', frame: 1 }], () => 'back').split('\n')[3] // '00:00:00.000 --> 00:00:00.040'
 */
export function webvttOf(frames: Frames, marks: readonly Mark[], label: (kind: MarkKind) => string): string {
  const cues = [...marks]
    .sort((a, b) => a.frame - b.frame)
    .map(({ kind, frame }) => {
      const { at, within } = seenFirst(frames, frame);
      return `frame ${frame}\n${stamp(at - within)} --> ${stamp(at + within)}\n<c.${kind}>${escaped(label(kind))}</c>\n`;
    });
  return ['WEBVTT\n', ...cues].join('\n');
}

const TIMING = /^(?:(\d{2,}):)?([0-5]\d):([0-5]\d\.\d{3}) --> (?:(\d{2,}):)?([0-5]\d):([0-5]\d\.\d{3})/;
const CLASS = /<c\.([a-z-]+)>/;

/** What was read of a file: marks, and how many of its cues are none of ours. */
export interface ReadCues {
  readonly marks: readonly Mark[];
  readonly others: number;
}

/**
 * Reads marks from WebVTT: the frame that a cue names, where the clip has it; else the one that its middle is nearest to. Cues of another
 * kind are counted. Null where the text is no WebVTT.
 * @example marksFromWebvtt('1\n2', [0, 1]) // null
 */
export function marksFromWebvtt(text: string, frames: Frames): ReadCues | null {
  const blocks = text
    .replace(/^\uFEFF/, '')
    .replaceAll('\r\n', '\n')
    .replaceAll('\r', '\n')
    .split(/\n{2,}/);
  if (!/^WEBVTT(?:[ \t\n]|$)/.test(blocks[0] ?? '')) return null;
  const marks: Mark[] = [];
  let others = 0;
  for (const block of blocks.slice(1)) {
    const lines = block.split('\n').filter((line) => line !== '');
    const at = lines.findIndex((line) => line.includes('-->'));
    const timing = TIMING.exec(lines[at] ?? '');
    if (at < 0) continue;
    const kind = MARKS.find((one) => one === CLASS.exec(lines.slice(at + 1).join('\n'))?.[1]);
    const frame = timing && frameOf(at > 0 ? (lines[at - 1] ?? '') : '', secondsOf(timing), frames);
    if (kind && frame) marks.push({ kind, frame });
    else others++;
  }
  return { marks, others };
}

/** The middle of a cue, seconds. */
function secondsOf([, h1 = '0', m1 = '0', s1 = '0', h2 = '0', m2 = '0', s2 = '0']: RegExpExecArray): number {
  const of = (h: string, m: string, s: string): number => 3600 * Number(h) + 60 * Number(m) + Number(s);
  return (of(h1, m1, s1) + of(h2, m2, s2)) / 2;
}

function frameOf(id: string, middle: number, frames: Frames): number | null {
  const named = Number(/^frame (\d{1,6})$/.exec(id)?.[1] ?? 0);
  if (named > 0) return named < frames.length ? named : null;
  let best: number | null = null;
  for (let frame = 1; frame < frames.length; frame++)
    if (best === null || Math.abs(seenFirst(frames, frame).at - middle) < Math.abs(seenFirst(frames, best).at - middle)) best = frame;
  return best;
}
