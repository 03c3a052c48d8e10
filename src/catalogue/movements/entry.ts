import type { EffortKind, Movement, Phases, RungChange, RungDetail } from '@/core/catalogue';
import { OTHER_PROPS } from './other-props';
import { SAID } from './said';
import { TWO_HANDED } from './two-handed';

type Defaulted =
  | 'also'
  | 'traits'
  | 'positions'
  | 'seatedAlternative'
  | 'clearanceReason'
  | 'loadSetUp'
  | 'hands'
  | 'help'
  | 'oneHanded'
  | 'propId'
  | 'alsoWith'
  | 'aids'
  | 'noProp'
  | 'passes'
  | 'effortOf10'
  | 'lengthMs'
  | 'phases'
  | 'follows'
  | 'counters'
  | 'felt'
  | 'goodFor';

type Step = readonly [changes: RungChange, words: string, detail?: RungDetail];

export type Entry = Omit<Movement, Defaulted | 'rungs'> &
  Partial<Pick<Movement, Defaulted>> & {
    /** Rungs below the usual form, gentlest first, and above it. */
    readonly easier: readonly Step[];
    readonly stronger: readonly Step[];
  };

/** What each kind of work should come after, and what puts right what it does. */
export const LINKS: Readonly<
  Record<EffortKind, { follows: readonly string[]; counters: readonly string[] }>
> = {
  notice: { follows: [], counters: [] },
  breath: { follows: [], counters: [] },
  warm: { follows: ['look-at-hands'], counters: [] },
  active: { follows: ['warm-palms'], counters: ['wrist-shake'] },
  coordination: { follows: ['open-close'], counters: ['wrist-shake'] },
  stretch: { follows: ['open-close', 'wrist-bend'], counters: ['wrist-shake'] },
  isometric: { follows: ['wrist-bend'], counters: ['wrist-shake'] },
  grip: { follows: ['open-close', 'alternate-fists'], counters: ['spread-against-hand', 'wrist-shake'] },
  pinch: { follows: ['thumb-to-tips'], counters: ['thumb-out-across', 'spread-against-hand'] },
  opening: { follows: ['open-close'], counters: ['wrist-shake'] },
  load: { follows: ['wrist-bend', 'palms-press'], counters: ['backs-together', 'wrist-shake'] },
  tap: { follows: ['warm-palms'], counters: ['stroke-arms', 'wrist-shake'] },
  massage: { follows: [], counters: [] },
};

const EVEN: Phases = { work: 'there', back: 'back', workShare: 0.5, breath: 'as it comes' };

/** A catalogue entry; what is not said is the plain case: in a chair, no prop, done one way. */
export function movement({ easier, stronger, ...entry }: Entry): Movement {
  const rung = ([changes, words, detail]: Step) => ({ changes, words, ...detail });
  const notItself = (ids: readonly string[]) => ids.filter((id) => id !== entry.id);
  return {
    also: [],
    traits: [],
    positions: ['chair'],
    seatedAlternative: null,
    clearanceReason: null,
    loadSetUp: null,
    hands: 'apart',
    help: null,
    oneHanded: null,
    ...TWO_HANDED[entry.id],
    propId: null,
    alsoWith: [],
    aids: [],
    ...OTHER_PROPS[entry.id],
    felt: '',
    goodFor: '',
    ...SAID[entry.id],
    noProp: 'Nothing is needed.',
    passes: entry.dose.passes,
    effortOf10: 1,
    lengthMs: null,
    phases: EVEN,
    follows: notItself(LINKS[entry.effort].follows),
    counters: notItself(LINKS[entry.effort].counters),
    rungs: [...easier.map(rung), { changes: null, words: 'as described' }, ...stronger.map(rung)],
    ...entry,
  };
}
