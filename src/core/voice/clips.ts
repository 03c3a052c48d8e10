import { LENGTHS } from './lengths';

/** Between two clips of one phrase, ms. */
export const CLIP_GAP_MS = 90;

const lengths: ReadonlyMap<string, number> = new Map(Object.entries(LENGTHS));

/** The clips that a phrase is put together from, in order; null where one is missing. */
export function clipsOf(
  phrase: string,
  isThere: (clip: string) => boolean = (clip) => lengths.has(clip),
): readonly string[] | null {
  if (isThere(phrase)) return [phrase];
  const parts = phrase.split(', ');
  return parts.length > 1 && parts.every(isThere) ? parts : null;
}

/** The clips of a phrase and when each begins after the first, ms; none where the voice cannot say it. */
export function clipTimes(phrase: string): readonly { readonly clip: string; readonly atMs: number }[] {
  let atMs = 0;
  return (clipsOf(phrase) ?? []).map((clip) => {
    const begun = { clip, atMs };
    atMs += lengths.get(clip)! + CLIP_GAP_MS;
    return begun;
  });
}

/** How long the voice that ships with Oskil takes to say a phrase, ms; null where it cannot. */
export function spokenMs(phrase: string): number | null {
  const last = clipTimes(phrase).at(-1);
  return last ? last.atMs + lengths.get(last.clip)! : null;
}
