/** Whole seconds as m:ss, or h:mm:ss from an hour up. Negative times have a minus sign. */
export function clockText(ms: number): string {
  const total = Math.round(Math.abs(ms) / 1000);
  const [h, m, s] = [Math.floor(total / 3600), Math.floor((total % 3600) / 60), total % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  const text = h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
  return ms < 0 && total > 0 ? `−${text}` : text;
}

/** How much longer one length is than another, as both read in whole seconds: "+0:08", "−0:09", "0:00". */
export function clockDifference(fromMs: number, toMs: number): string {
  const seconds = Math.round(toMs / 1000) - Math.round(fromMs / 1000);
  return `${seconds > 0 ? '+' : ''}${clockText(seconds * 1000)}`;
}

/** A length as one says it: "40 seconds", "about 2 minutes". */
export function spokenLength(ms: number): string {
  const seconds = Math.round(ms / 1000);
  if (seconds < 55) return `about ${plural(Math.max(5, Math.round(seconds / 5) * 5), 'second')}`;
  const halves = Math.round(seconds / 30);
  const minutes = Math.floor(halves / 2);
  if (halves % 2 === 0) return `about ${plural(minutes, 'minute')}`;
  return minutes === 1 ? 'about a minute and a half' : `about ${minutes} and a half minutes`;
}

export const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** The first letter large, as a sentence begins. */
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Short lines as sentences, each with its own end. */
export const sentences = (lines: readonly string[]): string =>
  lines.map((line) => (/[.?]$/.test(line) ? line : `${line}.`)).join(' ');

/** "Bea K", "Bea K and Iolo P", "Bea K, Iolo P and 3 more". */
export function nameList(names: readonly string[], most = 3): string {
  if (names.length === 0) return 'nobody';
  if (names.length === 1) return names[0]!;
  if (names.length <= most) return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
  return `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`;
}

/** "10:30 to 11:15". */
export function timeSpan(startsAt: string, minutes: number): string {
  const [h = 0, m = 0] = startsAt.split(':').map(Number);
  const end = h * 60 + m + minutes;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${startsAt} to ${two(Math.floor(end / 60) % 24)}:${two(end % 60)}`;
}

export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
