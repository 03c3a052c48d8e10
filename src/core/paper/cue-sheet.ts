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
};

const MANY = 60;

const COLUMNS: readonly SheetColumn[] = [
  { head: null, share: 6 },
  { head: null, share: 21 },
  { head: null, share: 24 },
  { head: null, share: 66 },
];

/** The class on one or two sides: time, name, cord, what to say, who does it their own way, what changes hands. */
export function cueSheet({
  plan,
  check,
  facts,
  helpers,
  withOtherWays = false,
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
      columns: COLUMNS,
      nameColumn: 1,
      groups: sections.map(({ name, lines }) => ({
        name,
        rows: lines.map((line) => rowOf(withOtherWays ? line : { ...line, otherWays: [] }, plan.breathMs)),
      })),
    },
  ];
}

const rowOf = (line: CueLine, breathMs: number): SheetRow => [
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
  [...sayAndWatch(line), ...forAll(line.otherWays), ...ownWays(line.ownWays)],
];

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
