import type { Clearance, Measure, PersonCondition, PersonFields } from '@/core/people';

export type DemoPerson = {
  readonly fields: PersonFields;
  readonly groups: readonly ('wed' | 'fri')[];
  /** The first week on the list; 1 unless said. */
  readonly fromWeek: number;
  readonly missed: readonly number[];
};

/** A day `n` days from the day the demo is loaded. */
export type DayFrom = (days: number) => string;

type Extra = Partial<Omit<DemoPerson, 'fields'>> & Partial<PersonFields>;

const condition = (
  conditionId: string,
  side: PersonCondition['side'],
  state: PersonCondition['state'] = 'settled',
  since: string | null = null,
  spots: string[] = [],
): PersonCondition => ({ conditionId, side, state, since, spots });

const person = (
  name: string,
  wantedTask: string,
  conditions: PersonCondition[],
  { groups = ['wed'], fromWeek = 1, missed = [], ...rest }: Extra = {},
): DemoPerson => {
  const [firstName, initial] = name.split(' ') as [string, string];
  const fields: PersonFields = {
    firstName,
    initial,
    dominantHand: 'R',
    screened: true,
    assistance: 0,
    wantedTask,
    notes: '',
    clearances: [],
    positions: ['chair', 'table'],
    propsOut: [],
    measures: [],
    ...rest,
    conditions,
  };
  return { fields, groups, fromWeek, missed };
};

const measure = (hand: Measure['hand'], kind: Measure['kind'], value: number, on: string): Measure => ({
  hand,
  kind,
  value,
  on,
});

/** Twenty people: fifteen on Wednesday's list, eight on Friday's, three on both. */
export function demoPeople(day: DayFrom): readonly DemoPerson[] {
  const cleared = (scope: Clearance['scope'], what: string, until: number | null): Clearance => ({
    scope,
    side: 'both',
    by: 'Dr Anholt',
    on: day(-35),
    until: until === null ? null : day(until),
    what,
  });
  return [
    person('Ansel B', 'turn the stiff tap by the water butt', [condition('hand-oa', 'R')], {
      propsHome: ['cloth', 'foam-ball'],
      heightCm: 172,
      massKg: 78,
    }),
    person(
      'Bashir K',
      'squeeze the secateurs again',
      [condition('thumb-base', 'both', 'settled', null, ['thumb.cmc'])],
      {
        missed: [1],
      },
    ),
    person('Corin W', 'prick out seedlings', [condition('tremor', 'none')], { dominantHand: 'L' }),
    person(
      'Delphine M',
      'do up a coat without help',
      [
        condition('inflammatory', 'L'),
        condition('inflammatory', 'R', 'flare', day(-3), ['index.mcp', 'middle.mcp']),
      ],
      { groups: ['wed', 'fri'], notes: 'Two finger joints on the right are hot at the moment.' },
    ),
    person('Esi O', 'lift the full watering can', [condition('osteoporosis', 'none')], {
      clearances: [cleared('seated loading', 'seated loading, no standing leans', 12)],
    }),
    person(
      'Ferran R',
      'push the barrow to the heap',
      [condition('wrist-fracture', 'L', 'not cleared', day(-63))],
      {
        notes: 'Broke the left wrist nine weeks ago. Clinic letter expected.',
      },
    ),
    person('Gudrun T', 'hold a book in bed', [condition('median-nerve', 'R')]),
    person('Hamish S', 'shake hands flat', [condition('palm-cord', 'R')], {
      missed: [2, 3],
      heightCm: 176,
      massKg: 84,
    }),
    person('Ilse P', 'open a seed tub', [condition('fragile-skin', 'none')], {
      groups: ['wed', 'fri'],
      heightCm: 155,
      massKg: 52,
    }),
    person('Joaquim A', 'carry two cups', [condition('one-sided-weakness', 'L')], {
      assistance: 2,
      notes: 'Left side weak since a stroke. Odile places his hand.',
    }),
    person(
      'Keiko D',
      'write plant labels',
      [condition('poor-sight', 'none'), condition('poor-hearing', 'none')],
      { propsHome: ['cloth'] },
    ),
    person('Lorna V', 'tie up the beans', [condition('latex', 'none')], { propsOut: ['rubber-band'] }),
    person('Mirek Z', 'saw a branch', [condition('blood-pressure', 'none')], {
      fromWeek: 3,
      notes: 'Joined in week 3.',
      heightCm: 179,
      massKg: 90,
    }),
    person(
      'Nadia F',
      'knead bread',
      [condition('old-fracture', 'R', 'settled', null, ['wrist']), condition('hand-oa', 'L')],
      {
        groups: ['wed', 'fri'],
        heightCm: 163,
        massKg: 66,
        measures: [
          measure('R', 'extension', 35, day(-20)),
          measure('L', 'extension', 60, day(-20)),
          measure('R', 'grip', 14, day(-20)),
          measure('L', 'grip', 19, day(-20)),
        ],
      },
    ),
    person('Otto H', 'fill the bird feeder', [], {
      screened: false,
      fromWeek: 4,
      notes: 'New this week, form not back yet.',
    }),
    person(
      'Petra L',
      'peel potatoes',
      [condition('trigger-finger', 'R'), condition('hand-oa', 'both'), condition('eye-pressure', 'none')],
      {
        groups: ['fri'],
      },
    ),
    person(
      'Quentin J',
      'button a shirt',
      [condition('reduced-feeling', 'both'), condition('cold-fingers', 'none')],
      {
        groups: ['fri'],
        assistance: 1,
      },
    ),
    person(
      'Rosa E',
      'turn a key',
      [
        condition('thumb-tendon', 'R'),
        condition('swollen-arm', 'L'),
        condition('hand-surgery', 'L', 'not cleared', day(-10)),
      ],
      {
        groups: ['fri'],
      },
    ),
    person(
      'Sunniva C',
      'hang out washing',
      [
        condition('shoulder', 'none'),
        condition('balance', 'none'),
        condition('spine-fracture', 'none'),
        condition('joint-repair', 'R'),
      ],
      {
        groups: ['fri'],
      },
    ),
    person(
      'Teodor N',
      'hold cards',
      [condition('memory', 'none'), condition('fixed-ring', 'L'), condition('pacemaker', 'none')],
      {
        groups: ['fri'],
        assistance: 1,
      },
    ),
  ];
}
