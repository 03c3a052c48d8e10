import { fullName, seatingOf } from '../people';
import type { ClassFacts, Plan, PlanCheck } from '../plan';
import { clockText, nameList, sentences } from '../words';
import { cueLines, type CueLine, type OwnWayLine } from './cue-lines';
import {
  bold,
  paragraph,
  soft,
  words,
  type SheetBlock,
  type SheetColumn,
  type Piece,
  type SheetRow,
} from './sheet';

type Room = {
  readonly plan: Plan;
  readonly check: Pick<PlanCheck, 'timing' | 'verdicts'>;
  readonly facts: ClassFacts;
  readonly helpers: readonly string[];
  /** Also what everyone may do instead, easier, stronger or with nothing in the hands; it takes more paper. */
  readonly withOtherWays?: boolean;
  /** With a small picture of each movement and what is done in one sentence; it takes twice the paper. */
  readonly withPictures?: boolean;
};

const MANY = 60;

const COLUMNS: readonly SheetColumn[] = [
  { head: null, share: 6 },
  { head: null, share: 21 },
  { head: null, share: 24 },
  { head: null, share: 66 },
];
const WITH_PICTURES: readonly SheetColumn[] = [
  { head: null, share: 9.5 },
  { head: null, share: 24 },
  { head: null, share: 29 },
  { head: null, share: 15.5 },
  { head: null, share: 60 },
];

/** The class on paper: time, name, cord, what to say, who does it their own way, what changes hands. */
export function cueSheet({
  plan,
  check,
  facts,
  helpers,
  withOtherWays = false,
  withPictures = false,
}: Room): readonly SheetBlock[] {
  const { throughout, sections } = cueLines(plan, check, facts);
  if (sections.length === 0) return [words('There are no rows in this plan yet.')];
  const seats = seatingOf(facts.people, helpers).map((seat) =>
    paragraph(bold(seat.helper ?? 'Nobody yet'), {
      text: ` sits beside ${nameList(seat.people.map(fullName), MANY)}.`,
    }),
  );
  return [
    ...seats,
    ...throughout.map(({ way, names }) =>
      paragraph(bold(nameList(names, MANY)), { text: `, throughout: ${way}.` }),
    ),
    {
      kind: 'table',
      name: 'The running order',
      columns: withPictures ? WITH_PICTURES : COLUMNS,
      nameColumn: 1,
      groups: sections.map(({ name, lines }) => ({
        name,
        rows: lines.map((line) =>
          rowOf(withOtherWays ? line : { ...line, otherWays: [] }, plan.breathMs, withPictures),
        ),
      })),
    },
  ];
}

const rowOf = (line: CueLine, breathMs: number, withPictures: boolean): SheetRow => [
  [words(clockText(line.startMs))],
  [
    paragraph(bold(line.title)),
    ...(line.note ? [paragraph(soft(line.note))] : []),
    ...(line.collect ? [words(`take back ${line.collect}`)] : []),
    ...(line.handOut ? [words(`hand out ${line.handOut}`)] : []),
  ],
  line.count
    ? [
        words(line.count.words),
        { kind: 'cord', dose: line.count.dose, purpose: line.count.purpose, of: line.count.of, breathMs },
      ]
    : [],
  ...(withPictures ? [pictureOf(line)] : []),
  [
    ...(withPictures && line.what ? [words(line.what)] : []),
    ...sayAndWatch(line),
    ...forAll(line.otherWays),
    ...ownWays(line.ownWays),
  ],
];

const pictureOf = ({ figure, what }: CueLine): readonly Piece[] =>
  figure ? [{ kind: 'picture', figure, shows: what }] : [];

function sayAndWatch({ say, watch }: CueLine): readonly Piece[] {
  const said = say ? [{ text: `${sentences([say])} ` }] : [];
  const watched = watch ? [soft(`Watch: ${watch.toLowerCase()}.`)] : [];
  return say || watch ? [paragraph(...said, ...watched)] : [];
}

const forAll = (ways: CueLine['otherWays']): readonly Piece[] =>
  ways.length === 0
    ? []
    : [
        paragraph(
          ...ways.flatMap(([name, words]) => [soft(`${name}: `), { text: `${words.replace(/\.$/, '')}.  ` }]),
        ),
      ];

/** All in one paragraph, so that many people take little paper. */
const ownWays = (ways: readonly OwnWayLine[]): readonly Piece[] =>
  ways.length === 0
    ? []
    : [
        paragraph(
          ...ways.flatMap(({ way, names }) => [bold(`${nameList(names, MANY)}: `), { text: `${way}.  ` }]),
        ),
      ];
