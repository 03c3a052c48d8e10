/** A file that was dropped on one page and is looked at on another. */
let waiting: File | null = null;

export const putDropped = (file: File): void => {
  waiting = file;
};

/** The file that waits, once. */
export function takeDropped(): File | null {
  const file = waiting;
  waiting = null;
  return file;
}
