/** A value that nobody changes: readonly all the way down. */
export type Immutable<T> = T extends object ? { readonly [K in keyof T]: Immutable<T[K]> } : T;

/** What a form works on until it is sent. */
export type Editable<T> = T extends object ? { -readonly [K in keyof T]: Editable<T[K]> } : T;

/** A copy for a form. */
export const editable = <T>(value: T): Editable<T> => structuredClone(value) as Editable<T>;

let freezes = false;

/** In development and in tests a value that is remembered by its identity is frozen, so that a change to it throws. */
export const freezeValues = (): void => {
  freezes = true;
};

/** The same value, frozen all the way down where values are frozen. What is frozen already is not looked into again. */
export function frozen<T>(value: T): T {
  if (!freezes || typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.freeze(value);
  for (const part of Object.values(value)) frozen(part);
  return value;
}
