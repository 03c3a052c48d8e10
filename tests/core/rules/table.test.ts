import { readdirSync } from 'node:fs';
import { CATALOGUE } from '@/catalogue/movements';
import { checkPlan } from '@/core/plan/check/check';
import { isMuted } from '@/core/plan/edit/mute';
import { muteSchema, type Plan } from '@/core/plan/plan';
import { RULE_LETTERS, ruleOf } from '@/core/plan/check/rules';
import { person } from '../people';
import { facts, planWith } from '../plans';

const RULES = RULE_LETTERS.flatMap((letter) => letter.rules);

test('every rule has a code, a title, a reason and a source of its own', () => {
  const codes = RULES.map((r) => r.code);
  expect(new Set(codes).size).toBe(codes.length);
  expect(new Set(RULES.map((r) => r.title)).size).toBe(codes.length);
  for (const rule of RULES) {
    expect(muteSchema.safeParse({ code: rule.code, reason: '' }).success).toBe(true);
    expect(rule.title).toMatch(/^[A-Z].*[^.]$/);
    expect(rule.reason).toMatch(/^[A-Z].*\.$/);
    expect(rule.source).not.toBe('');
  }
});

test('every file of rules is in the table, under its letter and in the order of its codes', () => {
  const folder = 'src/core/plan/check/rules';
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.includes('/') && f.endsWith('.ts') && !f.endsWith('/index.ts'),
  );
  expect(RULES).toHaveLength(files.length);
  for (const { rules } of RULE_LETTERS) {
    const [letter] = rules[0]!.code;
    expect(rules.every((r) => r.code.startsWith(letter!))).toBe(true);
    expect(rules.map((r) => r.code)).toEqual(rules.map((_, i) => `${letter}${i + 1}`));
  }
});

test('muting a rule mutes that rule and no other', () => {
  for (const { code: muted } of RULES) {
    const plan = { ...planWith({}), mutes: [{ code: muted, reason: 'It is so today' }] };
    expect(
      RULES.filter(({ code, severity }) => isMuted({ code, severity }, plan)).map((r) => r.code),
    ).toEqual([muted]);
  }
});

describe('balls to be wiped, and somebody who must not touch latex', () => {
  const latex = CATALOGUE.movements.find(
    ({ propId }) =>
      propId !== null && CATALOGUE.prop(propId)!.latex && CATALOGUE.prop(propId)!.edge === 'soft',
  )!;
  const allergic = person({
    conditions: [{ conditionId: 'latex', side: 'none', state: 'settled', since: null, spots: [] }],
  });
  const plan = planWith({ grip: [latex.id] });
  const given = facts({ people: [person(), allergic], bag: { [latex.propId!]: 1 } });
  const texts = (mutes: Plan['mutes']) => checkPlan({ ...plan, mutes }, given).findings.map((f) => f.text);

  test('each is muted by itself, and is listed as muted with its own reason', () => {
    const all = checkPlan(plan, given).findings;
    const [wipe, warning] = ['K3', 'K5'].map((code) => all.find((f) => f.code === code)!);
    for (const f of [wipe!, warning!]) {
      const mutes = [{ code: f.code, reason: 'They bring their own' }];
      expect(texts(mutes)).toEqual(all.map((x) => x.text).filter((t) => t !== f.text));
      const [muted] = checkPlan({ ...plan, mutes }, given).muted;
      expect(muted).toEqual({ ...f, because: ruleOf(f.code)!.reason });
    }
  });
});
