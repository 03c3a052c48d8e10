import { doneWith, type Catalogue } from '../catalogue';
import { toldDose } from '../dose';
import {
  aboutMinutes,
  dayMs,
  goMs,
  HOME_BREATH_MS,
  homeDays,
  littleAndOften,
  needsDayBetween,
  weeklyTotal,
  whenText,
  type HomeHours,
} from '../home';
import type { Person } from '../people';
import { movementOfRow, type MovementRow, type Pace } from '../plan';
import { plural } from '../words';
import { bold, paragraph, soft, words, type Beside, type SheetBlock, type DayWords } from './sheet';

type Given = {
  readonly rows: readonly MovementRow[];
  readonly timesADay: number;
  readonly hours: HomeHours;
  readonly wantedTask: Person['wantedTask'];
  readonly classDay: string;
  /** Null where no next class is planned. */
  readonly nextDay: string | null;
  readonly catalogue: Catalogue;
  /** The pace at which it was taught; left out where it is not known. */
  readonly pace?: Pace;
  readonly say: DayWords;
};

/** One person's card: each thing drawn, its cord, the days to tick, and when to stop. */
export function homeCard(given: Given): readonly SheetBlock[] {
  const { rows, timesADay, hours, wantedTask, nextDay, say, catalogue, pace } = given;
  const times = littleAndOften(timesADay, hours);
  const often = times.length === 1 ? 'once a day' : `${times.length} times a day, ${whenText(times)}`;
  const items = rows.flatMap((row) => {
    const movement = movementOfRow(row, catalogue);
    return movement ? [{ ms: goMs([row], catalogue, pace), dayBetween: needsDayBetween(movement) }] : [];
  });
  const aDay = aboutMinutes(dayMs(items, times.length));
  return [
    words(
      `Little and often: ${often}, ${aboutMinutes(goMs(rows, catalogue, pace))} each time${times.length > 1 ? `, ${aDay} a day` : ''}.${wantedTask && ` To help you ${wantedTask}.`}`,
      'large',
    ),
    { kind: 'figures', abreast: 1, items: rows.flatMap((row) => cardItem(row, times.length, given)) },
    paragraph(bold('Stop'), {
      text: ' at pain over 5 of 10, or at sharp or shooting pain, new numbness or tingling that stays, or a joint that is suddenly hot or swollen; rest, and ask your clinician. If it hurts more two hours later than before you began, do fewer next time.',
    }),
    ...(nextDay ? [words(`Bring this card on ${say.long(nextDay)}.`)] : []),
  ];
}

function cardItem(row: MovementRow, times: number, given: Given): readonly Beside[] {
  const { catalogue, classDay, nextDay, say } = given;
  const movement = movementOfRow(row, catalogue);
  if (!movement) return [];
  const prop = movement.propId ? catalogue.prop(movement.propId) : undefined;
  const days = homeDays(classDay, nextDay, times, needsDayBetween(movement));
  const total = weeklyTotal(days, row.dose);
  return [
    {
      figure: catalogue.figure(movement.id) ?? null,
      shows: movement.what,
      pieces: [
        { kind: 'text', runs: [bold(movement.name)], size: 'large' },
        words(movement.what),
        paragraph(bold(toldDose(row.dose, doneWith(movement)))),
        ...(prop
          ? [words(`With ${article(prop.name)} ${prop.name.toLowerCase()}, or ${prop.substitute}.`)]
          : []),
        {
          kind: 'cord',
          dose: row.dose,
          purpose: movement.purpose,
          of: doneWith(movement),
          breathMs: HOME_BREATH_MS,
        },
        {
          kind: 'days',
          days: days.map((d) => ({
            label: say.short(d.day).split(' ').slice(0, 2).join(' '),
            times: d.times,
          })),
        },
        {
          kind: 'text',
          runs: [
            soft(
              `${plural(total.goes, 'time')} altogether: ${total.left} with the left, ${total.right} with the right`,
            ),
          ],
          size: 'small',
        },
      ],
    },
  ];
}

const article = (name: string): string => (/^[aeiou]/i.test(name) ? 'an' : 'a');
