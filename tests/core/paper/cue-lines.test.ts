import { easierOf, strongerOf } from '@/core/catalogue';
import { cueSheet } from '@/core/paper';
import { cueLines, type CueLine } from '@/core/paper/cue-lines';
import { checkPlan } from '@/core/plan/check/check';
import { placedRows } from '@/core/plan/plan';
import { wednesdayPlan } from '@/demo/plans';
import { demoPeople } from '@/demo/people';
import type { Person } from '@/core/people/person';
import { facts, planWith, rest, talk } from '../plans';
import { person } from '../people';

const sheetOf = (plan = planWith({}), people: readonly Person[] = [person()]) => {
  const f = facts({ people });
  return cueLines(plan, checkPlan(plan, f), f);
};
/** Everybody of the demo. */
const demoGroup = (): readonly Person[] =>
  demoPeople(() => '2026-11-01').map(({ fields }, i) => ({ ...fields, id: `p${i}`, archived: false }));
const linesOf = (...args: Parameters<typeof sheetOf>): readonly CueLine[] =>
  sheetOf(...args).sections.flatMap((s) => s.lines);

test('every row of the plan is there once, in its order and at its time; empty sections are left out', () => {
  const plan = wednesdayPlan(4);
  const sheet = sheetOf(plan).sections;
  expect(sheet.flatMap((s) => s.lines.map((l) => l.rowId))).toEqual(placedRows(plan).map((p) => p.row.id));
  const starts = sheet.flatMap((s) => s.lines.map((l) => l.startMs));
  expect([...starts].sort((a, b) => a - b)).toEqual(starts);
  expect(sheet.map((s) => s.name)).toEqual(plan.sections.filter((s) => s.rows.length > 0).map((s) => s.name));
});

test('a movement has its count, what to say and what to watch; talk and breaks have their title', () => {
  const [talked, moved, rested] = linesOf(
    planWith({ arrive: [talk('t', 60)], move: ['wrist-bend', rest('r', 'water')] }),
  );
  expect(talked).toMatchObject({ title: 'Talk', count: null, say: '' });
  expect(moved!.count!.words).toMatch(/times with both hands \(5-10\)$/);
  expect(moved!.say).not.toBe('');
  expect(rested!.count).toBeNull();
});

test('people with the same way stand together, each with their hand; who does it as it is is not named', () => {
  const numb = (firstName: string) =>
    person({
      firstName,
      conditions: [{ conditionId: 'median-nerve', side: 'L', state: 'settled', since: null, spots: [] }],
    });
  const lines = linesOf(
    planWith({ move: ['open-close', 'palms-turn', 'thumb-to-tips'], grip: ['ball-squeeze'] }),
    [person({ firstName: 'Ansel' }), numb('Bea'), numb('Cai')],
  );
  const line = lines.at(-1);
  expect(line!.ownWays).toHaveLength(1);
  expect(line!.ownWays[0]!.names).toEqual(['Bea', 'Cai']);
  expect(line!.ownWays[0]!.way).toMatch(/^left: /);
});

test('what is handed out and taken back is said where it happens', () => {
  const lines = linesOf(planWith({ grip: ['ball-squeeze', 'cloth-wring'] }));
  expect(lines[0]!.handOut).toMatch(/ball/);
  expect(lines[1]).toMatchObject({
    collect: expect.stringMatching(/ball/) as string,
    handOut: expect.stringMatching(/cloth/) as string,
  });
});

test('nobody’s condition is written on it, only what they do', () => {
  const people = demoGroup();
  const text = JSON.stringify(sheetOf(wednesdayPlan(4), people));
  for (const word of ['arthritis', 'osteoporosis', 'weakness', 'fracture', 'tremor', 'pacemaker'])
    expect(text.toLowerCase()).not.toContain(word);
});

