import { PURPOSES, usesHands, type Purpose } from '../catalogue';
import { primaryCount } from '../dose';
import { HAND_SPOTS } from '../hand';
import { baselineWords, movementRows, type RuleContext } from '../plan';
import { nameList } from '../words';
import type { Option } from './option';
import { minutesOf, purposesOf } from './score';
import { targetMinutes } from './weights';
import type { DraftWish } from './wish';

const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  glide: 'gentle movement',
  hold: 'holding',
  grip: 'grip',
  load: 'loading',
  ease: 'easing',
};

/** A sentence for each row: what weighs most of what is true of it; where the row before says the same, the next of its own. */
export function whysOf(
  chosen: readonly Option[],
  wish: DraftWish,
  context: RuleContext,
): ReadonlyMap<string, string> {
  const said = new Map<string, string>();
  let before = '';
  for (const row of chosen) {
    const all = reasonsOf(row, chosen, wish, context);
    before = all.find((words) => words !== before) ?? all[0]!;
    said.set(row.movement.id, before);
  }
  return said;
}

function reasonsOf(
  row: Option,
  chosen: readonly Option[],
  wish: DraftWish,
  context: RuleContext,
): readonly string[] {
  const { movement, minutes } = row;
  const others = chosen.filter((o) => o !== row);
  // What is not for the hands moves them by the way.
  const alone = HAND_SPOTS.filter(
    (s) => usesHands(movement) && row.spots.includes(s.id) && !others.some((o) => o.spots.includes(s.id)),
  );
  const own = row.reasons.filter((r) => !r.isService).map((r) => r.words);
  const isOnly = !others.some((o) => o.movement.purpose === movement.purpose);
  const purpose = PURPOSE_WORDS[movement.purpose];
  const target = targetMinutes(wish.lengthMs, purposesOf(wish))[movement.purpose];
  return [
    ...(wish.pinned.includes(movement.id) ? ['it was pinned'] : []),
    ...(row.step === 'more' ? [moreThan(row, context)] : []),
    ...own.filter((words) => !words.startsWith('it goes on') && !words.startsWith('it asks')),
    ...(alone.length > 0
      ? [`nothing else in the class moves the ${nameList(alone.map((s) => s.name))}`]
      : []),
    ...(isOnly ? [`it is all the ${purpose} of the class`] : []),
    ...own.filter((words) => words.startsWith('it goes on')),
    `it is ${minuteWords(minutes)} of the ${minuteWords(target)} of ${purpose} that such a class is to have`,
    ...(row.spots.length > 0 && usesHands(movement)
      ? [`it moves the ${nameList(HAND_SPOTS.filter((s) => row.spots.includes(s.id)).map((s) => s.name))}`]
      : []),
    ...row.reasons.filter((r) => r.isService).map((r) => r.words),
  ].map((words) => `Here because ${words}.`);
}

/** What a selection holds: minutes of each purpose beside those that such a class is to have. */
export function holdsWords(chosen: readonly Option[], wish: Pick<DraftWish, 'focus' | 'lengthMs'>): string {
  const targets = targetMinutes(wish.lengthMs, purposesOf(wish));
  const held = PURPOSES.map((p) => {
    return `${PURPOSE_WORDS[p]} ${toHalf(minutesOf(chosen, p))} of ${toHalf(targets[p])}`;
  });
  return `Minutes of work beside what such a class is to have: ${held.join(', ')}`;
}

const toHalf = (minutes: number): number => Math.round(minutes * 2) / 2;
const minuteWords = (minutes: number): string => {
  const halves = Math.max(0.5, toHalf(minutes));
  return halves === 1 ? 'a minute' : halves === 0.5 ? 'half a minute' : `${halves} minutes`;
};

/** What it asks more than the class that increases are measured against. */
function moreThan({ movement, dose }: Option, { baseline }: RuleContext): string {
  const was = baseline && movementRows(baseline.plan).find((r) => r.movementId === movement.id)?.dose;
  if (!baseline || !was) return 'it asks a little more';
  const [now, then] = [primaryCount(dose.count), primaryCount(was.count)];
  const what = now === then ? `${dose.sets} sets` : `${now}`;
  const instead = now === then ? `${was.sets}` : `${then}`;
  return `it goes on from ${baselineWords(baseline)} with ${what} instead of ${instead}`;
}
