declare module 'webvtt-parser' {
  export class WebVTTParser {
    parse(
      text: string,
      kind: 'captions',
    ): {
      readonly cues: readonly {
        readonly id: string;
        readonly startTime: number;
        readonly endTime: number;
        readonly text: string;
      }[];
      readonly errors: readonly { readonly message: string; readonly line: number }[];
    };
  }
}
