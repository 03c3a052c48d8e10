import { FAMILIES } from '../../progress';
import { mean } from '../../statistics';
import { volumeOf } from '../volumes';
import type { Played, PlayedClass, PlayedPerson, PlayFacts, PlayOptions } from './options';
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
    people: facts.people
      .map((p) => personOver(plays, p.id))
      .sort((a, b) => shareBehind(b) - shareBehind(a) || b.steppedBack - a.steppedBack),
  };
}

function classOver(plays: readonly OnePlay[], at: number, week: number, facts: PlayFacts): PlayedClass {
  const all = plays.map((p) => p.classes[at]!);
  const over = (pick: (c: (typeof all)[number]) => number): number => mean(all.map(pick));
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

const personOver = (plays: readonly OnePlay[], personId: string): PlayedPerson => ({
  personId,
  came: mean(plays.map((p) => p.came.get(personId) ?? 0)),
  steppedBack: mean(plays.map((p) => p.steppedBack.get(personId) ?? 0)),
  behind: FAMILIES.flatMap((family) => {
    const times = plays.filter((p) => p.behind.get(personId)?.includes(family)).length;
    return times > 0 ? [{ family, share: times / plays.length }] : [];
  }),
});

const shareBehind = ({ behind }: PlayedPerson): number => Math.max(0, ...behind.map((b) => b.share));
