import { checkPlan } from '@/core/plan/check/check';
import { findRow, type MovementRow } from '@/core/plan/plan';
import { askedThroughout, throughoutWords } from '@/core/screening/asked-throughout';
import { shortAdaptation } from '@/core/screening';
import { person } from './people';
import { facts, planWith } from './plans';

const plan = planWith({
  move: ['wrist-bend', 'wrist-stretch-palm', 'wrist-up-hold'],
  grip: ['ball-squeeze', 'palms-press'],
});
const inFlare = person({
  conditions: [{ conditionId: 'inflammatory', side: 'R', state: 'flare', since: null, spots: [] }],
});
const inPlaster = person({
  conditions: [{ conditionId: 'wrist-fracture', side: 'L', state: 'not cleared', since: null, spots: [] }],
});
const well = person();
const people = [inFlare, inPlaster, well];
const { verdicts } = checkPlan(plan, facts({ people }));
const known = askedThroughout(verdicts.values(), people);

test('how a swap is done is said once for the whole class, in words that can be followed', () => {
  expect(throughoutWords(known.get(inFlare.id)!)).toBe(
    'when doing five-shape tendon glide instead: half the count, half the range, three shapes: straight, hook, soft fist',
  );
});

test('a hand that rests nearly always is told of once, and where it does not', () => {
  expect(throughoutWords(known.get(inPlaster.id)!)).toBe('left rests where nothing else is said');
});

test('nothing is said of who does everything as it is', () => {
  expect(throughoutWords(known.get(well.id)!)).toBe('');
});

test('a row then says what is done instead and no more; who hears nothing for the whole class hears all of it there', () => {
  const verdict = verdicts.get('wrist-up-hold')!.get(inFlare.id)!;
  const { dose } = findRow(plan, 'wrist-up-hold')!.row as MovementRow;
  const once = shortAdaptation(verdict, dose, known.get(inFlare.id)!);
  expect(once).toContain('five-shape tendon glide instead');
  expect(once).not.toContain('half the range');
  const whole = shortAdaptation(verdict, dose, { asked: new Set(), rests: new Set() });
  expect(whole).toContain('five-shape tendon glide instead, half the count, half the range');
});

test('the hand that is kept from more is told of first', () => {
  const { dose } = findRow(plan, 'wrist-up-hold')!.row as MovementRow;
  const told = (who: string) =>
    shortAdaptation(verdicts.get('wrist-up-hold')!.get(who)!, dose, { asked: new Set(), rests: new Set() });
  expect(told(inPlaster.id)).toMatch(/^left: rest; right: /);
  expect(told(inFlare.id)).toMatch(/^right: five-shape .*; left: /);
});

test('in a class of two rows all is said at the rows', () => {
  const short = [...verdicts.values()].slice(0, 2);
  for (const { asked, rests } of askedThroughout(short, people).values())
    expect([...asked, ...rests]).toEqual([]);
});
