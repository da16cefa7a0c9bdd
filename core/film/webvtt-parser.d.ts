/** A parser and validator of WebVTT from the registry, for the specs alone: what they use of it. */
declare module 'webvtt-parser' {
  interface Node {
    readonly type: 'object' | 'text';
    readonly name?: string;
    readonly classes?: readonly string[];
    readonly value?: string;
    readonly children?: readonly Node[];
  }
  interface Parser {
    parse(
      text: string,
      mode: 'metadata' | 'subtitles',
    ): {
      readonly errors: readonly { readonly message: string; readonly line: number }[];
      readonly cues: readonly { readonly id: string; readonly startTime: number; readonly endTime: number; readonly tree: Node }[];
    };
  }
  const parser: { readonly WebVTTParser: new () => Parser };
  export default parser;
}
