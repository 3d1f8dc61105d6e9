declare module 'mbox-reader' {
  export function mboxReader(source: NodeJS.ReadableStream): AsyncIterable<{ content: Buffer }>;
}