test('what somebody is asked nearly always is said once, and nothing that is asked is lost', () => {
  const helped = person({ firstName: 'Joaquim', assistance: 3 });
  const plan = planWith({ move: ['wrist-bend', 'open-close', 'palms-turn'], grip: ['ball-squeeze'] });
  const f = facts({ people: [helped], helpers: 1 });
  const check = checkPlan(plan, f);
  const { throughout, sections } = cueLines(plan, check, f);
  expect(throughout).toHaveLength(1);
  expect(throughout[0]!.names).toEqual(['Joaquim']);
  const said = throughout[0]!.way.split('; ');
  for (const line of sections.flatMap((s) => s.lines)) {
    const { L, R } = check.verdicts.get(line.rowId)!.get(helped.id)!;
    const onRow = line.ownWays.map((w) => w.way).join(' ');
    for (const how of [...L.how, ...R.how]) expect(said.includes(how) || onRow.includes(how)).toBe(true);
  }
});

test('every word that a caution asks of a row is on the sheet, for everybody of the demo', () => {
  const people = demoGroup();
  const plan = wednesdayPlan(4);
  const f = facts({ people });
  const check = checkPlan(plan, f);
  const { throughout, sections } = cueLines(plan, check, f);
  for (const line of sections.flatMap((s) => s.lines))
    for (const p of people) {
      const verdict = check.verdicts.get(line.rowId)?.get(p.id);
      if (!verdict) continue;
      const name = `${p.firstName} ${p.initial}`;
      const words = [...throughout, ...line.ownWays]
        .filter((w) => w.names.includes(name))
        .map((w) => w.way)
        .join(' ');
      for (const { kind, how } of [verdict.L, verdict.R])
        // A number stands for half of one.
        if (kind === 'adapt' || kind === 'swap')
          for (const h of how)
            if (!/^(half the (count|time|hold)|holds of )/.test(h))
              expect(words).toContain(h.replace(/^(lowest rung|easier): /, ''));
    }
});

test('a hand that rests in most rows is said once, and every row in which it does not rest says so', () => {
  const people = demoGroup();
  const plan = wednesdayPlan(4);
  const f = facts({ people });
  const check = checkPlan(plan, f);
  const { throughout, sections } = cueLines(plan, check, f);
  const ferran = people.find((p) => p.firstName === 'Ferran')!;
  expect(throughout.find((w) => w.names.includes('Ferran R'))!.way).toBe(
    'left rests where nothing else is said',
  );
  const lines = sections.flatMap((s) => s.lines).filter((l) => check.verdicts.has(l.rowId));
  const saidOf = (l: CueLine) => l.ownWays.find((w) => w.names.includes('Ferran R'))?.way ?? '';
  for (const line of lines) {
    const left = check.verdicts.get(line.rowId)!.get(ferran.id)!.L.kind;
    if (left === 'leaveOut') expect(saidOf(line)).not.toContain('left');
    else expect(saidOf(line)).toContain('left: ');
    if (left === 'do') expect(saidOf(line)).toContain('left: joins in');
  }
  expect(lines.some((l) => saidOf(l) === '')).toBe(true);
});

test('where it is asked for, a row says what everyone may do instead; else it takes no paper', () => {
  const plan = planWith({ grip: ['ball-squeeze'] });
  const f = facts({ people: [person()] });
  const textOf = (withOtherWays: boolean) =>
    JSON.stringify(cueSheet({ plan, check: checkPlan(plan, f), facts: f, helpers: [], withOtherWays }));
  const ball = f.catalogue.movement('ball-squeeze')!;
  for (const [name, words] of [
    ['Easier', easierOf(ball)],
    ['Stronger', strongerOf(ball)],
    ['Nothing in the hands', ball.noProp.replace(/\.$/, '')],
  ]) {
    expect(textOf(true)).toContain(`${name}: `);
    expect(textOf(true)).toContain(`${words}.  `);
    expect(textOf(false)).not.toContain(`${name}: `);
  }
});
