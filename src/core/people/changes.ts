import { measureName, measureText, simulatedMark } from './measures';
import type { Measure } from './measures';
import type { PersonCondition, PersonFields } from './person';

/** Names of what is changed, as a screen says them. */
export type ChangeNames = {
  readonly condition: (id: string) => string;
  readonly prop: (id: string) => string;
};

/** What changed between two records of a person, one sentence each; none when nothing did. */
export function changesBetween(
  before: PersonFields,
  after: PersonFields,
  names: ChangeNames,
): readonly string[] {
  return [
    ...wordsChange('First name', before.firstName, after.firstName),
    ...wordsChange('Initial', before.initial, after.initial),
    ...(before.dominantHand === after.dominantHand
      ? []
      : [`Writes with the ${after.dominantHand === 'L' ? 'left' : 'right'} hand`]),
    ...wordsChange('Wants to be able to', before.wantedTask, after.wantedTask),
    ...(before.notes === after.notes ? [] : ['Notes changed']),
    ...((before.contact ?? '') === (after.contact ?? '') ? [] : ['Emergency contact changed']),
    ...wordsChange('Agreed to this record on', before.agreedOn ?? '', after.agreedOn ?? ''),
    ...(before.screened === after.screened
      ? []
      : [after.screened ? 'Screening questions answered' : 'Screening questions open again']),
    ...wordsChange('Help needed', String(before.assistance), String(after.assistance)),
    ...wordsChange('Height, cm', numberText(before.heightCm), numberText(after.heightCm)),
    ...wordsChange('Mass, kg', numberText(before.massKg), numberText(after.massKg)),
    ...conditionChanges(before.conditions, after.conditions, names),
    ...listChange(
      'Comfortable',
      before.positions.map((p) => POSITION_NAMES[p]),
      after.positions.map((p) => POSITION_NAMES[p]),
    ),
    ...listChange('Does not use', before.propsOut.map(names.prop), after.propsOut.map(names.prop)),
    ...listChange(
      'Has at home',
      (before.propsHome ?? []).map(names.prop),
      (after.propsHome ?? []).map(names.prop),
    ),
    ...clearanceChanges(before, after),
    ...measureChanges(before, after),
  ];
}

const numberText = (n: number | undefined): string => (n === undefined ? '' : String(n));

const POSITION_NAMES = { chair: 'chair', table: 'table', standing: 'standing', floor: 'floor' } as const;
const SIDE_NAMES = { L: ', left', R: ', right', both: ', both hands', none: '' } as const;

function wordsChange(what: string, before: string, after: string): string[] {
  if (before === after) return [];
  return [
    after === '' ? `${what}: taken out` : `${what}: ${after}${before === '' ? '' : `, before ${before}`}`,
  ];
}

function conditionChanges(
  before: readonly PersonCondition[],
  after: readonly PersonCondition[],
  { condition }: ChangeNames,
): string[] {
  const same = (a: PersonCondition) => (b: PersonCondition) =>
    a.conditionId === b.conditionId && a.side === b.side;
  const name = (c: PersonCondition) => `${condition(c.conditionId)}${SIDE_NAMES[c.side]}`;
  return [
    ...after.flatMap((c) => {
      const old = before.find(same(c));
      if (!old) return [`${name(c)}: recorded, ${c.state}`];
      const settled = old.state === 'flare' && c.settledOn ? `, settled on ${c.settledOn}` : '';
      if (old.state !== c.state) return [`${name(c)}: now ${c.state}, before ${old.state}${settled}`];
      return [
        ...(old.spots.join() === c.spots.join() ? [] : [`${name(c)}: places changed`]),
        ...((old.settledOn ?? null) === (c.settledOn ?? null) || !c.settledOn
          ? []
          : [`${name(c)}: flare settled on ${c.settledOn}`]),
        ...(old.since === c.since ? [] : [`${name(c)}: ${c.since ? `since ${c.since}` : 'no day said'}`]),
      ];
    }),
    ...before.filter((c) => !after.some(same(c))).map((c) => `${name(c)}: taken out`),
  ];
}

function listChange(what: string, before: readonly string[], after: readonly string[]): string[] {
  if ([...before].sort().join() === [...after].sort().join()) return [];
  return [`${what}: ${after.join(', ') || 'nothing'}`];
}

function clearanceChanges(before: PersonFields, after: PersonFields): string[] {
  const key = (c: PersonFields['clearances'][number]) => JSON.stringify(c);
  const had = new Set(before.clearances.map(key));
  const has = new Set(after.clearances.map(key));
  const words = (c: PersonFields['clearances'][number]) =>
    `${c.scope}${c.side && c.side !== 'both' ? (c.side === 'L' ? ', left' : ', right') : ''} by ${c.by}${c.until ? `, until ${c.until}` : ''}`;
  return [
    ...after.clearances.filter((c) => !had.has(key(c))).map((c) => `Clearance recorded: ${words(c)}`),
    ...before.clearances.filter((c) => !has.has(key(c))).map((c) => `Clearance taken out: ${words(c)}`),
  ];
}

function measureChanges(before: PersonFields, after: PersonFields): string[] {
  const place = (m: Measure) => `${m.kind} ${m.hand} ${m.on}`;
  const key = (m: Measure) => `${place(m)} ${m.value}`;
  const had = new Set(before.measures.map(key));
  const has = new Set(after.measures.map((m) => place(m)));
  const words = (m: Measure) =>
    `${measureName(m).toLowerCase()}: ${measureText(m.kind, m.value)}${simulatedMark(m)}`;
  return [
    ...after.measures.filter((m) => !had.has(key(m))).map((m) => `Measured ${words(m)}`),
    ...before.measures
      .filter((m) => !has.has(place(m)))
      .map((m) => `Measure taken out, ${words(m)} of ${m.on}`),
  ];
}
