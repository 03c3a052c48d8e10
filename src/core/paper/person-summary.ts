import { measureName, measureText, painPair, simulatedMark, type ClassLine, type Person } from '../people';
import { CHANGE_WORDS, LOOK_BACK_WORDS, type LookBack, type MeasureResult } from '../measure';
import { METRIC, type Units } from '../units';
import { capital, plural, sentences } from '../words';
import { bold, paragraph, soft, words, type SheetBlock, type DayWords } from './sheet';

type Told = {
  readonly person: Pick<Person, 'wantedTask'>;
  readonly results: readonly MeasureResult[];
  readonly classes: readonly ClassLine[];
  readonly lookBack: LookBack;
  readonly home: { readonly cards: number; readonly days: number };
  readonly say: DayWords;
  readonly units?: Units;
};

/** How it has gone for one person, to be handed to them: what was measured, what was said, no diagnosis. */
export function personSummary({
  person,
  results,
  classes,
  lookBack,
  home,
  say,
  units = METRIC,
}: Told): readonly SheetBlock[] {
  const came = classes.filter((c) => c.present).length;
  return [
    ...(person.wantedTask ? [words(`Wants to ${person.wantedTask}.`)] : []),
    paragraph(bold(`${LOOK_BACK_WORDS[lookBack.kind]}. `), {
      text: sentences(lookBack.reasons.map(capital)),
    }),
    { kind: 'heading', text: 'Measured' },
    ...(results.length > 0
      ? [
          measuredTable(results, say, units),
          words('Changes smaller than the last column may be chance.', 'small'),
        ]
      : [words('Nothing is measured yet.')]),
    { kind: 'heading', text: 'Classes' },
    words(
      `Came to ${came} of ${classes.length}.${home.cards > 0 ? ` At home: ${plural(home.days, 'day')} told of, from ${plural(home.cards, 'card')}.` : ''}`,
    ),
    ...(classes.length > 0 ? [classesTable(classes, say)] : []),
    paragraph(
      soft(
        'Facts and measures only, from an exercise class; not a diagnosis. Your own clinician comes first.',
      ),
    ),
  ];
}

const measuredTable = (results: readonly MeasureResult[], say: DayWords, units: Units): SheetBlock => ({
  kind: 'table',
  name: 'Measures of each hand',
  columns: [
    { head: 'Measure', share: 30 },
    { head: 'First', share: 20 },
    { head: 'Now', share: 20 },
    { head: 'Result', share: 18 },
    { head: 'Counts as a change', share: 18 },
  ],
  nameColumn: 0,
  groups: [
    {
      name: null,
      rows: results.map((r) => [
        [words(measureName(r))],
        [words(measureText(r.kind, r.baseline, units)), words(dayOf(r.points[0]!, say), 'small')],
        r.now === null
          ? []
          : [words(measureText(r.kind, r.now, units)), words(dayOf(r.points.at(-1)!, say), 'small')],
        [paragraph(bold(CHANGE_WORDS[r.change]))],
        [words(measureText(r.kind, r.threshold, units))],
      ]),
    },
  ],
});

/** The day of a reading, and that it was simulated where it was. */
const dayOf = (point: MeasureResult['points'][number], say: DayWords): string =>
  `${say.short(point.day)}${simulatedMark(point)}`;

const classesTable = (classes: readonly ClassLine[], say: DayWords): SheetBlock => ({
  kind: 'table',
  name: 'Classes',
  columns: [
    { head: 'Day', share: 24 },
    { head: 'Pain before, left and right', share: 30 },
    { head: 'Pain after, left and right', share: 30 },
    { head: 'Effort', share: 16 },
  ],
  nameColumn: 0,
  groups: [
    {
      name: null,
      rows: [...classes]
        .reverse()
        .map((c) => [
          [words(say.short(c.day))],
          [words(c.present ? painPair(c.painBefore) : 'away')],
          [words(c.present ? painPair(c.painAfter) : '')],
          [words(c.present ? `${c.effort ?? 'not said'}` : '')],
        ]),
    },
  ],
});
