import { isSeated, type Catalogue, type Movement, type OwnMovement } from '@/core/catalogue';
import { withSteps, withWholePoses } from '@/core/hand';
import { LINKS } from './movements/entry';

/** Stands in until the server gives a new movement its id. */
export const NEW_ID = 'own-00000000-0000-0000-0000-000000000000';

/** What a movement that is made from nothing starts as. */
const PLAIN = 'wrist-bend';

/** A new own movement: a copy of one there is, or a plain one whose words are still to be written. */
export function startOf(from: string | undefined, catalogue: Catalogue): OwnMovement {
  const copied = from ? catalogue.movement(from) : undefined;
  const movement = copied ?? catalogue.movement(PLAIN)!;
  const { motion, ...rest } = catalogue.figure(movement.id)!;
  const figure = { ...rest, motion: withWholePoses(motion) };
  const words = copied
    ? { name: `${movement.name}, my way`.slice(0, 60) }
    : { name: '', what: '', cues: ['', ''], watch: [''] };
  return { movement: { ...movement, ...words, id: NEW_ID }, figure };
}

/** What follows from what was chosen, so that nobody has to say it twice. */
export function completed({ movement: m, figure }: OwnMovement): OwnMovement {
  const links = LINKS[m.effort];
  const needsOff = m.positions.includes('floor') || m.traits.includes('impact');
  const seatedFirst = [...m.positions].sort((a, b) => SEATS.indexOf(a) - SEATS.indexOf(b));
  const { count } = m.dose;
  return {
    movement: {
      ...m,
      cues: filled(m.cues),
      watch: filled(m.watch),
      positions: isSeated(m) ? seatedFirst : m.positions,
      seatedAlternative: isSeated(m) ? null : (m.seatedAlternative ?? 'table-lean'),
      clearanceReason: needsOff
        ? (m.clearanceReason ?? 'Off until somebody’s clinician has cleared loading for them.')
        : null,
      loadSetUp: m.effort === 'load' ? (m.loadSetUp ?? 'thighs') : null,
      help: m.hands === 'helped' ? (m.help ?? 'draws') : null,
      oneHanded: m.hands === 'apart' ? null : m.oneHanded,
      passes: allPasses(m),
      lengthMs: stretchedTo(m),
      follows: links.follows,
      counters: links.counters,
    },
    figure: count.mode === 'sequence' ? { ...figure, motion: withSteps(figure.motion, count.steps) } : figure,
  };
}

/** Every pass it has, those of its dose among them. */
function allPasses({ passes, dose }: Movement): Movement['passes'] {
  const names = new Set(passes.map((p) => p.name));
  return [...passes, ...dose.passes.filter((p) => !names.has(p.name))];
}

const SEATS = ['chair', 'table', 'standing', 'floor'];
const filled = (lines: readonly string[]): string[] => lines.map((l) => l.trim()).filter(Boolean);

/** The usual hold always lies between the shortest and the longest. */
function stretchedTo({ lengthMs, dose: { count } }: Movement): Movement['lengthMs'] {
  if (!lengthMs || count.mode !== 'hold') return lengthMs;
  return [Math.min(lengthMs[0], count.holdMs), Math.max(lengthMs[1], count.holdMs)];
}
