/** What a worker that makes a file says: how much of it is made, 0 to 1, then the file. */
export type FileReply =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'done'; readonly file: Uint8Array<ArrayBuffer> };
