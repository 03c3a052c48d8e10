import { FAMILIES, type Family } from '../../progress';
import { mean, quantile } from '../../statistics';
import { volumeOf } from '../volumes';
import type { Played, PlayedClass, PlayedPerson, PlayFacts, PlayOptions, Quartiles } from './options';
import { playOnce, type OnePlay } from './play';

/**
 * A term played forward so many times with made-up attendance and response, before it begins: what would be asked, which
 * rules would be broken and who might fall behind. The same facts, options and seed give the same answer. It compares
 * plans; it predicts nobody. `onPlay` is told how many plays are done.
 */
export function playTerm(
  facts: PlayFacts,
  options: PlayOptions,
  onPlay: (done: number) => void = () => {},
): Played {
  const plays: OnePlay[] = [];
  for (let i = 0; i < options.plays; i++) {
    plays.push(playOnce(facts, options, options.seed * 1_000 + i));
    onPlay(plays.length);
  }
  return {
    plays: plays.length,
    classes: facts.classes.map((c, i) => classOver(plays, i, c.week, facts)),
    people: apartFirst(
      facts.people.map((p) => personOver(plays, p.id)),
      plays.length,
    ),
  };
}

/** Standard errors from the mean of all at which a share is called apart: for 20 people by chance about once in forty terms. */
const APART = 3;

function apartFirst(
  people: readonly Omit<PlayedPerson, 'isApart'>[],
  plays: number,
): readonly PlayedPerson[] {
  const usual = people.length > 0 ? mean(people.map((p) => p.shareBehind)) : 0;
  return people
    .map((p) => ({ ...p, isApart: p.shareBehind - usual > APART * standardErrorOf(usual, plays) }))
    .sort((a, b) => Number(b.isApart) - Number(a.isApart) || (a.isApart ? b.shareBehind - a.shareBehind : 0));
}

/** Of a share in so many plays. A share of none or all is taken as half a play more or less, since so few tell no better. */
function standardErrorOf(share: number, plays: number): number {
  const held = Math.min(1 - 0.5 / plays, Math.max(0.5 / plays, share));
  return Math.sqrt((held * (1 - held)) / plays);
}

function classOver(plays: readonly OnePlay[], at: number, week: number, facts: PlayFacts): PlayedClass {
  const all = plays.map((p) => p.classes[at]!);
  const over = (pick: (c: (typeof all)[number]) => number): Quartiles => quartilesOf(all.map(pick));
  const texts = new Map<string, { code: string; text: string; plays: number }>();
  for (const { code, text } of all.flatMap((c) => c.breaches)) {
    const known = texts.get(text);
    texts.set(text, { code, text, plays: (known?.plays ?? 0) + 1 });
  }
  return {
    week,
    came: over((c) => c.came),
    effort: over((c) => c.effort),
    sore: over((c) => c.sore),
    movedOn: over((c) => c.movedOn),
    steppedBack: over((c) => c.steppedBack),
    planned: volumeOf(all[0]!.plan, facts.catalogue),
    breaches: [...texts.values()]
      .map(({ code, text, plays: times }) => ({ code, text, share: times / plays.length }))
      .sort((a, b) => b.share - a.share || a.code.localeCompare(b.code)),
  };
}

const quartilesOf = (values: readonly number[]): Quartiles => ({
  low: quantile(values, 0.25),
  middle: quantile(values, 0.5),
  high: quantile(values, 0.75),
});

function personOver(plays: readonly OnePlay[], personId: string): Omit<PlayedPerson, 'isApart'> {
  const share = (fits: (behind: readonly Family[]) => boolean) =>
    plays.filter((p) => fits(p.behind.get(personId) ?? [])).length / plays.length;
  return {
    personId,
    steppedBack: mean(plays.map((p) => p.steppedBack.get(personId) ?? 0)),
    behind: FAMILIES.map((family) => ({ family, share: share((b) => b.includes(family)) })).filter(
      (b) => b.share > 0,
    ),
    shareBehind: share((b) => b.length > 0),
  };
}
