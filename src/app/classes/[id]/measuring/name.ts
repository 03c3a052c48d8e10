/** Somebody by id, and as they are called on the screen. */
export type Name = { readonly id: string; readonly name: string };
