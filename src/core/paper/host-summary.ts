import { MIN_GROUP_REPORTED, type GroupSummary } from '../measure';
import { MEASURES } from '../people';
import { nameList, plural } from '../words';
import { paragraph, soft, words, type SheetBlock } from './sheet';

type Told = {
  /** Classes written up. */
  readonly classes: number;
  /** People who came at least once; null where they are too few to be told. */
  readonly people: number | null;
  /** Mean of the people at a class; null likewise. */
  readonly came: number | null;
  readonly summary: GroupSummary;
};

/** A term told to whoever hosts the class: counts and no names. */
export function hostSummary({
  classes,
  people,
  came,
  summary: { lines, kept },
}: Told): readonly SheetBlock[] {
  const who = people === null ? '; too few people to report' : `, ${people} people came at least once`;
  const mean = came === null ? '' : `, ${came.toFixed(1)} to a class on average`;
  return [
    words(`${plural(classes, 'class', 'classes')} taught${who}${mean}.`, 'large'),
    lines.length > 0
      ? {
          kind: 'table',
          name: 'Measured in the term',
          columns: [
            { head: 'Measured', share: 40 },
            ...['People', 'Better', 'No real change', 'Worse'].map((head) => ({
              head,
              share: 15,
              end: true as const,
            })),
          ],
          nameColumn: 0,
          groups: [
            {
              name: null,
              rows: lines.map((l) => [
                [words(MEASURES[l.kind].name)],
                ...[l.people, l.better, l.same, l.worse].map((n) => [words(`${n}`)]),
              ]),
            },
          ],
        }
      : words(`Nothing was measured twice of ${MIN_GROUP_REPORTED} people or more.`),
    ...(kept.length > 0
      ? [
          paragraph(
            soft(
              `Measured of fewer than ${MIN_GROUP_REPORTED} and so not told: ${nameList(
                kept.map((k) => MEASURES[k].name.toLowerCase()),
                10,
              )}.`,
            ),
          ),
        ]
      : []),
    paragraph(
      soft(
        'First day of the term against the last. Better and worse are real changes, over the threshold of each measure; a person whose one hand got worse counts as worse.',
      ),
    ),
  ];
}
