import type { RowMovement } from '../stance';
import type { Help, Movement } from '../catalogue';
import type { Dose, Hand } from '../dose';
import type { Person } from '../people';
import { helpExposureOf } from './exposure';
import type { Hit } from './hit';
import { hitsOn, type ScreeningContext } from './hits';
import { ruleHits } from './rule-hits';

export type Judgement = { readonly kind: 'do' | 'adapt' | 'leaveOut'; readonly hits: readonly Hit[] };

/** Both hands in a row, each with the part of the other in mind: a hand that must rest is nobody's partner. */
export function judgeHands(
  person: Person,
  movement: RowMovement,
  dose: Dose,
  context: ScreeningContext,
): Readonly<Record<Hand, Judgement>> {
  const own = {
    L: hitsOn(person, 'L', movement, dose, context),
    R: hitsOn(person, 'R', movement, dose, context),
  };
  // Hands at one thing do it one way: what one of them asks for, both do.
  const isOneThing = movement.hands === 'joined' || movement.hands === 'sharing';
  const all = [...own.L, ...own.R];
  const shared = isOneThing && all.every((h) => h.verdict === 'adapt') ? all : [];
  const [L, R] = [judgementOf([...own.L, ...shared]), judgementOf([...own.R, ...shared])];
  const together = (own: Judgement, others: Judgement, other: Hand) =>
    own.kind !== 'leaveOut' && restsAsPartner(person, other, others, movement, context)
      ? judgementOf([...own.hits, aloneHit(movement)])
      : own;
  return { L: together(L, R, 'R'), R: together(R, L, 'L') };
}

/** Whether the other hand, which this one needs, may not take its part. */
function restsAsPartner(
  person: Person,
  hand: Hand,
  working: Judgement,
  movement: RowMovement,
  context: ScreeningContext,
): boolean {
  const { hands, help } = movement;
  if (hands === 'apart') return false;
  if (hands !== 'helped' || !help) return working.kind === 'leaveOut';
  const helping = { ...movement, help } satisfies Movement & { help: Help };
  return judgementOf(ruleHits(person, hand, helpExposureOf(helping), context)).kind === 'leaveOut';
}

const aloneHit = ({ oneHanded }: Movement): Hit =>
  oneHanded
    ? { verdict: 'adapt', because: 'the other hand rests', how: oneHanded }
    : {
        verdict: 'leaveOut',
        because: 'it takes both hands, and the other one rests',
        also: ['active', 'warm'],
      };

/** The worst hit wins; hits worst first. */
function judgementOf(hits: readonly Hit[]): Judgement {
  const out = hits.filter((h) => h.verdict === 'leaveOut');
  const adapted = hits.filter((h) => h.verdict === 'adapt');
  return {
    kind: out.length > 0 ? 'leaveOut' : adapted.length > 0 ? 'adapt' : 'do',
    hits: [...out, ...adapted],
  };
}
